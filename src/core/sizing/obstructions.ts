import { deriveJob, type Derived } from '../derive'
import { movePost, wallLengthIn, type Post, named, type PostName } from '../layout'
import type { BoardName, Ground, Job } from '../model'
import { HALF_MARK_IN, formatLength, SAME_IN, ROUNDING } from '../units'
import { type Check, fails } from '../rules'
import { boardSize } from '../wood'

export type Obstruction = Ground['obstructions'][number]
/**
 * One thing to do about an obstruction and what it does to the building. `job` is the building with it done; null where
 * nothing in the plan changes.
 */
interface WayRound {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job | null
  readonly fails: number
  readonly more: number
  /** What breaks that held before. */ readonly newFails: readonly Check[]
}

export interface Met {
  readonly obstruction: Obstruction
  readonly posts: readonly PostName[]
  readonly ways: readonly WayRound[]
}

/** Headers tried over a post that is left out, lightest first. */
const HEADERS = [
  { plies: 2, size: '2x10' },
  { plies: 2, size: '2x12' },
  { plies: 3, size: '2x12' },
  { plies: 4, size: '2x12' },
] as const

const alongX = (post: Post): boolean => post.side === 'south' || post.side === 'north'

/** Posts whose holes an obstruction with its clearance touches. */
export function postsMet(pick: Pick<Derived, 'posts' | 'holes'>, obstruction: Obstruction): Post[] {
  return pick.posts.filter((post) => {
    const hole = pick.holes.find((hole) => hole.postIds.includes(post.id))
    return (
      hole !== undefined &&
      Math.hypot(post.x - obstruction.xIn, post.y - obstruction.yIn) <
        hole.diameterIn / 2 + obstruction.radiusIn + obstruction.clearIn - SAME_IN
    )
  })
}

/**
 * How far a post must go along its wall, either way, for its hole to clear an obstruction: inches toward the low end
 * (negative) and the high end.
 */
export function clearingMoves(post: Post, holeIn: number, obstruction: Obstruction): readonly [number, number] {
  const [along, across] = alongX(post)
    ? [obstruction.xIn - post.x, obstruction.yIn - post.y]
    : [obstruction.yIn - post.y, obstruction.xIn - post.x]
  const reach = holeIn / 2 + obstruction.radiusIn + obstruction.clearIn
  const half = Math.sqrt(Math.max(0, reach * reach - across * across))
  // To the next sixteenth, on the clear side.
  return [Math.floor((along - half) * 16 - ROUNDING) / 16, Math.ceil((along + half) * 16 + ROUNDING) / 16]
}

/** What a way round is judged on: the job as it stands, derived, and what fails in it already. */
interface WaysOf {
  readonly job: Job
  readonly now: Derived
  readonly failing: ReadonlySet<string>
}

interface Way {
  readonly key: string
  readonly label: string
  readonly detail: string
}

/** A way judged on the whole building; none where the plan cannot be laid out with it. */
function judged({ now, failing }: WaysOf, way: Way, next: Job): WayRound[] {
  const result = deriveJob(next)
  if (!result.ok) return []
  const { checks, tally, takeoff } = result.value
  return [
    {
      ...way,
      job: next,
      fails: tally.fails,
      more: takeoff.totalCost - now.takeoff.totalCost,
      newFails: checks.filter((check) => fails(check) && !failing.has(check.id)),
    },
  ]
}

/** A way that leaves the plan as it is. */
const asPlanned = ({ now }: WaysOf, way: Way): WayRound => ({
  ...way,
  job: null,
  fails: now.tally.fails,
  more: 0,
  newFails: [],
})

/** Compass word of a move along the post's wall. */
const towards = (post: Post, byIn: number): string => {
  const [back, on] = alongX(post) ? ['west', 'east'] : ['south', 'north']
  return byIn < 0 ? back : on
}

/** Names joined as one says them: `A3`, `A3 and D3`, `A3, D3 and E3`. */
const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** What a move takes along: every other post that stands elsewhere after it, and the truss where its line moves. */
function takenAlong(before: Derived, after: Derived, post: Post): string {
  const stood = new Map(before.posts.map((each) => [each.id, each]))
  const others = after.posts.filter((each) => {
    const was = stood.get(each.id)
    return each.id !== post.id && was && Math.hypot(each.x - was.x, each.y - was.y) > HALF_MARK_IN
  })
  if (others.length === 0) return 'the post alone'
  const truss = others.some((each) => each.line !== null && each.line === post.line) ? ', and their truss' : ''
  return `${listed(others.map(({ name }) => name))} ${others.length === 1 ? 'goes' : 'go'} with it${truss}`
}

/**
 * Move the post along its wall to one side. A wider bay may ask for a wider hole: the move is taken again with the hole
 * it leads to.
 */
