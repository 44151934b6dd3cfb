import type { BoardName, JobBuying, Lumber } from '../model'
import { addUnder, firstOf } from '../result'
import { boughtTogether, type Stick, type StickKind } from '../sticks'

/** Boards of one kind that are bought in one length: the pieces that are cut from them, how many they are, their feet. */
export interface LumberLine {
  readonly kind: StickKind
  readonly what: string
  readonly size: BoardName | null
  readonly lumber: Lumber
  readonly treated: boolean
  /** Length that is bought, inches; null where no length of the yard is long enough. */
  readonly stockIn: number | null
  readonly count: number
  readonly boards: number
  readonly feet: number
}

/** Kinds in the order in which they are put up, which is that of the lists. */
const ORDER: readonly StickKind[] = [
  'ply',
  'post',
  'skirt',
  'girt',
  'buck',
  'blocking',
  'track board',
  'carrier',
  'header',
  'ledger',
  'rafter',
  'knee',
  'brace',
  'purlin',
  'batten',
  'fascia',
  'temporary brace',
]

/** What a kind of stick is called in a list of many. */
const PLURAL: Readonly<Record<StickKind, string>> = {
  ply: 'plies of posts',
  post: 'posts',
  skirt: 'skirt',
  girt: 'girts',
  buck: 'bucks',
  blocking: 'blocks and cleats',
  'track board': 'track boards',
  carrier: 'carriers',
  header: 'headers',
  ledger: 'ledger',
  rafter: 'rafters',
  knee: 'knee braces',
  brace: 'braces',
  purlin: 'purlins',
  batten: 'battens',
  fascia: 'fascia',
  truss: 'trusses',
  'temporary brace': 'temporary braces',
}

/** Whether a stick is a board that is bought: trusses are ordered, packers come from what is left. */
export const isBought = ({ kind, board }: Stick): boolean =>
  kind !== 'truss' && (board.size !== null || kind === 'post')

/**
 * The lumber of a building, line by line: kind by kind as it is put up, shortest stock first. `spareIn` is left at the end
 * of every board, inches.
 */
export function lumberList(sticks: readonly Stick[], buying: Pick<JobBuying, 'spareIn'>): readonly LumberLine[] {
  const lines = new Map<string, Stick[]>()
  for (const stick of sticks) {
    if (!isBought(stick)) continue
    const { kind, board, buyLengthIn } = stick
    addUnder(lines, `${kind}|${board.label}|${board.lumber}|${board.treated}|${buyLengthIn}`, stick)
  }
  return [...lines.values()]
    .map((own): LumberLine => {
      const { kind, board, buyLengthIn: stockIn } = firstOf(own)
      const { size, label, lumber, treated } = board
      const what = `${PLURAL[kind]}, ${label} ${lumber}${treated ? ', treated' : ''}`
      return { kind, what, size, lumber, treated, stockIn, count: own.length, ...boughtTogether(own, buying) }
    })
    .sort(
      (one, other) =>
        ORDER.indexOf(one.kind) - ORDER.indexOf(other.kind) ||
        one.what.localeCompare(other.what, 'en') ||
        (one.stockIn ?? Infinity) - (other.stockIn ?? Infinity),
    )
}

/** Boards to spare for so many of one kind and length: one for every so many begun. */
export const spareBoards = ({ spares }: Pick<JobBuying, 'spares'>, count: number): number =>
  spares.boardsEvery > 0 ? Math.floor(count / spares.boardsEvery) : 0
