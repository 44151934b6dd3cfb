import { type CutRequest, fromOffcuts, type OffcutUse } from '../columns'
import { isCut, type Measured, type PieceAsBuilt } from '../field'
import type { Job } from '../model'
import { KERF_IN } from '../pocket/sticks'
import { priceBook } from '../quantities'
import { type CutGroup, type CutStage, type Stick, type Sticks, type SticksMemory, stageOf } from '../sticks'
import { IN_PER_FT } from '../units'
import { jobSticks, type SticksFrom } from './jobSticks'

/** Every stick of a job, its posts from their feet as they were read. */
export function measuredSticks(
  job: Job,
  derived: SticksFrom,
  { asBuilt }: Pick<Measured, 'asBuilt'>,
  memory?: SticksMemory,
): Sticks {
  const footIn = new Map(asBuilt.map((built) => [built.id, built.footToGradeIn]))
  return jobSticks(job, derived, { footUpIn: ({ id }) => -(footIn.get(id) ?? 0), ...(memory ? { memory } : {}) })
}

/** What is still to be sawn of some pieces: what is cut is not sawn again, what no longer serves is. */
export const toSaw = (pieces: readonly PieceAsBuilt[], stage: CutStage | 'all'): readonly Stick[] =>
  pieces
    .filter((piece) => !isCut(piece.state) || piece.anewCost > 0)
    .map(({ stick }) => stick)
    .filter((stick) => stage === 'all' || stageOf(stick) === stage)

/** What is asked of the solver for one kind of board, and what is cut first from boards that lie there. */
interface Sawing {
  readonly request: CutRequest
  readonly uses: readonly OffcutUse[]
  /** Lengths that a plan's patterns count, in its order, inches. */
  readonly lengthsIn: readonly number[]
}

/** The pieces of one kind of board as a question for the solver; prices in dollars a board, rounded to the cent. */
export function sawingOf({ buying, sizing }: Pick<Job, 'buying' | 'sizing'>, group: CutGroup): Sawing {
  const { size, lumber, treated, pieces } = group
  const perFoot = priceBook(sizing.prices).board(size, lumber, treated)
  const lying = buying.offcuts.filter(
    (board) => board.size === size && board.lumber === lumber && board.treated === treated,
  )
  const { uses, left } = fromOffcuts(
    pieces.map(({ lengthIn, count }) => ({ lengthIn, count })),
    lying,
    KERF_IN,
  )
  const demands = left.filter(({ count }) => count > 0)
  const stock = buying.stockIn.map((lengthIn) => ({
    lengthIn,
    price: Math.round((lengthIn / IN_PER_FT) * perFoot * 100) / 100,
  }))
  return {
    request: { demands, stock, kerfIn: KERF_IN, spareIn: buying.spareIn },
    uses,
    lengthsIn: demands.map(({ lengthIn }) => lengthIn),
  }
}
