import { IN_PER_FT } from '../units'
import type { Grid, PostLayout, TrussPlan } from '../layout'
import type { Job, Side } from '../model'
import type { Check } from '../result'
import { beamChecks } from './beams'
import { type BraceLine, braceLines } from '../frame/braceLines'
import { bracingChecks } from './bracing'
import { columnChecks } from './columns'
import { columnBasis } from '../rules/post/basis'
import { type PostDemand, postDemands, type RoofLoads, trussReactions } from '../frame/demands'
import { type Lateral, lateralOf } from '../frame/lateral'
import { type HoleKind, sizeHoles } from '../frame/holes'
import { leanToChecks } from './leanTo'
import { holeChecks } from './postChecks'
import { purlinChecks } from './purlins'
import type { SiteResults } from '../frame/siteResults'
import { trussChecks } from './trussChecks'

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
 * Frame of the building judged in the order of the reference: truss reactions, demands, lateral analysis, holes, posts,
 * roof, bracing. Posts not
 * held at grade are run a second time fixed a third of their depth down (the envelope of register C17); holes take the
 * deeper of the two.
 */
export function judgeFrame({
  job,
  grid,
  layout,
  trusses,
  results,
  names,
  gapIn,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  trusses: TrussPlan
  results: SiteResults
  names: Readonly<Record<Side, string>>
  gapIn: number
}): FrameJudgement {
  const building = job.building
  const reactions = trussReactions(job, grid, trusses, results)
  const demands = postDemands({ job, grid, layout, plan: trusses, reactions, results })
  const first = lateralOf({ job, grid, layout, demands, results })
  let lateral = first
  let holes = sizeHoles({ job, posts: layout.posts, demands, laterals: [first], results })
  if (building.school !== 'pier' && building.slab === 'none' && building.base.model === 'fixed') {
    const deep = Math.max(...holes.map((hole) => hole.embedIn)) / IN_PER_FT
    lateral = lateralOf({ job, grid, layout, demands, results, fixityFt: deep / 3 })
    holes = sizeHoles({ job, posts: layout.posts, demands, laterals: [first, lateral], results })
  }
  const byId = new Map(layout.posts.map((post) => [post.id, post]))
  const checks: Check[] = []
  for (const hole of holes) checks.push(...holeChecks({ job, hole, posts: byId, demands, lateral: first, results }))
  const basis = columnBasis(building, lateral, gapIn)
  const ratios: Record<string, number> = {}
  for (const hole of holes) checks.push(...columnChecks({ job, hole, posts: byId, demands, lateral, basis, ratios }))
  checks.push(
    ...trussChecks(job, trusses, reactions, results),
    ...beamChecks(job, trusses, reactions),
    ...purlinChecks(job, trusses, results),
  )
  for (const leanTo of results.leanTos)
    checks.push(...leanToChecks({ job, grid, layout, results, lean: leanTo, wallName: names[leanTo.leanTo.side] }))
  const lines = braceLines(building, grid, lateral, layout.posts)
  checks.push(...bracingChecks({ job, grid, lateral, lines, holes, results, names, gapIn }))
  return { demands, reactions, lateral, lines, holes, ratios, checks }
}
