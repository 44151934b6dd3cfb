import { gravityOf, type RoofLoads, upliftOf } from '../../frame'
import { BLOCK_IN } from '../../joints'
import { takesBlock, type TrussPlan } from '../../layout'
import type { Building } from '../../model'
import { item } from '../../result'
import { boardSize, boardValues, type DesignValues, postSize, postValues } from '../../wood'

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
  /** Length of the seat of the heaviest truss on its post, inches, with its block where one lies under it. */
  readonly seatIn: number
  /** The truss that presses hardest of those with a block, and what it does, lb; null where none has one. */
  readonly onBlock: { readonly order: number; readonly downLb: number } | null
}

/** Where a load is not a number no index is found: the first truss stands for it, and its checks say so. */
const indexOfMost = (lb: readonly number[]): number => Math.max(0, lb.indexOf(Math.max(...lb)))

/** Whether a truss has a block under it wherever it stands on a post. */
const isOnBlocks = (building: SeatedTrusses['building'], plan: TrussPlan, order: number): boolean => {
  const own = [item(plan.rests.south, order), item(plan.rests.north, order)].filter(({ post }) => post !== null)
  return own.length > 0 && own.every((rest) => takesBlock(building, plan, rest))
}

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
  const hasBlock = plan.trusses.map((_, order) => isOnBlocks(building, plan, order))
  // Where no block lies the seat is shorter: a lighter truss may press harder there.
  const seatAt = (order: number) => size.depthIn + (hasBlock[order] ? BLOCK_IN : 0)
  const [heavy, lifted] = [indexOfMost(gravity.map((lb, order) => lb / seatAt(order))), indexOfMost(up)]
  const onBlock = indexOfMost(gravity.map((lb, order) => (hasBlock[order] ? lb : -Infinity)))
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
    seatIn: seatAt(heavy),
    onBlock: hasBlock[onBlock] ? { order: onBlock, downLb: item(gravity, onBlock) } : null,
  }
}
