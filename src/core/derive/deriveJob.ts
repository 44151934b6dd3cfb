import { onWall } from '../layout'
import { type Job, type Side, SIDES } from '../model'
import { type Check, type Issue, notChecked, ok, type Result } from '../result'
import type { BraceLine } from '../frame/braceLines'
import type { PostDemand, RoofLoads } from '../frame/demands'
import type { Lateral } from '../frame/lateral'
import { groundAtPosts, groundChecks, type PostGround, surfaceOfJob } from './groundChecks'
import { type HoleKind, sizeHoles } from '../frame/holes'
import { judgeFrame } from './judgeFrame'
import { type Plan, planJob, PlanMemory, PlannedJob, type PlannedWall } from './plan'
import { type PostCard, schedule, type ScheduleRow } from './schedule'
import { siteResults, type SiteResults } from '../frame/siteResults'
import { takeoff, type Takeoff } from './takeoff'
import { girtCases, wallChecks } from './wallChecks'

export interface WallResult extends PlannedWall {
  readonly widestHoldsIn: number | null
  readonly worstRatio: number | null
}

interface Tally {
  readonly holds: number
  readonly close: number
  readonly fails: number
  readonly notChecked: number
}

/** What the loads make of a plan: demands, holes, posts, quantities and every check. */
export interface Judgement {
  readonly walls: Readonly<Record<Side, WallResult>>
  readonly site: SiteResults | null
  readonly missing: readonly Issue[]
  readonly demands: Readonly<Record<string, PostDemand>> | null
  /** Roof loads at one eave under each truss, by truss order. */
  readonly reactions: readonly RoofLoads[]
  readonly lateral: Lateral | null
  readonly braces: readonly BraceLine[]
  /** Worst strength ratio of each post, by id. */
  readonly postRatios: Readonly<Record<string, number>>
  readonly holes: readonly HoleKind[]
  readonly schedule: readonly ScheduleRow[]
  readonly cards: readonly PostCard[]
  readonly takeoff: Takeoff
  /** The ground at each post, where spot heights say. */
  readonly ground: Readonly<Record<string, PostGround>> | null
  readonly checks: readonly Check[]
  readonly tally: Tally
}

/** Everything the core derives from one job. */
export interface Derived extends Omit<Plan, 'plannedWalls'>, Judgement {}
/** A check without its arithmetic, as it crosses from a worker; the arithmetic is asked for by id. */
export type CheckSummary = Omit<Check, 'trace' | 'diagram'>
/** Everything derived, as an interface shows it: checks without their arithmetic. */
export type ShownDerived = Omit<Plan, 'plannedWalls'> & ToldJudgement
/** A judgement as it crosses from a worker: checks without their arithmetic, the frame without its cases. */
export type ToldJudgement = Omit<Judgement, 'checks' | 'lateral'> & {
  readonly checks: readonly CheckSummary[]
  readonly lateral: ToldLateral | null
}

export type ToldLateral = Omit<Lateral, 'units' | 'cases'>

const toldChecks = (checks: readonly Check[]): CheckSummary[] =>
  checks.map(({ trace: _trace, diagram: _diagram, ...summary }) => summary)

/** What of a judgement is told to whoever shows it; only plain data. */
export function told(judgement: Judgement): ToldJudgement {
  const { checks, lateral, ...rest } = judgement
  if (!lateral) return { ...rest, lateral, checks: toldChecks(checks) }
  const { units: _units, cases: _cases, ...frame } = lateral
  return { ...rest, lateral: frame, checks: toldChecks(checks) }
}

const WAITING = {
  holes: 'Holes wait',
  posts: 'Posts wait',
  walls: 'Girts wait',
  roof: 'The roof waits',
  bracing: 'Bracing waits',
} as const
const HAZARD: Readonly<Record<string, string>> = {
  groundSnowPsf: 'ground snow',
  windMph: 'basic wind speed',
  exposure: 'exposure',
  frostIn: 'frost depth',
  soil: 'soil class',
  ownBearingPsf: 'the soil’s bearing value',
  ownLateralPsfPerFt: 'the soil’s lateral value',
}

