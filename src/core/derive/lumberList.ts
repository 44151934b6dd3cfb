import type { BoardName, JobBuying, Lumber } from '../model'
import type { Stick, StickKind } from '../sticks'
import { IN_PER_FT } from '../units'

/** Boards of one kind that are bought in one length: how many pieces, how many of them to spare, and their feet. */
export interface LumberLine {
  readonly kind: StickKind
  readonly what: string
  readonly size: BoardName | null
  readonly lumber: Lumber
  readonly treated: boolean
  /** Length that is bought, inches; null where no length of the yard is long enough. */
  readonly stockIn: number | null
  readonly count: number
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

/** The lumber of a building, line by line: kind by kind as it is put up, shortest stock first. */
export function lumberList(sticks: readonly Stick[]): readonly LumberLine[] {
  const lines = new Map<string, { line: LumberLine; count: number; inches: number }>()
  for (const stick of sticks) {
    if (!isBought(stick)) continue
    const { kind, board, buyLengthIn, cutLengthIn } = stick
    const { size, label, lumber, treated } = board
    const key = `${kind}|${label}|${lumber}|${treated}|${buyLengthIn}`
    const has = lines.get(key)
    if (has) {
      has.count++
      has.inches += buyLengthIn ?? cutLengthIn
      continue
    }
    const what = `${PLURAL[kind]}, ${label} ${lumber}${treated ? ', treated' : ''}`
    const line = { kind, what, size, lumber, treated, stockIn: buyLengthIn, count: 0, feet: 0 }
    lines.set(key, { line, count: 1, inches: buyLengthIn ?? cutLengthIn })
  }
  return [...lines.values()]
    .map(({ line, count, inches }) => ({ ...line, count, feet: inches / IN_PER_FT }))
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
