import { type Nail, nailOf, nailStrength } from '../../joints'
import type { Building } from '../../model'
import { DURATION, postSize, specificGravity } from '../../wood'
import { cannot, judged } from '../check'
import { girtWind, type GirtCase, type GirtSpec, pullAtPostLb, type WallWind } from './board'

type NailStrength = ReturnType<typeof nailStrength>
/** A girt is a board this thick under its nail, inches. */
const BOARD_IN = 1.5

export type GirtNailFacts =
  | { readonly kind: 'no nail'; readonly name: string }
  | {
      readonly kind: 'worked'
      readonly girtCase: GirtCase
      readonly pullLb: number
      readonly between: boolean
      readonly wet: boolean
      readonly nail: Nail
      readonly one: NailStrength
      readonly eachLb: number
      readonly count: number
    }

/** What one nail of a girt holds: pulled out of the post, or, between the posts, sideways in end grain. */
export function girtNail(building: GirtSpec & Pick<Building, 'joints' | 'post'>, nail: Nail) {
  const between = building.girts.style === 'between'
  const one = nailStrength({
    nail,
    sideIn: BOARD_IN,
    mainIn: postSize(building.post).depthIn,
    gMain: specificGravity(building.post.lumber, building.grades),
    gSide: specificGravity(building.girts.lumber, building.grades),
    duration: DURATION.wind,
    wet: building.joints.wetPosts,
    hardened: building.joints.hardenedRing,
    endGrain: between,
  })
  return { one, between, eachLb: between ? one.lateralLb : one.pullLb }
}

/** Nails that hold the girts of a wall to the posts against suction, lb (NDS 2018 12.2). Null without girts. */
export function nails({
  place,
  building,
  cases,
  results,
}: {
  readonly place: string
  readonly building: GirtSpec & Pick<Building, 'joints' | 'post'>
  readonly cases: readonly GirtCase[]
  readonly results: WallWind
}) {
  if (cases.length === 0) return null
  const name = { member: 'girt', rule: 'nails', place, id: `girt-nails-${place}`, stage: 'walls' } as const
  const { girt, wetPosts } = building.joints
  const nail = nailOf(girt.nail)
  if (!nail) {
    const facts: GirtNailFacts = { kind: 'no nail', name: girt.nail }
    return cannot({ ...name, facts })
  }
  const pulls = cases.map((girtCase) => {
    const { pressures } = girtWind(results, girtCase, girtCase.spaceIn)
    return { girtCase, pullLb: pullAtPostLb(girtCase, pressures.outwardPsf) }
  })
  const hardest = pulls.reduce((best, each) => (each.pullLb > best.pullLb ? each : best))
  const { one, between, eachLb } = girtNail(building, nail)
  const count = girt.count * building.girts.plies
  const facts: GirtNailFacts = { kind: 'worked', ...hardest, between, wet: wetPosts, nail, one, eachLb, count }
  return judged({
    ...name,
    group: 'joint',
    demand: hardest.pullLb,
    capacity: eachLb * count,
    unit: 'lb',
    combination: '0.6W',
    facts,
  })
}
