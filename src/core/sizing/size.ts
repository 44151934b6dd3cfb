import { entryOf, firstOf } from '../result'
import { deriveJob, judgeJob, planJob, widestSpaceIn } from '../derive'
import { stringRectangle } from '../layout'
import { type BoardName, type Building, type GirtStyle, type Job } from '../model'
import { BAG_YIELD_FT3, priceBook, type Prices } from '../quantities'
import { IN_PER_FT, NEGLIGIBLE, ROUNDING } from '../units'
import { postSize } from '../wood'
import { type Check, fails, type RuleName, ruleOf, worstFirst } from '../rules'
import { sizeBraces } from './braces'
import { sizeAround } from './chooseParts'
import { editsFor } from './edits'
import { partsOf, type PartsOf, postPart } from './parts'
import { boughtFt, type Counted, holds } from './sizeParts'
import { partWords } from './words'

/** One complete way of sizing the building, judged whole. */
export interface Proposal {
  readonly key: string
  readonly job: Job
  readonly bays: number
  readonly bayIn: number
  readonly cost: number
  readonly boards: number
  readonly heaviestLb: number
  readonly heaviest: string
  /** Its bay is the nearest to the preferred one that holds. */ readonly preferred: boolean
  readonly fails: number
  readonly notChecked: number
  /** What stands closest to its limit or furthest past it. */ readonly tightest: Check | null
  readonly words: readonly (readonly [part: string, choice: string])[]
}

export interface SizingReport {
  readonly proposals: readonly Proposal[]
  /** Cheapest by count of bays, for the chart of cost against spacing. */
  readonly byBays: readonly { readonly bays: number; readonly bayIn: number; readonly cost: number }[]
  /** Choices of parts judged one by one, whole buildings put together of them, and those of these judged whole. */
  readonly partsJudged: number
  readonly wholesMade: number
  readonly wholesJudged: number
  readonly why: string
  readonly trouble: string | null
}

export interface SizingProgress {
  readonly done: number
  readonly of: number
  readonly saying: string
}

/** Bay counts within the limits; the present one alone where bays are locked or set by hand. */
export function bayCounts(job: Job): number[] {
  const building = job.building
  const length = stringRectangle(building).lengthIn
  const { bayMinIn, bayMaxIn, locked } = job.sizing
  const plan = planJob(job)
  const now = plan.ok ? plan.value.grid.baysIn.length : 1
  if (locked.includes('bays') || building.bays.mode === 'hand') return [now]
  const out: number[] = []
  for (
    let bays = Math.max(1, Math.ceil(length / bayMaxIn - ROUNDING));
    bays <= Math.floor(length / bayMinIn + ROUNDING);
    bays++
  )
    out.push(bays)
  return out.length ? out : [now]
}

/** Checks that nails, bolts, blocks, thicker pads and more braces remedy. */
const SMALL_REMEDIES: ReadonlySet<RuleName> = new Set<RuleName>([
  'girt/nails',
  'purlin/tie',
  'post/lamination',
  'hole/fixing',
  'hole/pad',
  'brace/pull',
  'brace/push',
  'brace/couple',
  'truss/uplift',
  'truss/block',
  'truss/seat',
  'beam/bolts',
  'beam/uplift',
  'rafter/bolts',
  'ledger/strength',
  'ledger/sag',
])

/** The check of a job after a change, where it was made. */
function checkAfter(job: Job, id: string): Check | null {
  const after = judgeJob(job)
  const found = after.ok ? after.value.checks.find((check) => check.id === id) : undefined
  return found && found.state !== 'not-checked' ? found : null
}

/** Whether one check stands better than another, by more than nothing. */
const standsBetter = (one: Check, other: Check): boolean => {
  if (one.ratio === null || other.ratio === null) return worstFirst(one, other) > 0
  return one.ratio < other.ratio - NEGLIGIBLE
}

