import type { PostDemand, RoofLoads } from '../../frame'
import { type Combination, WIND_ASD } from '../../loads'

/** An axial load with its parts, lb: factored dead, roof and wind (down positive). */
export interface Axial {
  readonly lb: number
  readonly duration: number
  readonly name: string
  readonly windShare: number
  readonly parts: readonly [number, number, number]
  /** The part of it that hangs beside the middle of the post, lb. */
  readonly hangingLb: number
}

/** Which way the wind of a combination acts on the roof. */
type Wind = 'none' | 'down' | 'up'

/** Factored dead, roof and wind of some roof loads, lb; `ownLb` a weight of its own with the dead load. */
function partsOf(
  combination: Combination,
  loads: RoofLoads,
  wind: Wind,
  ownLb: number,
): readonly [number, number, number] {
  const dead = (combination.least ? loads.deadMinLb : loads.deadLb) + ownLb
  const roof = () => {
    if (combination.live === 'snow') return loads.snowLb
    return combination.live === 'roof' ? loads.liveLb : 0
  }
  const blown = { none: 0, down: loads.windDownLb, up: -loads.windUpLb }[wind]
  return [combination.dead * dead, combination.roof * roof(), combination.wind * blown]
}

/** What wind in the plane of a wall adds in a combination, lb: it presses where the roof is pressed, or pulls with it. */
function wallLb({ wind: share }: Combination, { wallPushLb }: PostDemand, wind: Wind): number {
  return ({ none: 0, down: 1, up: -1 }[wind] * wallPushLb * share) / WIND_ASD
}

const total = ([dead, roof, wind]: readonly [number, number, number]): number => dead + roof + wind

/** Ways of the wind that a combination is tried with: it pushes down or lifts, whichever is asked. */
function windsOf({ wind, least, roof }: Combination): readonly Wind[] {
  if (wind === 0) return ['none']
  return [...(least ? [] : (['down'] as const)), ...(roof === 0 ? (['up'] as const) : [])]
}

/** Axial load of every combination, lb, compression positive. */
export const axials = (list: readonly Combination[], demand: PostDemand, weightLb: number): Axial[] =>
  list.flatMap((combination) =>
    windsOf(combination).map((wind) => {
      const [dead, roof, blown] = partsOf(combination, demand, wind, weightLb)
      const parts = [dead, roof, blown + wallLb(combination, demand, wind)] as const
      return {
        lb: total(parts),
        duration: combination.duration,
        name: combination.id,
        windShare: combination.wind / WIND_ASD,
        parts,
        hangingLb: demand.hanging ? total(partsOf(combination, demand.hanging, wind, 0)) : 0,
      }
    }),
  )
