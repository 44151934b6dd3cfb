import { cleatUpliftLb, collarUpliftLb, pierUpliftLb } from '../ground'
import type { Post } from '../layout'
import type { Job } from '../model'
import { entryOf, stands, type Use, usedOf } from '../result'
import { IN2_PER_FT2, IN_PER_FT } from '../units'
import { postSize } from '../wood'
import type { PostDemand } from './demands'

/** Distance of each post to its nearest neighbor, inches, by id. */
export type Spacing = ReadonlyMap<string, number>

/** Farther than this no neighbor takes from a post's soil, inches: no cone and no wedge counted here is as wide. */
const FAR_IN = 144

/** How near the nearest neighbor of a post is, as far as that matters, to a thousandth of an inch. */
export const nearIn = (spacingIn: Spacing, { id }: Post): number =>
  Math.round(Math.min(spacingIn.get(id) ?? FAR_IN, FAR_IN) * 1000)

/** What holds one post down at a trial hole, lb. */
function upliftCapacityLb({
  job,
  post,
  demand,
  diameterIn,
  depthIn,
  nearestIn,
}: {
  job: Job
  post: Post
  demand: PostDemand
  diameterIn: number
  depthIn: number
  nearestIn: number | undefined
}): number {
  const building = job.building
  const size = postSize(building.post)
  if (building.school === 'pier') return pierUpliftLb(diameterIn, (depthIn + building.bracketIn) / IN_PER_FT).capacityLb
  const embed = depthIn - building.padThicknessIn
  const postWeightLb = (demand.postWeightPlf * (post.heightIn + embed)) / IN_PER_FT
  if (building.school === 'pad')
    return building.cleat
      ? cleatUpliftLb({
          ...building.cleat,
          topFt: Math.max(0, embed - 1.5) / IN_PER_FT,
          postAreaFt2: size.areaIn2 / IN2_PER_FT2,
          postWeightLb,
          coneDeg: building.coneAngleDeg,
          nearestIn,
        }).capacityLb
      : 0.6 * postWeightLb
  return collarUpliftLb({
    diameterIn,
    heightIn: Math.min(building.collarHeightIn, embed),
    topFt: Math.max(0, embed - building.collarHeightIn) / IN_PER_FT,
    postAreaFt2: size.areaIn2 / IN2_PER_FT2,
    postWeightLb,
    coneDeg: building.coneAngleDeg,
    nearestIn,
  }).capacityLb
}

/** What lifts one post and what holds it down at a trial hole, lb. */
export interface Uplift {
  readonly post: Post
  readonly demandLb: number
  readonly coupleLb: number
  readonly capacityLb: number
  readonly use: Use
}

export function upliftOfPost(of: Parameters<typeof upliftCapacityLb>[0]): Uplift {
  const capacityLb = upliftCapacityLb(of)
  const coupleLb = of.demand.wallPushLb
  const demandLb = of.demand.upliftLb + coupleLb
  return { post: of.post, demandLb, coupleLb, capacityLb, use: usedOf(demandLb, capacityLb) }
}

export const isHeld = ({ use }: Uplift): boolean => stands(use) && use <= 1

/** Loads nearer than this are one load, lb. */
export const SAME_LB = 1e-6

/** Posts that differ in what lifts them or in what they weigh, once each. */
export function distinctlyLifted(
  own: readonly Post[],
  demands: Readonly<Record<string, PostDemand>>,
  spacingIn: Spacing,
): readonly Post[] {
  const seen = new Map<string, Post>()
  for (const post of own) {
    const { upliftLb, wallPushLb } = entryOf(demands, post.id)
    const like = `${Math.round((upliftLb + wallPushLb) / SAME_LB)}|${post.heightIn}|${nearIn(spacingIn, post)}`
    if (!seen.has(like)) seen.set(like, post)
  }
  return [...seen.values()]
}
