import { deriveJob, type Derived } from '../derive'
import { isEave, movePost, wallLengthIn, type Post } from '../layout'
import type { Ground, Job } from '../model'
import { formatLength, SAME_IN, ROUNDING } from '../units'
import { boardSize } from '../wood'

export type Obstruction = Ground['obstructions'][number]
/**
 * One thing to do about an obstruction and what it does to the building. `job` is the building with it done; null where
 * nothing in the plan changes.
 */
export interface WayRound {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job | null
  readonly fails: number
  readonly more: number
  readonly newFails: readonly string[]
}
export interface Met {
  readonly obstruction: Obstruction
  readonly posts: readonly string[]
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

/**
 * For each obstruction the posts it touches and the ways round it, each judged on the whole building: move the post to
 * either side, leave it
 * out with a header over it, spread the bays anew, cut through what may be cut. A way that breaks a check says which;
 * one that the plan cannot be laid out with is left out.
 */
export function waysRound(job: Job): Met[] {
  const now = deriveJob(job)
  if (!now.ok) return []
  const failing = new Set(now.value.checks.filter((check) => check.state === 'fails').map((check) => check.id))
  const judged = (key: string, label: string, detail: string, next: Job | null): WayRound[] => {
    if (!next) return [{ key, label, detail, job: null, fails: now.value.tally.fails, more: 0, newFails: [] }]
    const result = deriveJob(next)
    return result.ok
      ? [
          {
            key,
            label,
            detail,
            job: next,
            fails: result.value.tally.fails,
            more: result.value.takeoff.totalCost - now.value.takeoff.totalCost,
            newFails: result.value.checks
              .filter((check) => check.state === 'fails' && !failing.has(check.id))
              .map((check) => check.title),
          },
        ]
      : []
  }
  return job.ground.obstructions.map((obstruction): Met => {
    const met = postsMet(now.value, obstruction)
    const ways: WayRound[] = []
    for (const post of met) {
      const hole = now.value.holes.find((hole) => hole.postIds.includes(post.id))?.diameterIn ?? 0
      const end = wallLengthIn(now.value.grid, post.side)
      for (const way of [0, 1] as const) {
        // A wider bay may ask for a wider hole: the move is taken again with the hole it leads to.
        let wide = hole
        for (let turn = 0; turn < 4; turn++) {
          const by = clearingMoves(post, wide, obstruction)[way]
          const at = (alongX(post) ? post.x : post.y) + by
          const building = at < 0 || at > end ? null : movePost(job.building, now.value.grid, post, by)
          const after = building && deriveJob({ ...job, building })
          if (!building || !after?.ok) break
          if (postsMet(after.value, obstruction).length === 0) {
            const towards = () => {
              if (alongX(post)) {
                if (by < 0) return 'west'
                return 'east'
              }
              if (by < 0) return 'south'
              return 'north'
            }
            ways.push(
              ...judged(
                `move-${post.id}-${way === 0 ? 'low' : 'high'}`,
                `Move ${post.id} ${formatLength(Math.abs(by), { feet: false })} ` + towards(),
                post.kind === 'eave' ? 'its truss and the post across go with it' : 'the post alone',
                { ...job, building },
              ),
            )
            break
          }
          wide = Math.max(
            wide + 1,
            ...after.value.holes.filter((hole) => hole.postIds.includes(post.id)).map((hole) => hole.diameterIn),
          )
        }
      }
    }
    // Left out and bridged: the lightest header that holds its truss, or the heaviest there is with what still breaks.
    for (const post of met)
      if (
        post.kind === 'eave' &&
        isEave(post.side) &&
        !job.building.leanTos.some((leanTo) => leanTo.side === post.side)
      ) {
        const own = job.building.roof.header
        const tries = [
          own,
          ...HEADERS.filter(
            (header) => header.plies * boardSize(header.size).sEdgeIn3 > own.plies * boardSize(own.size).sEdgeIn3,
          ).map((header) => ({ ...own, ...header })),
        ]
        const judgedAll = tries.flatMap((header) =>
          judged(
            `bridge-${post.id}`,
            `Leave ${post.id} out and bridge it`,
            `a header of ${header.plies} ${header.size.replace('x', '×')} carries its truss, the girts there ` +
              'span both bays',
            {
              ...job,
              building: {
                ...job.building,
                bridged: [...job.building.bridged.filter((text) => text !== post.id), post.id],
                roof: { ...job.building.roof, header },
              },
            },
          ),
        )
        const best = judgedAll.reduce<WayRound | null>(
          (best, way) => (!best || way.newFails.length < best.newFails.length ? way : best),
          null,
        )
        if (best) ways.push(best)
      }
    if (met.some((post) => post.kind === 'eave')) {
      const size = now.value.grid.baysIn.length
      for (const count of [size - 1, size + 1]) {
        if (count < 1) continue
        const next: Job = { ...job, building: { ...job.building, bays: { mode: 'count', count } } }
        const result = deriveJob(next)
        if (result.ok && postsMet(result.value, obstruction).length === 0)
          ways.push(...judged(`bays-${count}`, `Spread ${count} equal bays`, 'every post line moves', next))
      }
    }
    if (met.length && (obstruction.kind === 'stump' || obstruction.kind === 'root'))
      ways.push(
        ...judged(
          'cut',
          `Grind or cut the ${obstruction.kind} out`,
          'the hole goes where it was planned; tamp what is loose, and dig to firm ground under it',
          null,
        ),
      )
    if (met.length && obstruction.kind === 'rock')
      ways.push(
        ...judged(
          'break',
          'Break the rock, or pin the pad to it',
          'a clean level face may carry the pad; a hole that ends short of its depth is judged in the hole log',
          null,
        ),
      )
    return {
      obstruction,
      posts: met.map((post) => post.id),
      ways: ways.sort(
        (one, other) => one.newFails.length - other.newFails.length || Math.abs(one.more) - Math.abs(other.more),
      ),
    }
  })
}