/** The first change that remedies a check, or the one that brings it furthest; null where none helps. */
function bestEdit(job: Job, check: Check): Job | null {
  let best: { readonly job: Job; readonly check: Check } | null = null
  for (const edit of editsFor(job, check)) {
    const after = checkAfter(edit.job, check.id)
    if (!after) continue
    if (!fails(after)) return edit.job
    if (standsBetter(after, best?.check ?? check)) best = { job: edit.job, check: after }
  }
  return best?.job ?? null
}

/**
 * Small things a crew can always add (nails, bolts, thicker pads) are taken up until what is left is no longer theirs
 * to remedy.
 */
function settle(start: Job, prices: Prices, count: Counted): Job {
  const first = judgeJob(start)
  let job = first.ok ? sizeBraces(start, first.value, prices, count) : start
  const locked = job.sizing.locked.includes('bracing')
  const isSmall = (check: Check) => SMALL_REMEDIES.has(ruleOf(check)) && !(locked && check.key.member === 'brace')
  for (let pass = 0; pass < 14; pass++) {
    const result = judgeJob(job)
    if (!result.ok) return job
    const open = result.value.checks.find((check) => fails(check) && isSmall(check))
    const next = open ? bestEdit(job, open) : null
    if (!next) return job
    job = next
  }
  return job
}

function propose(job: Job, bays: number, preferred: boolean, key: string): Proposal | null {
  const result = deriveJob(job)
  if (!result.ok) return null
  const worst = result.value.checks
    .filter((check) => check.state !== 'not-checked')
    .reduce<Check | null>((worst, check) => (!worst || worstFirst(check, worst) < 0 ? check : worst), null)
  const takeoff = result.value.takeoff
  return {
    key,
    job,
    bays,
    bayIn: firstOf(result.value.grid.baysIn),
    cost: takeoff.totalCost,
    boards: takeoff.boards,
    heaviestLb: takeoff.heaviestLb,
    heaviest: takeoff.heaviest,
    fails: result.value.tally.fails,
    notChecked: result.value.tally.notChecked,
    tightest: worst,
    preferred,
    words: partWords(job, new Set(result.value.trusses.beams.map((beam) => beam.kind))),
  }
}

/** Bags bought, of those that the holes take. */
const BAGS_WITH_SPARE = 1.1

interface Found {
  readonly job: Job
  readonly bays: number
  readonly estimate: number
}

/** The job laid out with a number of bays, unless its bays are locked or set by hand. */
const laidOut = (job: Job, bays: number): Job =>
  job.sizing.locked.includes('bays') || job.building.bays.mode === 'hand'
    ? job
    : { ...job, building: { ...job.building, bays: { mode: 'count', count: bays } } }

/** Ways of setting girts that are tried apart. */
function girtChoices(job: Job): readonly (readonly GirtStyle[])[] {
  if (job.building.girts.style === 'both') return [['both']]
  if (job.sizing.locked.includes('girts')) return [[job.building.girts.style]]
  return [['flat'], ['between']]
}

/** A job with other posts; the hole goes with the post unless it is locked. */
const withPost = (job: Job, post: Building['post']): Job => ({
  ...job,
  building: { ...job.building, post, ...(job.sizing.locked.includes('hole') ? {} : { holeDiameterIn: null }) },
})

