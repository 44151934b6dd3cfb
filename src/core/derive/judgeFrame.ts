import type { Grid, PostLayout, TrussPlan } from '../layout'
import type { Job, Side } from '../model'
import type { Check } from '../result'
import { beamChecks, trussChecks } from './beams'
import { braceLines, bracingChecks, type BraceLine } from './bracing'
import { columnBasis, columnChecks } from './columns'
import { postDemands, trussReactions, type PostDemand, type RoofLoads } from './demands'
import { lateralOf, type Lateral } from './frames'
import { sizeHoles, type HoleKind } from './holes'
import { leanToChecks } from './leanTo'
import { holeChecks } from './postChecks'
import { purlinChecks } from './purlins'
import type { SiteResults } from './siteResults'

export interface FrameJudgement {
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly reactions: readonly RoofLoads[]
  readonly lateral: Lateral
  readonly lines: readonly BraceLine[]
  readonly holes: readonly HoleKind[]
  readonly ratios: Readonly<Record<string, number>>
  readonly checks: readonly Check[]
}

/**
 * Frame of the building judged in the order of the reference: truss reactions, demands, lateral analysis, holes, posts, roof, bracing. Posts not
 * held at grade are run a second time fixed a third of their depth down (the envelope of register C17); holes take the deeper of the two.
 */
export function judgeFrame(
  job: Job,
  grid: Grid,
  layout: PostLayout,
  trusses: TrussPlan,
  r: SiteResults,
  names: Readonly<Record<Side, string>>,
  gapIn: number,
): FrameJudgement {
  const b = job.building
  const reactions = trussReactions(job, grid, trusses, r)
  const demands = postDemands(job, grid, layout, trusses, reactions, r)
  const first = lateralOf(job, grid, layout, demands, r)
  let lateral = first
  let holes = sizeHoles(job, layout.posts, demands, [first], r)
  if (b.school !== 'pier' && b.slab === 'none' && b.base.model === 'fixed') {
    const deep = Math.max(...holes.map((h) => h.embedIn)) / 12
    lateral = lateralOf(job, grid, layout, demands, r, deep / 3)
    holes = sizeHoles(job, layout.posts, demands, [first, lateral], r)
  }
  const byId = new Map(layout.posts.map((p) => [p.id, p]))
  const checks: Check[] = []
  for (const h of holes) checks.push(...holeChecks(job, h, byId, demands, first, r))
  const basis = columnBasis(b, lateral, gapIn)
  const ratios: Record<string, number> = {}
  for (const h of holes) checks.push(...columnChecks(job, h, byId, demands, lateral, basis, ratios))
  checks.push(
    ...trussChecks(job, trusses, reactions, r),
    ...beamChecks(job, trusses, reactions),
    ...purlinChecks(job, trusses, r),
  )
  for (const l of r.leanTos) checks.push(...leanToChecks(job, grid, layout, r, l, names[l.leanTo.side]))
  const lines = braceLines(b, grid, lateral, layout.posts)
  checks.push(...bracingChecks(job, grid, lateral, lines, holes, r, names, gapIn))
  return { demands, reactions, lateral, lines, holes, ratios, checks }
}
