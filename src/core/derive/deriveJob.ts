import {
  batterBoards, best345, diagonals, fitSquare, girtPieces, girtRows, layOutGrid, layOutStrings, placeOpening, placePosts, wallPosts,
  type Diagonal, type GirtPiece, type Grid, type OmittedPost, type PlacedOpening, type Post, type SquareFit, type StringLine, type WallRows,
} from '../layout'
import { rodLog, storyPole, type PoleMark, type RodLog } from '../marks'
import { SIDES, type Building, type Job, type Side } from '../model'
import { notChecked, ok, type Check, type Issue, type Result } from '../result'
import { postDemands, type PostDemand } from './demands'
import { sizeHoles, type HoleKind } from './holes'
import { columnCheck, holeChecks } from './postChecks'
import { schedule, type PostCard, type ScheduleRow } from './schedule'
import { siteResults, type SiteResults } from './siteResults'
import { takeoff, type Takeoff } from './takeoff'
import { wallChecks, wallWorst } from './wallChecks'
import { checkJob } from './checkJob'
import { wallNames } from './compass'

export interface WallResult extends WallRows { readonly name: string; readonly pieces: readonly GirtPiece[]; readonly widestHoldsIn: number | null; readonly worstRatio: number | null; readonly alternatives: readonly WallAlternative[] }
/** Another way to set the rows of one wall: what it would need. */
export interface WallAlternative { readonly key: 'landing' | 'even' | 'widest'; readonly rows: number; readonly widestIn: number; readonly blocks: number; readonly pieces: number; readonly worst: number | null; readonly maxGapIn: number; readonly meetOpenings: boolean }
export interface Tally { readonly holds: number; readonly close: number; readonly fails: number; readonly notChecked: number }

/** Everything the core derives from one job. */
export interface Derived {
  readonly grid: Grid; readonly rows: Readonly<Record<string, string>>
  readonly posts: readonly Post[]; readonly omitted: readonly OmittedPost[]; readonly placed: readonly PlacedOpening[]
  readonly wallNames: Readonly<Record<Side, string>>
  readonly strings: readonly StringLine[]; readonly diagonals: readonly Diagonal[]; readonly triangle: ReturnType<typeof best345>
  readonly batterBoards: ReturnType<typeof batterBoards>
  readonly square: Result<SquareFit>
  readonly walls: Readonly<Record<Side, WallResult>>
  readonly rods: RodLog
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  readonly site: SiteResults | null; readonly missing: readonly Issue[]
  readonly demands: Readonly<Record<string, PostDemand>> | null
  readonly holes: readonly HoleKind[]
  readonly schedule: readonly ScheduleRow[]; readonly cards: readonly PostCard[]
  readonly takeoff: Takeoff
  readonly checks: readonly Check[]; readonly tally: Tally
}

/** Posts beside each post along its row, for judging a reading. */
function neighbours(posts: readonly Post[]): Record<string, string[]> {
  const out: Record<string, string[]> = {}
  const link = (row: readonly Post[]) => row.forEach((p, i) => { out[p.id] = [...(out[p.id] ?? []), ...[row[i - 1]?.id, row[i + 1]?.id].filter((x): x is string => x !== undefined)] })
  for (const side of SIDES) link(wallPosts(posts, side))
  link(posts.filter((p) => p.kind === 'lean-to'))
  return out
}

/** What this version cannot check yet, said once for the whole building, so that nothing unseen reads as passing. */
function outsideScope(b: Building, omitted: readonly OmittedPost[]): Check[] {
  const why = 'Not computed in this version.'
  const see = 'Take it from the truss maker’s drawing or to an engineer.'
  return [
    notChecked('seats', 'Truss seats, bolts and uplift ties', 'roof', why, see),
    notChecked('purlins', 'Purlins', 'roof', why, see),
    ...(omitted.length ? [notChecked('headers', `Headers over ${omitted.map((o) => o.id).join(', ')}`, 'roof', `A header must carry the truss where ${omitted.map((o) => o.id).join(', ')} ${omitted.length > 1 ? 'are' : 'is'} left out. ${why}`, see, omitted.map((o) => o.id))] : []),
    ...(b.leanTo ? [notChecked('lean-to-frame', 'Lean-to rafters, ledger and beam', 'roof', why, see)] : []),
    notChecked('diaphragm', b.diaphragm === 'trusted' ? 'Roof diaphragm and end walls' : 'Bracing without a roof diaphragm', 'bracing', b.diaphragm === 'trusted' ? 'Post tops are taken as held by the roof and end walls. Their strength is not computed here.' : why, 'An engineer, with the panel maker’s tested values.'),
  ]
}

/** A function of the last arguments only: an unchanged part keeps its identity, so the steps after it keep theirs. */
function remember<A extends readonly unknown[], R>(f: (...args: A) => R): (...args: A) => R {
  let last: { args: A; result: R } | null = null
  return (...args) => {
    if (last && last.args.length === args.length && last.args.every((a, i) => a === args[i])) return last.result
    last = { args, result: f(...args) }
    return last.result
  }
}

const layOut = remember((b: Building, northDeg: number, runPastIn: number) => {
  const grid = layOutGrid(b)
  if (!grid.ok) return null
  const g = grid.value
  const layout = placePosts(b, g)
  const placed = b.openings.map((o) => placeOpening(o, g))
  const strings = layOutStrings(b, g, layout.posts, placed, layout.rows)
  return {
    grid: g, layout, placed, strings, names: wallNames(northDeg), diagonals: diagonals(b, g, layout.rows), triangle: best345(g.lengthIn, g.widthIn),
    boards: batterBoards(strings, runPastIn), neighbours: neighbours(layout.posts),
  }
})

