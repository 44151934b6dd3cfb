import type { HoleNeed } from '../field'
import type { Job } from '../model'
import type { ShownDerived } from './deriveJob'

/** What one hole must be, from the checks of its kind and the post’s own loads (frost, IBC 1807.3 sideways, uplift). Inches; null for an unknown post. */
export function holeNeed(d: Pick<ShownDerived, 'holes' | 'demands'>, job: Job, post: string): HoleNeed | null {
  const h = d.holes.find((q) => q.postIds.includes(post))
  if (!h) return null
  const pad = job.building.school === 'pier' ? 0 : job.building.padThicknessIn
  const lateral = h.lateral && Number.isFinite(h.lateral.slopedFt) ? h.lateral.slopedFt * 12 + pad : 0
  const own = d.demands?.[post]?.upliftLb ?? 0
  // Uplift grows with the soil over the collar: the depth in proportion to this post's own share of what the hole holds, never less than the collar itself.
  const uplift =
    own > 0 && h.uplift.capacityLb > 0 && job.building.school !== 'pad'
      ? Math.min(
          h.depthIn,
          pad +
            job.building.collarHeightIn +
            (h.depthIn - pad - job.building.collarHeightIn) * Math.min(1, own / h.uplift.capacityLb),
        )
      : 0
  // Gravel lies under the concrete and holds nothing: each depth is dug that much deeper.
  const g = h.gravelIn
  return {
    depthIn: h.digIn,
    frostIn: (job.site.frostIn ?? 0) + g,
    lateralIn: lateral > 0 ? lateral + g : 0,
    upliftIn: uplift > 0 ? uplift + g : 0,
    padIn: pad,
    bearingRatio: h.bearing.capacityLb > 0 ? (h.bearing.loadLb + h.bearing.padLb) / h.bearing.capacityLb : 0,
    diameterIn: h.diameterIn,
  }
}
