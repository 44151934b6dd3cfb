import type { CutPlan, OffcutUse } from '@/core/columns'
import type { CutGroup, Stick } from '@/core/sticks'
import { upTo } from '@/core/units'
import { item } from '@/core/result'
import { inches, mark } from '../crewbook/paper'
import { toCsv } from '../csv'
import { type Places, whereWords } from '../words'

/** What is cut from one kind of board, with the plan of its boards; null where none is found yet. */
export interface CutOf {
  readonly group: CutGroup
  readonly plan: CutPlan | null
  /** Lengths that the plan's patterns count, in its order. */
  readonly lengthsIn: readonly number[]
  /** What is cut first from boards that lie there, each counting the pieces of the group in their order. */
  readonly uses: readonly OffcutUse[]
}

type Row = Readonly<Record<string, string | number>>
interface CutTable {
  readonly name: string
  readonly rows: readonly Row[]
}

/** How an end is sawn: across both ways, and how far the short side stands back. */
function endWords({ cut, backIn, backAcrossIn }: Stick['ends'][number]): string {
  const back = Math.max(Math.abs(backIn), Math.abs(backAcrossIn))
  return back > 0 ? `${cut}, short side ${inches(back)} back` : cut
}

/** Every piece by itself: its label, where it belongs, its board and both its ends. */
const sawRows = (cuts: readonly CutOf[], places: Places): Row[] =>
  cuts.flatMap(({ group }) =>
    group.pieces.flatMap(({ lengthIn, sticks }) =>
      sticks.map((stick) => ({
        label: stick.name,
        kind: stick.kind,
        place: whereWords(stick, places),
        board: group.label,
        length: mark(lengthIn),
        length_in: lengthIn,
        'first end': endWords(stick.ends[0]),
        'second end': endWords(stick.ends[1]),
        notches: stick.cuts.length,
      })),
    ),
  )

/** How many of each length, board by board. */
const pieceRows = (cuts: readonly CutOf[]): Row[] =>
  cuts.flatMap(({ group }) =>
    group.pieces.map(({ lengthIn, count }) => ({
      board: group.label,
      length: mark(lengthIn),
      length_in: lengthIn,
      pieces: count,
    })),
  )

/** What a board is cut into, in words. */
const takesWords = (takes: readonly number[], lengthsIn: readonly number[]): string =>
  takes.flatMap((take, k) => (take > 0 ? [`${take} x ${mark(item(lengthsIn, k))}`] : [])).join('; ')

/** What lies there and is cut first. */
const offcutRows = ({ group, uses }: CutOf): Row[] =>
  uses.map(({ lengthIn, takes, leftIn }) => ({
    board: group.label,
    boards: 1,
    from: 'lies there',
    stock: mark(lengthIn),
    'cut into': takesWords(
      takes,
      group.pieces.map((piece) => piece.lengthIn),
    ),
    'left over, in': Number(upTo(leftIn, 4)),
  }))

/** What is bought, and what it is cut into. A board without a plan says so. */
function boughtRows({ group, plan, lengthsIn }: CutOf): Row[] {
  const none = { board: group.label, boards: 0, from: 'no plan', stock: '', 'cut into': '', 'left over, in': 0 }
  if (!plan) return [none]
  return plan.boards.map(({ count, pattern }) => ({
    board: group.label,
    boards: count,
    from: 'yard',
    stock: mark(pattern.stockIn),
    'cut into': takesWords(pattern.takes, lengthsIn),
    'left over, in': Number(upTo(pattern.offcutIn, 4)),
  }))
}

/** What is sawn from which board: what lies there first. */
export const boardRows = (cut: CutOf): Row[] => [...offcutRows(cut), ...boughtRows(cut)]

/** The cut list as tables: what is sawn from which board, how many of each length, every piece by itself. */
const cutTables = (cuts: readonly CutOf[], places: Places): readonly CutTable[] => [
  { name: 'Boards', rows: cuts.flatMap(boardRows) },
  { name: 'Pieces', rows: pieceRows(cuts) },
  { name: 'Saw list', rows: sawRows(cuts, places) },
]

/** The saw list, piece by piece, as CSV. */
export const sawCsv = (cuts: readonly CutOf[], places: Places): string => toCsv(sawRows(cuts, places))

/** The cut list as a workbook of three sheets. Its cells are text and numbers, never formulas. */
export async function cutXlsx(cuts: readonly CutOf[], places: Places): Promise<Blob> {
  const { default: writeXlsxFile } = await import('write-excel-file/universal')
  const sheets = cutTables(cuts, places).map(({ name, rows }) => {
    const heads = Object.keys(rows[0] ?? {})
    return {
      sheet: name,
      stickyRowsCount: 1,
      columns: heads.map((head) => ({
        width: Math.max(head.length, ...rows.map((row) => String(row[head]).length)) + 2,
      })),
      data: [
        heads.map((value) => ({ value, fontWeight: 'bold' as const })),
        ...rows.map((row) => heads.map((head) => row[head])),
      ],
    }
  })
  return writeXlsxFile(sheets).toBlob()
}
