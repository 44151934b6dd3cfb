import { gravityOf, type RoofLoads, upliftOf } from '../../frame'
import type { TrussPlan } from '../../layout'
import type { Building } from '../../model'
import { item } from '../../result'
import { boardSize, boardValues, type DesignValues, postSize, postValues } from '../../wood'

/** A block on the inner face of a post lengthens a truss seat by its own thickness, inches. */
export const BLOCK_IN = 1.5

/** The trusses on what they rest on: the heaviest and the most lifted of them, and the wood under them. */
export interface SeatedTrusses {
  readonly building: Pick<Building, 'roof' | 'post' | 'joints' | 'grades' | 'knee'>
  readonly plan: TrussPlan
  readonly reactions: readonly RoofLoads[]
  readonly onCarriers: boolean
  /** Order of the truss that presses hardest and of the one that wind lifts most, and what they do, lb. */
  readonly heavy: number
  readonly lifted: number
  readonly downLb: number
  readonly netUpLb: number
  readonly lumber: string
  readonly values: DesignValues | null
  /** Length of a seat on a post, inches, with its block. */
  readonly seatIn: number
}

/** Where a load is not a number no index is found: the first truss stands for it, and its checks say so. */
const indexOfMost = (lb: readonly number[]): number => Math.max(0, lb.indexOf(Math.max(...lb)))

/** Works out which trusses govern and what they rest on. */
export function seatTrusses(
  building: SeatedTrusses['building'],
  plan: TrussPlan,
  reactions: readonly RoofLoads[],
): SeatedTrusses {
  const { truss, carrier } = building.roof
  const size = postSize(building.post)
  const onCarriers = truss.set === 'carriers'
  const gravity = reactions.map((reaction) => gravityOf(reaction).gravityLb)
  const up = reactions.map(upliftOf)
  const [heavy, lifted] = [indexOfMost(gravity), indexOfMost(up)]
  const lumber = onCarriers ? carrier.lumber : building.post.lumber
  return {
    building,
    plan,
    reactions,
    onCarriers,
    heavy,
    lifted,
    downLb: item(gravity, heavy),
    netUpLb: item(up, lifted),
    lumber,
    values: onCarriers ? boardValues(lumber, boardSize(carrier.size).nominal, building.grades) : postValues(building),
    seatIn: size.depthIn + (truss.blockNails > 0 ? BLOCK_IN : 0),
  }
}
