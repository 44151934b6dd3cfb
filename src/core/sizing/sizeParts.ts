import { stands, type Use } from '../result'
import { IN_PER_FT, ROUNDING } from '../units'
import { girtPart, girtWorst, type PartsOf, purlinLengthIn, purlinWorst } from './parts'
import { type BoardName, type Building, GIRT_SIZES, type GirtStyle, type Job, type Side } from '../model'
import type { Prices } from '../quantities'
import { boughtIn, buyingOf } from '../sticks'

export interface Choice<T> {
  readonly value: T
  readonly cost: number
}
const GAPS_IN = [12, 14, 16, 18, 20, 22, 24, 27, 30]
const SPACES_IN = [12, 16, 18, 20, 24]
/**
 * The cheapest choice of a list that holds, trying dearer ones only until one does: the list is sorted by cost first,
 * so the first that holds is the cheapest.
 */
export function cheapest<T>(
  choices: readonly Choice<T>[],
  holds: (value: T) => boolean,
  count: { judged: number },
): Choice<T> | null {
  for (const choice of [...choices].sort((one, other) => one.cost - other.cost)) {
    count.judged++
    if (holds(choice.value)) return choice
  }
  return null
}

/** Feet of stock that are bought for a board of a job. */
export const boughtFt = (job: Job, lengthIn: number): number => boughtIn(lengthIn, buyingOf(job)) / IN_PER_FT

export interface Counted {
  judged: number
}

export function sizeGirts({
  parts,
  building,
  job,
  prices,
  sides,
  styles,
  count,
}: {
  parts: PartsOf
  building: Building
  job: Job
  prices: Prices
  sides: readonly Side[]
  styles: readonly GirtStyle[]
  count: Counted
}): { readonly change: Partial<Building['girts']>; readonly cost: number } | null {
  const { sizing } = job
  type Girt = {
    readonly layout: ReturnType<typeof girtPart>
    readonly lumber: string
    readonly change: Partial<Building['girts']>
  }
  const choices: Choice<Girt>[] = []
  for (const style of styles)
    for (const size of GIRT_SIZES.filter((size) => sizing.boards.includes(size)))
      for (const maxGapIn of GAPS_IN.filter((gapIn) => gapIn <= sizing.maxGapIn)) {
        const layout = girtPart(
          parts,
          { ...building, girts: { ...building.girts, walls: {}, style, size, maxGapIn } },
          sides,
        )
        const feet = layout.lengthsIn.reduce((sum, lengthIn) => sum + boughtFt(job, lengthIn), 0) * building.girts.plies
        for (const lumber of sizing.lumbers)
          choices.push({
            value: { layout, lumber, change: { style, size, maxGapIn, lumber } },
            cost: feet * prices.board(size, lumber),
          })
      }
  const best = cheapest(choices, (girt) => holds(girtWorst(parts, girt.layout, girt.lumber)), count)
  return best && { change: best.value.change, cost: best.cost }
}

export function sizePurlins({
  parts,
  building,
  job,
  prices,
  count,
}: {
  parts: PartsOf
  building: Building
  job: Job
  prices: Prices
  count: Counted
}): { readonly value: Building['roof']['purlins']; readonly cost: number } | null {
  const now = building.roof.purlins
  const choices: Choice<Building['roof']['purlins']>[] = []
  for (const size of job.sizing.boards.filter((board) => board !== '2x12'))
    for (const lumber of job.sizing.lumbers)
      for (const spaceIn of SPACES_IN)
        for (const blocked of now.style === 'flat' ? [false] : [false, true]) {
          const value = { ...now, size, lumber, spaceIn, blocked }
          const changed = { ...building, roof: { ...building.roof, purlins: value } }
          const feet = purlinLengthIn(parts, changed) / IN_PER_FT
          choices.push({ value, cost: feet * prices.board(size, lumber) })
        }
  return cheapest(
    choices,
    (purlins) => holds(purlinWorst(parts, { ...building, roof: { ...building.roof, purlins } })),
    count,
  )
}

export function builtUps(
  job: Job,
  prices: Prices,
  plies: readonly number[],
  feetPerPly: number,
): Choice<{ readonly plies: number; readonly size: BoardName; readonly lumber: string }>[] {
  return plies.flatMap((ply) =>
    job.sizing.boards.flatMap((size) =>
      job.sizing.lumbers.map((lumber) => ({
        value: { plies: ply, size, lumber },
        cost: ply * feetPerPly * prices.board(size, lumber),
      })),
    ),
  )
}

/** Ratio up to which a part holds, room for rounding included. */
const HOLDS = 1 + ROUNDING
/** Whether a part holds; one that cannot be judged does not. */
export const holds = (use: Use | null): boolean => use !== null && stands(use) && use <= HOLDS
