import { deriveJob, type Derived } from '../derive'
import { isEave, movePost, wallLengthIn, type Post } from '../layout'
import type { Ground, Job } from '../model'
import { formatLength } from '../units'
import { boardSize } from '../wood'

export type Obstruction = Ground['obstructions'][number]
/** One thing to do about an obstruction and what it does to the building. `job` is the building with it done; null where nothing in the plan changes. */
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

const alongX = (p: Post): boolean => p.side === 'south' || p.side === 'north'

/** Posts whose holes an obstruction with its clearance touches. */
export function postsMet(d: Pick<Derived, 'posts' | 'holes'>, o: Obstruction): Post[] {
  return d.posts.filter((p) => {
    const h = d.holes.find((q) => q.postIds.includes(p.id))
    return h !== undefined && Math.hypot(p.x - o.xIn, p.y - o.yIn) < h.diameterIn / 2 + o.radiusIn + o.clearIn - 1e-6
  })
}

/** How far a post must go along its wall, either way, for its hole to clear an obstruction: inches toward the low end (negative) and the high end. */
export function clearingMoves(p: Post, holeIn: number, o: Obstruction): readonly [number, number] {
  const [along, across] = alongX(p) ? [o.xIn - p.x, o.yIn - p.y] : [o.yIn - p.y, o.xIn - p.x]
  const reach = holeIn / 2 + o.radiusIn + o.clearIn
  const half = Math.sqrt(Math.max(0, reach * reach - across * across))
  // To the next sixteenth, on the clear side.
  return [Math.floor((along - half) * 16 - 1e-9) / 16, Math.ceil((along + half) * 16 + 1e-9) / 16]
}

/**
 * For each obstruction the posts it touches and the ways round it, each judged on the whole building: move the post to either side, leave it
 * out with a header over it, spread the bays anew, cut through what may be cut. A way that breaks a check says which; one that the plan cannot be laid out with is left out.
 */
export function waysRound(job: Job): Met[] {
  const now = deriveJob(job)
  if (!now.ok) return []
  const failing = new Set(now.value.checks.filter((c) => c.state === 'fails').map((c) => c.id))
  const judged = (key: string, label: string, detail: string, next: Job | null): WayRound[] => {
    if (!next) return [{ key, label, detail, job: null, fails: now.value.tally.fails, more: 0, newFails: [] }]
    const d = deriveJob(next)
    return d.ok
      ? [
          {
            key,
            label,
            detail,
            job: next,
            fails: d.value.tally.fails,
            more: d.value.takeoff.totalCost - now.value.takeoff.totalCost,
            newFails: d.value.checks.filter((c) => c.state === 'fails' && !failing.has(c.id)).map((c) => c.title),
          },
        ]
      : []
  }
  return job.ground.obstructions.map((o): Met => {
    const met = postsMet(now.value, o)
    const ways: WayRound[] = []
    for (const p of met) {
      const hole = now.value.holes.find((h) => h.postIds.includes(p.id))?.diameterIn ?? 0
      const end = wallLengthIn(now.value.grid, p.side)
      for (const way of [0, 1] as const) {
        // A wider bay may ask for a wider hole: the move is taken again with the hole it leads to.
        let wide = hole
        for (let turn = 0; turn < 4; turn++) {
          const by = clearingMoves(p, wide, o)[way]
          const at = (alongX(p) ? p.x : p.y) + by
          const b = at < 0 || at > end ? null : movePost(job.building, now.value.grid, p, by)
          const after = b && deriveJob({ ...job, building: b })
          if (!b || !after?.ok) break
          if (postsMet(after.value, o).length === 0) {
            ways.push(
              ...judged(
                `move-${p.id}-${way === 0 ? 'low' : 'high'}`,
                `Move ${p.id} ${formatLength(Math.abs(by), { feet: false })} ${alongX(p) ? (by < 0 ? 'west' : 'east') : by < 0 ? 'south' : 'north'}`,
                p.kind === 'eave' ? 'its truss and the post across go with it' : 'the post alone',
                { ...job, building: b },
              ),
            )
            break
          }
          wide = Math.max(
            wide + 1,
            ...after.value.holes.filter((h) => h.postIds.includes(p.id)).map((h) => h.diameterIn),
          )
        }
      }
    }
    // Left out and bridged: the lightest header that holds its truss, or the heaviest there is with what still breaks.
    for (const p of met)
      if (p.kind === 'eave' && isEave(p.side) && !job.building.leanTos.some((l) => l.side === p.side)) {
        const own = job.building.roof.header
        const tries = [
          own,
          ...HEADERS.filter((h) => h.plies * boardSize(h.size).sEdgeIn3 > own.plies * boardSize(own.size).sEdgeIn3).map(
            (h) => ({ ...own, ...h }),
          ),
        ]
        const judgedAll = tries.flatMap((header) =>
          judged(
            `bridge-${p.id}`,
            `Leave ${p.id} out and bridge it`,
            `a header of ${header.plies} ${header.size.replace('x', '×')} carries its truss, the girts there span both bays`,
            {
              ...job,
              building: {
                ...job.building,
                bridged: [...job.building.bridged.filter((q) => q !== p.id), p.id],
                roof: { ...job.building.roof, header },
              },
            },
          ),
        )
        const best = judgedAll.reduce<WayRound | null>(
          (a, w) => (!a || w.newFails.length < a.newFails.length ? w : a),
          null,
        )
        if (best) ways.push(best)
      }
    if (met.some((p) => p.kind === 'eave')) {
      const n = now.value.grid.baysIn.length
      for (const count of [n - 1, n + 1]) {
        if (count < 1) continue
        const next: Job = { ...job, building: { ...job.building, bays: { mode: 'count', count } } }
        const d = deriveJob(next)
        if (d.ok && postsMet(d.value, o).length === 0)
          ways.push(...judged(`bays-${count}`, `Spread ${count} equal bays`, 'every post line moves', next))
      }
    }
    if (met.length && (o.kind === 'stump' || o.kind === 'root'))
      ways.push(
        ...judged(
          'cut',
          `Grind or cut the ${o.kind} out`,
          'the hole goes where it was planned; tamp what is loose, and dig to firm ground under it',
          null,
        ),
      )
    if (met.length && o.kind === 'rock')
      ways.push(
        ...judged(
          'break',
          'Break the rock, or pin the pad to it',
          'a clean level face may carry the pad; a hole that ends short of its depth is judged in the hole log',
          null,
        ),
      )
    return {
      obstruction: o,
      posts: met.map((p) => p.id),
      ways: ways.sort((a, b) => a.newFails.length - b.newFails.length || Math.abs(a.more) - Math.abs(b.more)),
    }
  })
}
