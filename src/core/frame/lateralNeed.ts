import { bearingWidthIn, constrainedDepthFt, type EmbedmentLoad, ep486DepthFt, unconstrainedDepthFt } from '../ground'
import type { Job } from '../model'
import { IN_PER_FT, NEGLIGIBLE, PITCH_RUN_IN } from '../units'
import { postSize } from '../wood'
import type { LateralCase } from './lateralCase'
import type { SiteResults } from './siteResults'

/** Sideways need of one post: the wind case that asks for most depth, in both support conditions. */
export interface LateralNeed {
  readonly actions: LateralCase
  readonly load: EmbedmentLoad
  readonly constrained: boolean
  /** Depth of the post below grade that each support condition asks for, ft; null where none is enough. */
  readonly depthFreeFt: number | null
  readonly depthSlabFt: number
  readonly neededFt: number | null
  /** Depth with the fall of the ground added: what is dug from the high side, ft; null where none is enough. */
  readonly slopedFt: number | null
}

/** Ground steeper than 3 across to 1 down needs the setbacks of IBC 1808.7 and is not sized here, inches per foot. */
export const STEEPEST_PER12 = 4

/**
 * Depth that leaves `depthFt` in the ground on the low side: the ground falls over a distance like the depth itself.
 * Null where the ground is too steep or no depth is enough.
 */
const slopedDepthFt = (depthFt: number | null, slopePer12: number): number | null =>
  depthFt === null || slopePer12 > STEEPEST_PER12 ? null : depthFt / (1 - slopePer12 / PITCH_RUN_IN)

/** Whether one depth asks for more than another; that none is enough asks for most. */
export const asksMore = (oneFt: number | null, otherFt: number | null): boolean =>
  otherFt !== null && (oneFt === null || oneFt > otherFt)

/**
 * Lateral depths of one post under its worst case. Null where its lateral load is not computed; no need where nothing
 * blows on it.
 */
export function lateralNeed(
  job: Job,
  results: SiteResults,
  cases: readonly LateralCase[] | undefined,
  { diameterIn, nearestIn }: { readonly diameterIn: number; readonly nearestIn: number | undefined },
): LateralNeed | null {
  const building = job.building
  if (!cases?.length) return null
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  // Wedges of soil that would overlap are counted once: no width reaches past the middle of its neighbor's.
  const ownIn = pier ? diameterIn : bearingWidthIn(size.widthIn)
  const bFt = (nearestIn === undefined ? ownIn : Math.min(ownIn, nearestIn)) / IN_PER_FT
  const lateralPsfPerFt = results.soil.lateralPsfPerFt * (job.site.doubleLateral ? 2 : 1)
  const constrained = building.slab === 'tied'
  let worst: LateralNeed | null = null
  for (const lateral of cases) {
    const load: EmbedmentLoad = {
      shearLb: Math.abs(lateral.shearLb),
      momentFtLb: Math.abs(lateral.momentFtLb),
      bFt,
      lateralPsfPerFt,
    }
    if (load.shearLb < NEGLIGIBLE) continue
    const depthSlabFt = Math.max(constrainedDepthFt(load), ep486DepthFt(load, true))
    const byCodeFt = unconstrainedDepthFt(load)
    const depthFreeFt = byCodeFt === null ? null : Math.max(byCodeFt, ep486DepthFt(load, false))
    const neededFt = constrained ? depthSlabFt : depthFreeFt
    if (!worst || asksMore(neededFt, worst.neededFt))
      worst = {
        actions: lateral,
        load,
        constrained,
        depthFreeFt,
        depthSlabFt,
        neededFt,
        slopedFt: slopedDepthFt(neededFt, job.site.groundSlopePer12),
      }
    if (neededFt === null) break
  }
  return worst
}
