import { IN_PER_FT } from '../units'
import type { HoleNeed } from '../field'
import type { Job } from '../model'
import type { PostDemand } from './demands'
import type { HoleKind } from './holes'

/** Depth that the wind asks of a hole, inches; as deep as it is planned where no depth is enough. */
export const sidewaysNeedIn = (hole: Pick<HoleKind, 'depthIn'>, depthFt: number | null, padIn: number): number =>
  depthFt === null ? hole.depthIn : depthFt * IN_PER_FT + padIn

/**
 * What one hole must be, from the checks of its kind and the post’s own loads (frost, IBC 1807.3 sideways, uplift).
 * Inches; null for an unknown post.
 */
export function holeNeed(
  pick: { readonly holes: readonly HoleKind[]; readonly demands: Readonly<Record<string, PostDemand>> | null },
  job: Job,
  post: string,
): HoleNeed | null {
  const hole = pick.holes.find((hole) => hole.postIds.includes(post))
  if (!hole) return null
  const pad = job.building.school === 'pier' ? 0 : job.building.padThicknessIn
  const lateral = hole.lateral ? sidewaysNeedIn(hole, hole.lateral.slopedFt, pad) : 0
  const demand = pick.demands?.[post]
  const own = demand ? demand.upliftLb + demand.wallPushLb : 0
  // Uplift grows with the soil over the collar: the depth in proportion to this post's own share of what the hole
  // holds, never less than the collar itself.
  const uplift =
    own > 0 && hole.uplift.capacityLb > 0 && job.building.school !== 'pad'
      ? Math.min(
          hole.depthIn,
          pad +
            job.building.collarHeightIn +
            (hole.depthIn - pad - job.building.collarHeightIn) * Math.min(1, own / hole.uplift.capacityLb),
        )
      : 0
  // Gravel lies under the concrete and holds nothing: each depth is dug that much deeper.
  const gravelIn = hole.gravelIn
  return {
    depthIn: hole.digIn,
    frostIn: (job.site.frostIn ?? 0) + gravelIn,
    lateralIn: lateral > 0 ? lateral + gravelIn : 0,
    upliftIn: uplift > 0 ? uplift + gravelIn : 0,
    padIn: pad,
    bearingRatio:
      hole.bearing.capacityLb > 0 ? (hole.bearing.loadLb + hole.bearing.padLb) / hole.bearing.capacityLb : 0,
    diameterIn: hole.diameterIn,
  }
}
