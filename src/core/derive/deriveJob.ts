import {
  braceLines,
  type BraceLine,
  type HoleKind,
  type Lateral,
  type PostDemand,
  type RoofLoads,
  siteResults,
  type SiteResults,
  sizeHoles,
  solveFrame,
} from '../frame'
import type { Job, Side } from '../model'
import { type Issue, ok, type Result } from '../result'
import { type Check, checksOf, RULES, type Stage } from '../rules'
import type { PostGround } from '../rules/hole/lowestGround'
import { judgeBeyond } from './judgeBeyond'
import { judgeBracing } from './judgeBracing'
import { groundAtPosts, judgeGround, surfaceOfJob } from './judgeGround'
import { judgeApart, judgeHoles } from './judgeHoles'
import { judgePiers } from './judgePiers'
import { judgePosts } from './judgePosts'
import { judgeBeams, judgeLeanTos, judgePurlins, judgeTrusses } from './judgeRoof'
import { judgeWalls, type WallResult, widestSpaceIn } from './judgeWalls'
import { type Plan, planJob, type PlanMemory, type PlannedJob } from './plan'
import { type PostCard, schedule, type ScheduleRow } from './schedule'
import type { SticksMemory } from '../sticks'
import { jobSticks } from './jobSticks'
import { takeoff, type Takeoff } from './takeoff'

interface Tally {
  readonly holds: number
  readonly close: number
  /** Those that do not hold, those among them that cannot stand at all. */
  readonly fails: number
  readonly cannotStand: number
  readonly notChecked: number
}

/** What the loads make of a plan: demands, holes, posts and every check. */
export interface Judged {
  readonly walls: Readonly<Record<Side, WallResult>>
  readonly site: SiteResults | null
  readonly missing: readonly Issue[]
  readonly demands: Readonly<Record<string, PostDemand>> | null
  /** Roof loads at one eave under each truss, by truss order. */
  readonly reactions: readonly RoofLoads[]
  readonly lateral: Lateral | null
  readonly braces: readonly BraceLine[]
  /** Worst strength ratio of each post, by id; null where it cannot stand. */
  readonly postRatios: Readonly<Record<string, number | null>>
  readonly holes: readonly HoleKind[]
  /** The ground at each post, where spot heights say. */
  readonly ground: Readonly<Record<string, PostGround>> | null
  readonly checks: readonly Check[]
  readonly tally: Tally
}

/** What is made and bought of a plan that is judged. */
interface Quantities {
  readonly schedule: readonly ScheduleRow[]
  readonly cards: readonly PostCard[]
  readonly takeoff: Takeoff
}

/** A judgement with the quantities that follow from it. */
export interface Judgement extends Judged, Quantities {}

/** Everything the core derives from one job. */
export interface Derived extends Omit<Plan, 'plannedWalls'>, Judgement {}
/** How many checks hold, stand close to their limit, fail or cannot stand, or could not be done. */
function tallyOf(checks: readonly Check[]): Tally {
  const tally = { holds: 0, close: 0, fails: 0, cannotStand: 0, notChecked: 0 }
  for (const { state } of checks)
    if (state === 'not-checked') tally.notChecked++
    else if (state === 'cannot-stand') {
      tally.fails++
      tally.cannotStand++
    } else tally[state]++
  return tally
}

/** The stages that wait while the site is not complete. */
const STAGES: readonly Stage[] = ['holes', 'posts', 'walls', 'roof', 'bracing']
/** What stands in a judgement while the site is not complete. */
const UNJUDGED = { demands: null, reactions: [], lateral: null, lines: [], ratios: {} } as const

/** The frame under its loads, judged in the order of the reference: holes, posts, roof, bracing. */
function judgeFrame(job: Job, plan: PlannedJob, results: SiteResults, gapIn: number) {
  const { grid, layout, trusses } = plan
  const { building } = job
  const frame = solveFrame({ job, grid, layout, trusses, results })
  const byId = new Map(layout.posts.map((post) => [post.id, post]))
  const posts = judgePosts(job, frame, byId, gapIn)
  const lines = braceLines(building, grid, frame.lateral, layout.posts)
  return {
    ...frame,
    lines,
    ratios: posts.ratios,
    checks: [
      ...judgeHoles(job, frame, byId, results),
      ...judgeApart(building, layout.posts, frame.holes),
      ...judgePiers({ building, grid, posts: layout.posts, frame, lines }),
      ...posts.checks,
      ...judgeTrusses(building, trusses, frame.reactions, results),
      ...judgeBeams({ building, grid, layout, trusses, reactions: frame.reactions, results }),
      ...judgePurlins(building, trusses, results),
      ...judgeLeanTos(building, grid, layout, results),
      ...judgeBeyond(job, grid, frame.lateral, results),
      ...judgeBracing({ job, grid, posts: layout.posts, frame, lines, results, gapIn }),
    ],
  }
}

