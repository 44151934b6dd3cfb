import type { BoardName, JobBuying, Lumber } from '../model'
import type { Stick, StickKind } from '../sticks'
import { KERF_IN } from '../pocket/sticks'
import { IN_PER_FT, ROUNDING, toSixteenths } from '../units'

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

/** Pieces that come out of one board of so much stock: a short one is not alone on its board. */
const outOfOne = (stockIn: number, lengthIn: number, spareIn: number): number =>
  Math.max(1, Math.floor((stockIn - spareIn + KERF_IN) / (lengthIn + KERF_IN) + ROUNDING))

/** Boards for pieces of some lengths out of one stock: those of one length share boards, so that each is told apart. */
function boardsFor({ stockIn, size, kind }: LumberLine, lengths: ReadonlyMap<number, number>, spareIn: number): number {
  // Posts are cut in place, and what is ordered to measure has no stock.
  const alone = stockIn === null || size === null || kind === 'ply'
  return [...lengths].reduce(
    (sum, [lengthIn, count]) => sum + Math.ceil(count / (alone ? 1 : outOfOne(stockIn, lengthIn, spareIn))),
    0,
  )
}

/**
 * The lumber of a building, line by line: kind by kind as it is put up, shortest stock first. `spareIn` is left at the end
 * of every board, inches.
 */
export function lumberList(sticks: readonly Stick[], { spareIn }: Pick<JobBuying, 'spareIn'>): readonly LumberLine[] {
  const lines = new Map<string, { line: LumberLine; lengths: Map<number, number>; inches: number }>()
  for (const stick of sticks) {
    if (!isBought(stick)) continue
    const { kind, board, buyLengthIn, cutLengthIn } = stick
    const { size, label, lumber, treated } = board
    const key = `${kind}|${label}|${lumber}|${treated}|${buyLengthIn}`
    const what = `${PLURAL[kind]}, ${label} ${lumber}${treated ? ', treated' : ''}`
    const line = { kind, what, size, lumber, treated, stockIn: buyLengthIn, count: 0, boards: 0, feet: 0 }
    const own = lines.get(key) ?? { line, lengths: new Map<number, number>(), inches: 0 }
    const sixteenths = toSixteenths(cutLengthIn) / 16
    own.lengths.set(sixteenths, (own.lengths.get(sixteenths) ?? 0) + 1)
    own.inches += cutLengthIn
    lines.set(key, own)
  }
  return [...lines.values()]
    .map(({ line, lengths, inches }) => {
      const boards = boardsFor(line, lengths, spareIn)
      const count = [...lengths.values()].reduce((sum, each) => sum + each, 0)
      return { ...line, count, boards, feet: (line.stockIn === null ? inches : boards * line.stockIn) / IN_PER_FT }
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
