import { ROUNDING, IN_PER_FT, NEGLIGIBLE } from '../units'
import { deriveJob, eaveBeamWorst, girtedSides, partsOf, type PartsOf, planJob, postPart, rafterWorst } from '../derive'
import { stringRectangle } from '../layout'
import { type BoardName, type Building, type GirtStyle, type Job, type Side } from '../model'
import { priceBook, type Prices } from '../quantities'
import { postSize } from '../wood'
import { sizeBraces } from './braces'
import { editsFor } from './edits'
import { bought, builtUps, cheapest, type Counted, HOLDS, sizeGirts, sizePurlins } from './sizeParts'
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
  readonly tightest: { readonly title: string; readonly ratio: number; readonly governs: string } | null
  readonly words: readonly (readonly [part: string, choice: string])[]
}
export interface SizingReport {
  readonly proposals: readonly Proposal[]
  /** Cheapest by count of bays, for the chart of cost against spacing. */
  readonly byBays: readonly { readonly bays: number; readonly bayIn: number; readonly cost: number }[]
  /** Choices of parts judged one by one, and complete alternatives that these make together. */
  readonly partsJudged: number
  readonly alternatives: number
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

interface Sized {
  readonly job: Job
  readonly cost: number
}

/** The cheapest of everything but the posts for one plan, or the part that no choice on the list can do. */
function sizeAround({
  parts,
  start,
  prices,
  styles,
  count,
}: {
  parts: PartsOf
  start: Job
  prices: Prices
  styles: readonly GirtStyle[]
  count: Counted
}): { readonly sized: Sized; readonly of: number } | { readonly stuck: string } {
  let job = start
  let cost = 0
  let of = 1
  const locked = new Set(job.sizing.locked)
  const set = (partial: Partial<Building>) => {
    job = { ...job, building: { ...job.building, ...partial } }
  }
  if (!locked.has('girts')) {
    const sides = girtedSides(job.building)
    const groups: (readonly Side[])[] = job.sizing.sameGirts
      ? [sides]
      : [
          sides.filter((side) => side === 'south' || side === 'north'),
          sides.filter((side) => side === 'east' || side === 'west'),
        ]
    const walls: Building['girts']['walls'] = {}
    for (const [i, group] of groups.filter((group) => group.length).entries()) {
      const girts = sizeGirts({ parts, building: job.building, job, prices, sides: group, styles, count })
      if (!girts) return { stuck: 'No girt on the list holds within the widest space.' }
      cost += girts.cost
      of *= girts.of
      if (i === 0) set({ girts: { ...job.building.girts, ...girts.change, walls: {} } })
      else
        for (const side of group)
          walls[side] = {
            style: girts.change.style ?? 'flat',
            size: girts.change.size ?? '2x6',
            lumber: girts.change.lumber ?? 'SP-No.2',
            maxGapIn: girts.change.maxGapIn ?? 24,
          }
    }
    set({ girts: { ...job.building.girts, walls } })
  }
  if (!locked.has('purlins')) {
    const purlins = sizePurlins({ parts, building: job.building, job, prices, count })
    if (!purlins) return { stuck: 'No purlin on the list holds.' }
    cost += purlins.cost
    of *= purlins.of
    set({ roof: { ...job.building.roof, purlins: purlins.value } })
  }
  for (const kind of ['carrier', 'header'] as const) {
    const beams = parts.trusses.beams.filter((beam) => beam.kind === kind)
    if (locked.has(kind) || beams.length === 0) continue
    const list = builtUps(
      job,
      prices,
      [2, 3, 4],
      beams.reduce((sum, beam) => sum + bought(beam.spanIn + 3), 0),
    )
    const best = cheapest(
      list,
      (spec) =>
        eaveBeamWorst(
          parts,
          { ...job.building, roof: { ...job.building.roof, [kind]: { ...job.building.roof[kind], ...spec } } },
          kind,
        ) <= HOLDS,
      count,
    )
    if (!best)
      return { stuck: `No ${kind} of up to four plies on the list holds: fewer posts left out, or closer posts.` }
    cost += best.cost
    of *= list.length
    set({ roof: { ...job.building.roof, [kind]: { ...job.building.roof[kind], ...best.value } } })
  }
  if (!locked.has('leanTo'))
    for (const leanTo of job.building.leanTos) {
      const along =
        leanTo.rafter.spaceIn === null
          ? parts.grid.centresIn.length
          : Math.ceil(parts.grid.lengthIn / leanTo.rafter.spaceIn) + 1
      const list = builtUps(
        job,
        prices,
        [1, 2, 3],
        along * bought((leanTo.depthIn + job.building.eaveOverhangIn) * 1.02),
      )
      const put = (spec: { plies: number; size: BoardName; lumber: string }) => ({
        ...job.building,
        leanTos: job.building.leanTos.map((each) =>
          each.side === leanTo.side ? { ...each, rafter: { ...each.rafter, ...spec } } : each,
        ),
      })
      const best = cheapest(list, (spec) => rafterWorst(parts, put(spec), leanTo.side) <= HOLDS, count)
      if (!best) return { stuck: `No rafter on the list holds on the ${leanTo.side} lean-to.` }
      cost += best.cost
      of *= list.length
      job = { ...job, building: put(best.value) }
    }
  return { sized: { job, cost }, of }
}

/**
 * Small things a crew can always add (nails, bolts, thicker pads) are taken up until what is left is no longer theirs
 * to cure.
 */
function settle(start: Job, prices: Prices, count: Counted): Job {
  const first = deriveJob(start)
  let job = first.ok ? sizeBraces(start, first.value, prices, count) : start
  const locked = job.sizing.locked.includes('bracing')
  for (let pass = 0; pass < 14; pass++) {
    const result = deriveJob(job)
    if (!result.ok) return job
    const id = result.value.checks.find(
      (check) =>
        check.state === 'fails' &&
        /^(girt-nails|truss-uplift|truss-block|truss-seat|(carrier|header)-(bolts|uplift)|ledger-(south|north)|collar-fix|pad|lamination|purlin-tie|brace)/.test(
          check.id,
        ) &&
        !(locked && check.id.startsWith('brace')),
    )?.id
    if (!id) return job
    const now = result.value.checks.find((check) => check.id === id)?.ratio ?? 0
    let best: { job: Job; ratio: number } | null = null
    for (const edit of editsFor(job, id)) {
      const after = deriveJob(edit.job)
      const ratio = after.ok ? (after.value.checks.find((check) => check.id === id)?.ratio ?? Infinity) : Infinity
      if (ratio <= HOLDS) {
        best = { job: edit.job, ratio }
        break
      }
      if (ratio < now - NEGLIGIBLE && (!best || ratio < best.ratio)) best = { job: edit.job, ratio }
    }
    if (!best) return job
    job = best.job
  }
  return job
}

function propose(job: Job, bays: number, preferred: boolean, key: string): Proposal | null {
  const result = deriveJob(job)
  if (!result.ok) return null
  const worst = result.value.checks
    .filter((check) => check.state !== 'not-checked')
    .reduce<(typeof result.value.checks)[number] | null>(
      (best, check) => (!best || check.ratio > best.ratio ? check : best),
      null,
    )
  const takeoff = result.value.takeoff
  return {
    key,
    job,
    bays,
    bayIn: result.value.grid.baysIn[0],
    cost: takeoff.totalCost,
    boards: takeoff.boards,
    heaviestLb: takeoff.heaviestLb,
    heaviest: takeoff.heaviest,
    fails: result.value.tally.fails,
    notChecked: result.value.tally.notChecked,
    tightest: worst && { title: worst.title, ratio: worst.ratio, governs: worst.governs },
    preferred,
    words: partWords(job, new Set(result.value.trusses.beams.map((beam) => beam.kind))),
  }
}

/**
 * ‘Size it for me’: the cheapest set of posts, holes, girts, purlins, beams and rafters that holds, within the job's
 * limits. For one count of
 * bays the parts meet only through the bay and the post, and cost adds up: so the cheapest of each part that holds is
 * the cheapest whole, and
 * each part's list is tried from its cheapest end until one holds. Every count of bays and every post is tried. What
 * comes out is judged whole
 * again before it is shown. Yields its progress; the caller may stop between steps.
 */
export function* sizeJob(job: Job): Generator<SizingProgress, SizingReport> {
  const prices = priceBook(job.sizing.prices)
  const counts = bayCounts(job)
  const count: Counted = { judged: 0, alternatives: 0 }
  const found: { job: Job; bays: number; estimate: number }[] = []
  let trouble: string | null = null
  const unfit: number[] = []
  const lockedPost = job.sizing.locked.includes('post')
  const posts = lockedPost
    ? [job.building.post]
    : job.sizing.sections.flatMap((section) =>
        job.sizing.lumbers.map((lumber) => ({ ...job.building.post, section, lumber })),
      )
  const of = counts.length * (posts.length + 1) + 4
  let done = 0
  for (const bays of counts) {
    const laid: Job =
      job.sizing.locked.includes('bays') || job.building.bays.mode === 'hand'
        ? job
        : { ...job, building: { ...job.building, bays: { mode: 'count', count: bays } } }
    const plan = planJob(laid)
    const parts = plan.ok
      ? partsOf({
          job: laid,
          grid: plan.value.grid,
          layout: plan.value.layout,
          placed: plan.value.placed,
          trusses: plan.value.trusses,
        })
      : null
    if (!plan.ok || !parts) {
      done += posts.length + 1
      if (!plan.ok) unfit.push(bays)
      trouble ??= plan.ok ? 'The site is not complete: nothing can be sized.' : `${bays} bays do not fit the openings.`
      continue
    }
    const girtChoices = (): readonly (readonly GirtStyle[])[] => {
      if (job.building.girts.style === 'both') return [['both']]
      if (job.sizing.locked.includes('girts')) return [[job.building.girts.style]]
      return [['flat'], ['between']]
    }
    const styles: readonly (readonly GirtStyle[])[] = girtChoices()
    const arounds = styles.map((style) => sizeAround({ parts, start: laid, prices, styles: style, count }))
    yield { done: ++done, of, saying: `${bays} bays: girts, purlins, beams` }
    const good = arounds
      .flatMap((around) => ('sized' in around ? [around] : []))
      .sort((one, other) => one.sized.cost - other.sized.cost)
    if (good.length === 0) {
      const stuck = arounds.find((around) => 'stuck' in around)
      trouble = `${bays} bays: ${stuck && 'stuck' in stuck ? stuck.stuck : ''}`
      done += posts.length
      continue
    }
    count.alternatives += good.reduce((sum, each) => sum + each.of, 0) * posts.length
    const around = good[0]
    const tried: { post: Building['post']; cost: number }[] = []
    const with_ = (sized: Sized, post: Building['post']): Job => ({
      ...sized.job,
      building: {
        ...sized.job.building,
        post,
        ...(job.sizing.locked.includes('hole') ? {} : { holeDiameterIn: null }),
      },
    })
    for (const post of posts) {
      const sized = with_(around.sized, post)
      const size = postSize(post)
      // A section changes its own width, so its strings are laid out anew before it is judged.
      const own = planJob(sized)
      const judged = own.ok
        ? postPart(
            {
              ...parts,
              layout: own.value.layout,
              grid: own.value.grid,
              trusses: own.value.trusses,
              placed: own.value.placed,
            },
            sized,
          )
        : null
      count.judged++
      done++
      if (!judged || judged.worst > HOLDS || !own.ok) continue
      const feet = own.value.posts.reduce(
        (sum, post) =>
          sum + bought(post.longPointIn + (judged.holes.find((hole) => hole.kind === post.kind)?.embedIn ?? 0) + 1),
        0,
      )
      const concrete = judged.holes.reduce((sum, hole) => sum + hole.volumes.concreteFt3 * hole.postIds.length, 0)
      const cost =
        feet * size.plies * prices.board(`2x${size.nominal}` as BoardName, post.lumber, true) +
        (concrete / 0.6) * 1.1 * prices.of('concrete 80 lb') +
        judged.holes.reduce((sum, hole) => sum + (hole.digIn / IN_PER_FT) * hole.postIds.length, 0) *
          prices.of('hole dug')
      tried.push({ post, cost })
      if (done % 4 === 0) yield { done, of, saying: `${bays} bays: posts` }
    }
    if (tried.length === 0) {
      trouble = `${bays} bays: no post on the list holds.`
      continue
    }
    for (const kept of tried.sort((one, other) => one.cost - other.cost).slice(0, 2))
      for (const sized of good)
        found.push({
          job: with_(sized.sized, kept.post),
          bays,
          estimate: kept.cost + sized.sized.cost + bays * prices.of('bay of labour'),
        })
  }
  // Where a bay is preferred, what holds nearest to it comes first, and the cheapest of all stands beside it.
  const prefer = job.sizing.preferBayIn
  const lengthIn = stringRectangle(job.building).lengthIn
  const off = (bays: number) => (prefer === null ? 0 : Math.abs(lengthIn / bays - prefer))
  const nearest = Math.min(...found.map((choice) => off(choice.bays)))
  const byCost = [...found].sort((one, other) => one.estimate - other.estimate)
  const near = byCost.filter((choice) => off(choice.bays) <= nearest + ROUNDING)
  const best =
    prefer === null
      ? byCost.slice(0, 4)
      : [...new Set([...near.slice(0, 3), ...byCost.slice(0, 1), ...near.slice(3)])].slice(0, 4)
  const proposals: Proposal[] = []
  for (const [i, value] of best.entries()) {
    const proposal = propose(
      settle(value.job, prices, count),
      value.bays,
      prefer !== null && off(value.bays) <= nearest + ROUNDING,
      `p${i}`,
    )
    if (proposal) proposals.push(proposal)
    yield { done: Math.min(of, ++done), of, saying: 'judging the best whole' }
  }
  proposals.sort(
    (one, other) => one.fails - other.fails || Number(other.preferred) - Number(one.preferred) || one.cost - other.cost,
  )
  const byBays = counts.flatMap((count) => {
    const least = byCost.find((choice) => choice.bays === count)
    return least ? [{ bays: count, bayIn: lengthIn / count, cost: least.estimate }] : []
  })
  return {
    proposals,
    byBays,
    partsJudged: count.judged,
    alternatives: count.alternatives,
    trouble: proposals.length ? null : trouble,
    why:
      `Every count of bays from ${counts[0]} to ${counts[counts.length - 1]} and every post on the list was ` +
      `tried${unfit.length ? `, but ${unfit.join(' and ')} bays put a post into an opening or contradict the building otherwise` : ''}. ` +
      'For each, every other part was tried from its cheapest choice up until one held: cost adds up and the parts ' +
      'meet only through bay and post, so no dearer choice can make a cheaper whole. What ties parts further (girt ' +
      'space into the posts’ weak axis, purlin weight into the roof’s) is judged in the whole, where each proposal ' +
      'shows what fails. Board braces are chosen for the best few, the cheapest that holds ' +
      `each.${prefer === null ? '' : ' What holds at the bay nearest to the preferred one comes first.'}`,
  }
}