function judge(job: Job, plan: PlannedJob): Judged {
  const { grid, layout } = plan
  const { results, missing } = siteResults(job, grid)
  const { walls, checks: girtChecks } = judgeWalls(job, plan, results)
  const frame = results && judgeFrame(job, plan, results, widestSpaceIn(walls))
  const holes = frame?.holes ?? sizeHoles({ job, posts: layout.posts, demands: null, laterals: [], results: null })
  const waiting = STAGES.flatMap((stage) => checksOf(RULES.site, { stage, issues: missing }))
  const surface = surfaceOfJob(job)
  const ground = groundAtPosts(surface, layout.posts)
  const checks = [
    ...girtChecks,
    ...(frame?.checks ?? waiting),
    ...judgeGround({ job, holes, names: plan.names, ground, steepestPer12: surface?.steepestPer12 ?? 0 }),
  ]
  const { demands, reactions, lateral, lines, ratios } = frame ?? UNJUDGED
  return {
    walls,
    site: results,
    missing,
    demands,
    reactions,
    lateral,
    braces: lines,
    postRatios: ratios,
    holes,
    ground,
    checks,
    tally: tallyOf(checks),
  }
}

/** Counts what a judged plan is made of: every stick, the schedule of the posts, what is bought. */
function count(job: Job, plan: PlannedJob, judged: Judged, memory: Memory): Quantities {
  const { grid, trusses, columns, structure, plannedWalls, posts, poles } = plan
  const { holes, braces, lateral } = judged
  memory.sticks ??= new Map()
  const from = { grid, posts, placed: plan.placed, trusses, walls: plannedWalls, holes, braces, lateral }
  const sticks = jobSticks(job, from, { structure, memory: memory.sticks })
  const rows = schedule(job.building, posts, { holes, columns, sticks })
  return {
    schedule: rows.rows,
    cards: rows.cards(poles),
    takeoff: takeoff({ job, sticks, holes, grid, plan: trusses }),
  }
}

/**
 * Whether two jobs are loaded and judged alike: readings, measures and what is said about them do not change a
 * judgement.
 */
export const sameLoads = (job: Job, other: Job): boolean =>
  job.building === other.building &&
  job.site === other.site &&
  job.sizing === other.sizing &&
  job.ground === other.ground &&
  job.buying === other.buying &&
  job.fieldwork.levelSchool === other.fieldwork.levelSchool

/**
 * What the call before worked out, so that what an edit does not touch is not worked out again. Whoever derives one job
 * again and again keeps one and passes it in; a call without one remembers nothing.
 */
export interface Memory extends PlanMemory {
  judged?: { readonly job: Job; readonly plan: PlannedJob; readonly made: Judgement }
  sticks?: SticksMemory
}

/**
 * Judges a plan under its loads. Readings and measures do not change it: the judgement of the building as it was is
 * kept.
 */
export function judgePlan(job: Job, plan: PlannedJob, memory: Memory = {}): Judgement {
  const before = memory.judged
  if (before && sameLoads(before.job, job) && before.plan.posts === plan.posts) return before.made
  const judged = judge(job, plan)
  const made = { ...judged, ...count(job, plan, judged, memory) }
  memory.judged = { job, plan, made }
  return made
}

/** Plans and judges a job without counting what it is made of: what a search asks of each of many jobs. */
export function judgeJob(job: Job): Result<Omit<Plan, 'plannedWalls'> & Judged> {
  const plan = planJob(job)
  return plan.ok ? ok({ ...plan.value, ...judge(job, plan.value) }) : plan
}

/**
 * Derives everything from a job: plan, strings, marks, rows, holes, checks, quantities. Pure; unchanged parts are
 * remembered from the
 * call before. Issues: the contradictions of `checkJob`, when there are any nothing is derived.
 */
export function deriveJob(job: Job, memory: Memory = {}): Result<Derived> {
  const plan = planJob(job, memory)
  if (!plan.ok) return plan
  const { plannedWalls: _walls, layout: _layout, structure: _structure, ...shown } = plan.value
  return ok({ ...shown, ...judgePlan(job, plan.value, memory) })
}