/** Girts of every wall against the wind on it; without a complete site, the walls as planned. */
function judgeWalls(job: Job, plan: PlannedJob, results: SiteResults | null) {
  const { grid, layout } = plan
  const checks: Check[] = []
  const walls = {} as Record<Side, WallResult>
  for (const side of SIDES) {
    const wall = plan.plannedWalls[side]
    if (!results) {
      walls[side] = { ...wall, widestHoldsIn: null, worstRatio: null }
      continue
    }
    const building = onWall(job.building, side)
    const cases = girtCases({
      building,
      grid,
      wall,
      pieces: wall.pieces,
      posts: layout.posts,
      edgeFt: results.edgeZoneFt,
    })
    const judged = wallChecks({ job, building, wall, cases, results, wallName: wall.name })
    checks.push(...judged.checks)
    walls[side] = { ...wall, widestHoldsIn: judged.widestIn, worstRatio: judged.worst }
  }
  return { walls, checks }
}

/** What cannot be checked before the site's hazards are entered, a line for each stage. */
function siteMissing(missing: readonly Issue[]): Check[] {
  const names = missing.map((issue) => HAZARD[String(issue.path[1])] ?? String(issue.path[1]))
  return (['holes', 'posts', 'walls', 'roof', 'bracing'] as const).map((stage) =>
    notChecked({
      id: `site-${stage}`,
      title: `${WAITING[stage]} for the site`,
      stage,
      why: `Not entered yet: ${names.join(', ')}.`,
      fix: 'Enter the site’s hazards first; none is ever assumed.',
    }),
  )
}

/** How many checks hold, stand close to their limit, fail, or could not be done. */
function tallyOf(checks: readonly Check[]): Tally {
  const tally = { holds: 0, close: 0, fails: 0, notChecked: 0 }
  for (const check of checks) tally[check.state === 'not-checked' ? 'notChecked' : check.state]++
  return tally
}

/** What stands in a judgement while the site is not complete. */
const UNJUDGED = { demands: null, reactions: [], lateral: null, lines: [], ratios: {} } as const

function judge(job: Job, plan: PlannedJob): Judgement {
  const { grid, layout, placed, trusses } = plan
  const { results, missing } = siteResults(job, grid)
  const judged = judgeWalls(job, plan, results)
  const checks: Check[] = [...judged.checks]
  const { walls } = judged
  const frame = results
    ? judgeFrame({
        job,
        grid,
        layout,
        trusses,
        results,
        names: plan.wallNames,
        gapIn: Math.max(...SIDES.map((side) => walls[side].widestIn)),
      })
    : null
  const holes = frame?.holes ?? sizeHoles({ job, posts: layout.posts, demands: null, laterals: [], results: null })
  checks.push(...(frame?.checks ?? siteMissing(missing)))
  const surface = surfaceOfJob(job)
  const ground = groundAtPosts(surface, layout.posts)
  if (ground) checks.push(...groundChecks(job, holes, ground, surface?.steepestPer12 ?? 0))
  const rows = schedule(job.building, layout.posts, holes)
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
    schedule: rows.rows,
    cards: rows.cards(plan.poles),
    takeoff: takeoff({ job, rows: rows.rows, posts: layout.posts, holes, walls, grid, placed, plan: trusses, lines }),
    ground,
    checks,
    tally: tallyOf(checks),
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
  job.ground === other.ground

/**
 * What the call before worked out, so that what an edit does not touch is not worked out again. Whoever derives one job
 * again and again keeps one and passes it in; a call without one remembers nothing.
 */
export interface Memory extends PlanMemory {
  judged?: { readonly job: Job; readonly plan: PlannedJob; readonly made: Judgement }
}

/**
 * Judges a plan under its loads. Readings and measures do not change it: the judgement of the building as it was is
 * kept.
 */
export function judgePlan(job: Job, plan: PlannedJob, memory: Memory = {}): Judgement {
  const before = memory.judged
  if (before && sameLoads(before.job, job) && before.plan.posts === plan.posts) return before.made
  const made = judge(job, plan)
  memory.judged = { job, plan, made }
  return made
}

/**
 * Derives everything from a job: plan, strings, marks, rows, holes, checks, quantities. Pure; unchanged parts are
 * remembered from the
 * call before. Issues: the contradictions of `checkJob`, when there are any nothing is derived.
 */
export function deriveJob(job: Job, memory: Memory = {}): Result<Derived> {
  const plan = planJob(job, memory)
  if (!plan.ok) return plan
  const { plannedWalls: _walls, layout: _layout, ...shown } = plan.value
  return ok({ ...shown, ...judgePlan(job, plan.value, memory) })
}
