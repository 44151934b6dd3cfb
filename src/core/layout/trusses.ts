import { addUnder, firstOf, item, lastOf } from '../result'
import { HALF_MARK_IN, SAME_IN } from '../units'
import type { Building } from '../model'
import type { Grid } from './grid'
import type { PostLayout } from './post'
import type { Post } from './post'
import { wallPosts } from './walls'

/** One truss: its number from the west, its place along the building and the length of roof it carries, inches. */
interface Truss {
  readonly number: number
  readonly xIn: number
  readonly tributaryIn: number
  readonly end: boolean
}

/** A truss on a post or on the beam between two posts, as one eave row carries it. */
interface TrussRest {
  readonly truss: Truss
  readonly post: Post | null
  readonly between: readonly [Post, Post] | null
  readonly share: readonly [number, number]
}

/** A beam between two posts of an eave row that carries trusses: a carrier, or a header where a post is left out. */
export interface EaveBeam {
  readonly id: string
  readonly side: 'south' | 'north'
  readonly kind: 'carrier' | 'header'
  readonly from: Post
  readonly to: Post
  readonly spanIn: number
  readonly trusses: readonly { readonly truss: Truss; readonly atIn: number }[]
}

export interface TrussPlan {
  readonly trusses: readonly Truss[]
  readonly rests: Readonly<Record<'south' | 'north', readonly TrussRest[]>>
  readonly beams: readonly EaveBeam[]
  readonly spaceIn: number
}

/**
 * Places of the trusses: one at each numbered line, or at a spacing of their own on carriers, with one at each end
 * wall.
 */
function places(building: Building, grid: Grid): number[] {
  const [firstIn, lastIn] = [firstOf(grid.centresIn), lastOf(grid.centresIn)]
  if (building.roof.truss.set === 'posts') return [...grid.centresIn]
  const out = [firstIn]
  for (
    let xIn = Math.max(building.roof.truss.firstIn, firstIn) + building.roof.truss.spaceIn;
    xIn < lastIn - 6;
    xIn += building.roof.truss.spaceIn
  )
    out.push(xIn)
  return [...out, lastIn]
}

/**
 * Trusses, where each rests on both eave rows, and the beams that carry those between posts. A truss within the post's
 * own width stands on it.
 */
export function trussPlan(building: Building, grid: Grid, layout: PostLayout): TrussPlan {
  const xs = places(building, grid)
  // End trusses stand inside the end strings by half a post: the roof they carry still reaches the string.
  const edges = xs.map((xIn, i) => {
    if (i === 0) return 0
    if (i === xs.length - 1) return grid.lengthIn
    return xIn
  })
  const half = (i: number, j: number) =>
    j < 0 || j >= xs.length ? building.gableOverhangIn : Math.abs(item(edges, j) - item(edges, i)) / 2
  const trusses = xs.map((xIn, i): Truss => ({
    number: i + 1,
    xIn,
    tributaryIn: half(i, i - 1) + half(i, i + 1),
    end: i === 0 || i === xs.length - 1,
  }))
  const beams: EaveBeam[] = []
  const row = (side: 'south' | 'north'): TrussRest[] => {
    const posts = wallPosts(layout.posts, side)
    const loads = new Map<string, { truss: Truss; atIn: number }[]>()
    const rests = trusses.map((truss): TrussRest => {
      const own = posts.find((post) => Math.abs(post.x - truss.xIn) <= post.sizeX / 2 + SAME_IN)
      if (own) return { truss, post: own, between: null, share: [1, 0] }
      const after = posts.findIndex((post) => post.x > truss.xIn)
      const [other, candidate] = [item(posts, Math.max(0, after - 1)), posts[after]]
      if (!candidate || after === 0)
        return { truss, post: item(posts, after === 0 ? 0 : posts.length - 1), between: null, share: [1, 0] }
      const share = (truss.xIn - other.x) / (candidate.x - other.x) // a beam on two posts: lever rule
      addUnder(loads, `${other.id}|${candidate.id}`, { truss, atIn: truss.xIn - other.x })
      return { truss, post: null, between: [other, candidate], share: [1 - share, share] }
    })
    posts.slice(1).forEach((to, i) => {
      const from = item(posts, i)
      const carried = loads.get(`${from.id}|${to.id}`) ?? []
      const left = layout.omitted.some((omitted) => omitted.side === side && omitted.x > from.x && omitted.x < to.x)
      if (carried.length || (building.roof.truss.set === 'carriers' && to.x - from.x > 12))
        beams.push({
          id: `${from.id}-${to.id}`,
          side,
          kind: left ? 'header' : 'carrier',
          from,
          to,
          spanIn: to.x - from.x,
          trusses: carried,
        })
    })
    return rests
  }
  const rests = { south: row('south'), north: row('north') }
  return {
    trusses,
    rests,
    beams,
    spaceIn: building.roof.truss.set === 'posts' ? Math.max(...grid.baysIn) : building.roof.truss.spaceIn,
  }
}

/**
 * Whether a bearing block lies under a truss at an eave: on the inner face of the post over whose middle it stands. At the
 * end trusses there is none: the boards of the gable walls stand where it would; and none where a header ends on the post,
 * whose boards do.
 */
export const takesBlock = (
  { roof }: Pick<Building, 'roof'>,
  { beams }: Pick<TrussPlan, 'beams'>,
  { truss, post }: Pick<TrussRest, 'truss' | 'post'>,
): boolean =>
  roof.truss.set === 'posts' &&
  roof.truss.seat !== 'face' &&
  roof.truss.blockNails > 0 &&
  !truss.end &&
  post !== null &&
  Math.abs(truss.xIn - post.x) <= HALF_MARK_IN &&
  !beams.some(({ from, to }) => from.id === post.id || to.id === post.id)

/** Longest space between neighbouring trusses, inches. */
export const longestSpaceIn = ({ trusses }: TrussPlan): number =>
  trusses.slice(1).reduce((most, truss, i) => Math.max(most, truss.xIn - item(trusses, i).xIn), 0)

/** The shorter of the spaces beside the two end trusses, inches. */
export function endSpaceIn({ trusses }: TrussPlan): number {
  const last = trusses.length - 1
  const west = item(trusses, 1).xIn - item(trusses, 0).xIn
  return Math.min(west, item(trusses, last).xIn - item(trusses, last - 1).xIn)
}