const judge = remember((b: Building, site: Job['site'], strings: Job['strings'], levels: Job['levels'], name: string): Omit<Derived, 'square' | 'rods'> | null => {
  const job = { format: 'burdock-job', version: 1, name, note: '', site, building: b, strings, levels } as Job
  const plan = layOut(b, site.northDeg, strings.runPastIn)
  if (!plan) return null
  const { grid, layout, placed } = plan
  const { results, missing } = siteResults(job, grid)
  const checks: Check[] = []
  const walls = {} as Record<Side, WallResult>
  for (const side of SIDES) {
    const rows = girtRows(b, grid, side, placed)
    const judged = results ? wallChecks(job, grid, rows, layout.posts, results, plan.names[side]) : null
    if (judged) checks.push(...judged.checks)
    const alternative = (key: WallAlternative['key'], maxGapIn: number, meetOpenings: boolean): WallAlternative => {
      const same = maxGapIn === b.girts.maxGapIn && meetOpenings === b.girts.meetOpenings
      const other = same ? b : { ...b, girts: { ...b.girts, maxGapIn, meetOpenings } }
      const w = same ? rows : girtRows(other, grid, side, placed)
      return { key, rows: w.rows.length, widestIn: w.widestIn, blocks: w.blocks.length, pieces: girtPieces(other, w, layout.posts).length, worst: results ? wallWorst(other, grid, w, layout.posts, results) : null, maxGapIn, meetOpenings }
    }
    const gap = b.girts.maxGapIn
    const widest = judged && judged.widestIn >= 8 ? Math.floor(judged.widestIn * 16) / 16 : null
    walls[side] = {
      ...rows, name: plan.names[side], pieces: girtPieces(b, rows, layout.posts), widestHoldsIn: judged ? judged.widestIn : null, worstRatio: judged?.worst ?? null,
      alternatives: [alternative('landing', gap, true), ...(placed.some((o) => o.opening.side === side) ? [alternative('even', gap, false)] : []), ...(widest !== null && Math.abs(widest - gap) > 1 / 32 ? [alternative('widest', widest, true)] : [])],
    }
  }
  const poles = Object.fromEntries(layout.posts.map((p) => [p.id, storyPole(b, p, walls, placed)]))
  const demands = results ? postDemands(job, grid, layout, results) : null
  const holes = sizeHoles(job, layout.posts, demands, results)
  if (results && demands) {
    const byId = new Map(layout.posts.map((p) => [p.id, p]))
    const gap = Math.max(...SIDES.map((s) => walls[s].widestIn))
    for (const h of holes) checks.push(...holeChecks(job, h, byId, demands, results))
    for (const h of holes) checks.push(columnCheck(job, h, byId, demands, gap))
  } else checks.push(notChecked('site', 'Everything that depends on the site', 'holes', `Not entered yet: ${missing.map((m) => String(m.path[1])).join(', ')}.`, 'Enter the site’s hazards first; none is ever assumed.'))
  checks.push(...outsideScope(b, layout.omitted))
  const rows = schedule(b, layout.posts, holes)
  const tally = { holds: 0, close: 0, fails: 0, notChecked: 0 }
  for (const c of checks) tally[c.state === 'not-checked' ? 'notChecked' : c.state]++
  return {
    grid, rows: layout.rows, posts: layout.posts, omitted: layout.omitted, placed, wallNames: plan.names, strings: plan.strings, diagonals: plan.diagonals, triangle: plan.triangle, batterBoards: plan.boards,
    walls, poles, site: results, missing, demands, holes, schedule: rows.rows, cards: rows.cards(poles), takeoff: takeoff(b, rows.rows, holes, walls, grid, placed), checks, tally,
  }
})

/**
 * Derives everything from a job: plan, strings, marks, rows, holes, checks, quantities. Pure; unchanged parts are remembered from the
 * call before. Issues: the contradictions of `checkJob`, when there are any nothing is derived.
 */
export function deriveJob(job: Job): Result<Derived> {
  const plan = layOut(job.building, job.site.northDeg, job.strings.runPastIn)
  // A plan that could be laid out brings its own contradictions; one that could not says why.
  if (!plan || plan.layout.issues.length > 0 || job.building.skirt.topIn >= job.building.heelIn) return { ok: false, issues: checkJob(job) }
  const judged = judge(job.building, job.site, NO_STRINGS(job.strings.runPastIn), NO_LEVELS, job.name)
  if (!judged) return { ok: false, issues: checkJob(job) }
  return ok({
    ...judged,
    square: fitSquare(job.strings.measures, plan.grid.lengthIn, plan.grid.widthIn, job.strings.squareMode),
    rods: rodLog(job.levels, plan.neighbours),
  })
}

const NO_LEVELS: Job['levels'] = { coverIn: 0, readingsIn: {} }
/** Readings and measures do not change the building: its own step sees only what it uses, so typing a reading costs nothing there. */
const NO_STRINGS = remember((runPastIn: number): Job['strings'] => ({ runPastIn, hook: 'low', hookPost: null, measures: { southIn: null, northIn: null, westIn: null, eastIn: null, risingIn: null, fallingIn: null }, squareMode: 'hold-south', toleranceIn: 0.25 }))