/** What posts of one kind cost with their holes, $; null where they do not hold. */
function postCost(sized: Job, parts: PartsOf, prices: Prices): number | null {
  const size = postSize(sized.building.post)
  // A section changes its own width, so its strings are laid out anew before it is judged.
  const plan = planJob(sized)
  if (!plan.ok) return null
  const { grid, layout, trusses, placed, posts, plannedWalls, columns } = plan.value
  const judged = postPart({ ...parts, grid, layout, trusses, placed }, sized, widestSpaceIn(plannedWalls))
  if (!holds(judged.worst)) return null
  const feet = posts.reduce((sum, post) => {
    const embedIn = judged.holes.find((hole) => hole.kind === post.kind)?.embedIn ?? 0
    return sum + boughtFt(sized, entryOf(columns, post.id).topUpIn + embedIn)
  }, 0)
  const concreteFt3 = judged.holes.reduce((sum, hole) => sum + hole.volumes.concreteFt3 * hole.postIds.length, 0)
  const dugFt = judged.holes.reduce((sum, hole) => sum + (hole.digIn / IN_PER_FT) * hole.postIds.length, 0)
  return (
    feet * size.plies * prices.board(`2x${size.nominal}` as BoardName, sized.building.post.lumber, true) +
    (concreteFt3 / BAG_YIELD_FT3[80]) * BAGS_WITH_SPARE * prices.of('concrete 80 lb') +
    dugFt * prices.of('hole dug')
  )
}

/** The posts that are tried: those of the list, or the one that is locked. */
const postChoices = (job: Job): readonly Building['post'][] =>
  job.sizing.locked.includes('post')
    ? [job.building.post]
    : job.sizing.sections.flatMap((section) =>
        job.sizing.lumbers.map((lumber) => ({ ...job.building.post, section, lumber })),
      )

/** Proposals that are shown, and wholes that are judged at most to find one that holds. */
const FEW = 4
const MOST_WHOLES = 12

/** What is judged whole, in turn: nearest to the preferred bay first, the cheapest of all beside them. */
function inTurn(byCost: readonly Found[], prefer: number | null, isNear: (found: Found) => boolean): readonly Found[] {
  if (prefer === null) return byCost.slice(0, MOST_WHOLES)
  const near = byCost.filter(isNear)
  const turns = new Set([...near.slice(0, FEW - 1), ...byCost.slice(0, 1), ...near.slice(FEW - 1), ...byCost])
  return [...turns].slice(0, MOST_WHOLES)
}

/** What was tried, and what was not. */
const whatWasTried = (counts: readonly number[], unfit: readonly number[], prefer: number | null): string => {
  const left = unfit.length
    ? `, but ${unfit.join(' and ')} bays put a post into an opening or contradict the building otherwise`
    : ''
  return (
    `Every count of bays from ${counts[0]} to ${counts[counts.length - 1]} and every post on the list was ` +
    `tried${left}. ` +
    'For each, girts, purlins, beams and rafters were tried one part at a time, from its cheapest choice up until ' +
    'one held; then the posts, of which the two cheapest that held were kept. The cheapest wholes made of these were ' +
    'judged whole, with nails, bolts and braces added until what is left is not theirs to remedy. This is no proof: ' +
    'parts that were never tried together (girt space ties into the posts’ weak axis, purlin weight into the ' +
    'roof’s) may make a cheaper whole.' +
    `${prefer === null ? '' : ' What holds at the bay nearest to the preferred one comes first.'}`
  )
}

/** One search: what it has found and met, and how far it is. */
interface Search {
  readonly job: Job
  readonly prices: Prices
  readonly posts: readonly Building['post'][]
  readonly count: Counted
  readonly of: number
  readonly found: Found[]
  readonly unfit: number[]
  trouble: string | null
  done: number
}