function moveWay(of: WaysOf, post: Post, obstruction: Obstruction, to: 'low' | 'high'): WayRound[] {
  const { job, now } = of
  const end = wallLengthIn(now.grid, post.side)
  const diameterIn = (derived: Derived) =>
    Math.max(0, ...derived.holes.filter((hole) => hole.postIds.includes(post.id)).map((hole) => hole.diameterIn))
  let wide = diameterIn(now)
  for (let turn = 0; turn < 4; turn++) {
    const by = clearingMoves(post, wide, obstruction)[to === 'low' ? 0 : 1]
    const at = (alongX(post) ? post.x : post.y) + by
    const building = at < 0 || at > end ? null : movePost(job.building, now.grid, post, by)
    const after = building && deriveJob({ ...job, building })
    if (!building || !after?.ok) return []
    if (postsMet(after.value, obstruction).length === 0) {
      const way: Way = {
        key: `move-${post.id}-${to}`,
        label: `Move ${post.name} ${formatLength(Math.abs(by), { feet: false })} ${towards(post, by)}`,
        detail: takenAlong(now, after.value, post),
      }
      return judged(of, way, { ...job, building })
    }
    wide = Math.max(wide + 1, diameterIn(after.value))
  }
  return []
}

/** Left out and bridged: the lightest header that holds its truss, or the heaviest there is with what still breaks. */
function bridgeWay(of: WaysOf, post: Post): WayRound[] {
  const { building } = of.job
  if (post.kind !== 'eave' || building.leanTos.some((leanTo) => leanTo.side === post.side)) return []
  const own = building.roof.header
  const strength = (header: { readonly plies: number; readonly size: BoardName }) =>
    header.plies * boardSize(header.size).sEdgeIn3
  const heavier = HEADERS.filter((header) => strength(header) > strength(own)).map((header) => ({ ...own, ...header }))
  const bridged = [...building.bridged.filter((id) => id !== post.id), post.id]
  const ways = [own, ...heavier].flatMap((header) => {
    const size = header.size.replace('x', '×')
    const way: Way = {
      key: `bridge-${post.id}`,
      label: `Leave ${post.name} out and bridge it`,
      detail: `a header of ${header.plies} ${size} carries its truss, the girts there span both bays`,
    }
    return judged(of, way, { ...of.job, building: { ...building, bridged, roof: { ...building.roof, header } } })
  })
  return ways.length ? [ways.reduce((best, way) => (way.newFails.length < best.newFails.length ? way : best))] : []
}

/** One bay fewer or more, where that takes every post off the obstruction. */
function baysWays(of: WaysOf, obstruction: Obstruction): WayRound[] {
  const size = of.now.grid.baysIn.length
  return [size - 1, size + 1]
    .filter((count) => count >= 1)
    .flatMap((count) => {
      const next: Job = { ...of.job, building: { ...of.job.building, bays: { mode: 'count', count } } }
      const result = deriveJob(next)
      if (!result.ok || postsMet(result.value, obstruction).length > 0) return []
      const way: Way = {
        key: `bays-${count}`,
        label: `Spread ${count} equal bays`,
        detail: 'every post line moves',
      }
      return judged(of, way, next)
    })
}

/** What may be cut through or broken, so that the plan stays as it is. */
function removeWays(of: WaysOf, obstruction: Obstruction): WayRound[] {
  switch (obstruction.kind) {
    case 'stump':
    case 'root':
      return [
        asPlanned(of, {
          key: 'cut',
          label: `Grind or cut the ${obstruction.kind} out`,
          detail: 'the hole goes where it was planned; tamp what is loose, and dig to firm ground under it',
        }),
      ]
    case 'rock':
      return [
        asPlanned(of, {
          key: 'break',
          label: 'Break the rock, or pin the pad to it',
          detail: 'a clean level face may carry the pad; a hole that ends short of its depth is judged in the hole log',
        }),
      ]
    default:
      return []
  }
}

/**
 * For each obstruction the posts it touches and the ways round it, each judged on the whole building: move the post to
 * either side, leave it out with a header over it, spread the bays anew, cut through what may be cut. A way that breaks
 * a check says which; one that the plan cannot be laid out with is left out.
 */
export function waysRound(job: Job): Met[] {
  const now = deriveJob(job)
  if (!now.ok) return []
  const failing = new Set(now.value.checks.filter((check) => check.state === 'fails').map((check) => check.id))
  const of: WaysOf = { job, now: now.value, failing }
  return job.ground.obstructions.map((obstruction): Met => {
    const met = postsMet(now.value, obstruction)
    const ways = [
      ...met.flatMap((post) => [...moveWay(of, post, obstruction, 'low'), ...moveWay(of, post, obstruction, 'high')]),
      ...met.flatMap((post) => bridgeWay(of, post)),
      ...(met.some((post) => post.kind === 'eave') ? baysWays(of, obstruction) : []),
      ...(met.length > 0 ? removeWays(of, obstruction) : []),
    ]
    return {
      obstruction,
      posts: met.map(named),
      ways: ways.sort(
        (one, other) => one.newFails.length - other.newFails.length || Math.abs(one.more) - Math.abs(other.more),
      ),
    }
  })
}
