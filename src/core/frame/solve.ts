import type { Grid, PostLayout, TrussPlan } from '../layout'
import type { Job } from '../model'
import { IN_PER_FT } from '../units'
import { type PostDemand, postDemands, type RoofLoads, trussReactions } from './demands'
import { type HoleKind, sizeHoles } from './holes'
import { type Lateral, lateralOf } from './lateral'
import type { SiteResults } from './siteResults'
import { pressedByWalls, wallCouplesLb } from './wallCouples'

/** The frame of a building under its loads: what its roof brings down, what each post takes, how it stands, its holes. */
export interface SolvedFrame {
  readonly reactions: readonly RoofLoads[]
  readonly demands: Readonly<Record<string, PostDemand>>
  /** The posts fixed at grade, and as they are judged: where nothing holds them there, fixed below it. */
  readonly atGrade: Lateral
  readonly lateral: Lateral
  readonly holes: readonly HoleKind[]
}

interface FrameInput {
  readonly job: Job
  readonly grid: Grid
  readonly layout: PostLayout
  readonly trusses: TrussPlan
  readonly results: SiteResults
}

/** Posts in the ground that no slab holds at grade are fixed this share of their depth below it (register C17). */
const FIXED_SHARE = 1 / 3

/** Whether the posts stand in the ground with nothing that holds them at grade. */
const isFixedBelowGrade = ({ building }: Job): boolean =>
  building.school !== 'pier' && building.slab === 'none' && building.base.model === 'fixed'

/** The worst that the walls lift each post by in any of several runs of the frame, lb, by id. */
function couplesOf(walls: Parameters<typeof wallCouplesLb>[0], laterals: readonly Lateral[]): Map<string, number> {
  const worst = new Map<string, number>()
  for (const lateral of laterals)
    for (const [id, lb] of wallCouplesLb(walls, lateral)) worst.set(id, Math.max(worst.get(id) ?? 0, lb))
  return worst
}

/**
 * Solves the frame in the order of the reference: truss reactions, demands, lateral analysis, holes. Posts not held at
 * grade are run a second time fixed a third of their depth down (the envelope of register C17); holes take the deeper
 * of the two. The judge and the search both stand on this.
 */
export function solveFrame({ job, grid, layout, trusses, results }: FrameInput): SolvedFrame {
  const reactions = trussReactions(job, grid, trusses, results)
  const bare = postDemands({ job, grid, layout, plan: trusses, reactions, results })
  const { posts } = layout
  const atGrade = lateralOf({ job, grid, layout, demands: bare, results })
  const sized = (laterals: readonly Lateral[]) => {
    const couplesLb = couplesOf({ building: job.building, grid, posts }, laterals)
    const demands = pressedByWalls(bare, couplesLb)
    return { demands, holes: sizeHoles({ job, posts, demands, laterals, results }) }
  }
  const first = sized([atGrade])
  if (!isFixedBelowGrade(job)) return { reactions, ...first, atGrade, lateral: atGrade }
  const deepestFt = Math.max(...first.holes.map((hole) => hole.embedIn)) / IN_PER_FT
  const lateral = lateralOf({ job, grid, layout, demands: bare, results, fixityFt: deepestFt * FIXED_SHARE })
  return { reactions, ...sized([atGrade, lateral]), atGrade, lateral }
}