/** Everything tried for one number of bays; what holds is added to what was found. */
function* searchBays(search: Search, bays: number): Generator<SizingProgress, void> {
  const { job, prices, posts, count, of } = search
  const laid = laidOut(job, bays)
  const plan = planJob(laid)
  const parts = plan.ok ? partsOf({ ...plan.value, job: laid }) : null
  if (!plan.ok || !parts) {
    search.done += posts.length + 1
    if (!plan.ok) search.unfit.push(bays)
    search.trouble ??= plan.ok
      ? 'The site is not complete: nothing can be sized.'
      : `${bays} bays do not fit the openings.`
    return
  }
  const arounds = girtChoices(job).map((styles) => sizeAround(laid, { parts, prices, styles, count }))
  yield { done: ++search.done, of, saying: `${bays} bays: girts, purlins, beams` }
  const good = arounds
    .flatMap((around) => ('sized' in around ? [around] : []))
    .sort((one, other) => one.sized.cost - other.sized.cost)
  if (good.length === 0) {
    const stuck = arounds.flatMap((around) => ('stuck' in around ? [around.stuck] : []))
    search.trouble = `${bays} bays: ${stuck[0] ?? ''}`
    search.done += posts.length
    return
  }
  const tried: { post: Building['post']; cost: number }[] = []
  for (const post of posts) {
    const cost = postCost(withPost(firstOf(good).sized.job, post), parts, prices)
    count.judged++
    search.done++
    if (cost === null) continue
    tried.push({ post, cost })
    if (search.done % 4 === 0) yield { done: search.done, of, saying: `${bays} bays: posts` }
  }
  if (tried.length === 0) {
    search.trouble = `${bays} bays: no post on the list holds.`
    return
  }
  const labour = bays * prices.of('bay of labour')
  for (const kept of tried.sort((one, other) => one.cost - other.cost).slice(0, 2))
    for (const { sized } of good)
      search.found.push({ job: withPost(sized.job, kept.post), bays, estimate: kept.cost + sized.cost + labour })
}

/**
 * ‘Size it for me’: a cheap set of posts, holes, girts, purlins, beams and rafters that holds, within the job's limits.
 * For every count of bays each part's list is tried from its cheapest end until one holds, the rest as it is, and every
 * post after that; wholes are put together of these and judged whole, cheapest first. It is a search, not a proof: parts
 * that were never tried together may make a cheaper whole. Yields its progress; the caller may stop between steps.
 */
export function* sizeJob(job: Job): Generator<SizingProgress, SizingReport> {
  const prices = priceBook(job.sizing.prices)
  const counts = bayCounts(job)
  const count: Counted = { judged: 0 }
  const posts = postChoices(job)
  const of = counts.length * (posts.length + 1) + 4
  const search: Search = { job, prices, posts, count, of, found: [], unfit: [], trouble: null, done: 0 }
  for (const bays of counts) yield* searchBays(search, bays)

  // Where a bay is preferred, what holds nearest to it comes first, and the cheapest of all stands beside it.
  const prefer = job.sizing.preferBayIn
  const lengthIn = stringRectangle(job.building).lengthIn
  const off = (found: Found) => (prefer === null ? 0 : Math.abs(lengthIn / found.bays - prefer))
  const nearest = Math.min(...search.found.map(off))
  const isNear = (found: Found) => off(found) <= nearest + ROUNDING
  const byCost = [...search.found].sort((one, other) => one.estimate - other.estimate)
  const judged: Proposal[] = []
  for (const [i, found] of inTurn(byCost, prefer, isNear).entries()) {
    // Past the first few only until one of them holds.
    if (i >= FEW && judged.some((proposal) => proposal.fails === 0)) break
    const proposal = propose(settle(found.job, prices, count), found.bays, prefer !== null && isNear(found), `p${i}`)
    if (proposal) judged.push(proposal)
    yield { done: Math.min(of, ++search.done), of, saying: 'judging the best whole' }
  }
  const proposals = [...judged]
    .sort(
      (one, other) =>
        one.fails - other.fails || Number(other.preferred) - Number(one.preferred) || one.cost - other.cost,
    )
    .slice(0, FEW)
  const byBays = counts.flatMap((bays) => {
    const least = byCost.find((found) => found.bays === bays)
    return least ? [{ bays, bayIn: lengthIn / bays, cost: least.estimate }] : []
  })
  return {
    proposals,
    byBays,
    partsJudged: count.judged,
    wholesMade: search.found.length,
    wholesJudged: judged.length,
    trouble: proposals.length ? null : search.trouble,
    why: whatWasTried(counts, search.unfit, prefer),
  }
}
