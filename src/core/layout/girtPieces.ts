import { item } from '../result'
import { SAME_IN } from '../units'
import type { Building, Side } from '../model'
import type { WallRows } from './girtRows'
import { alongWall, wallPosts } from './walls'
import type { Post } from './post'

/** One girt board: from, to along the wall, its cut length. */
export interface GirtPiece {
  readonly row: string
  readonly fromIn: number
  readonly toIn: number
  readonly lengthIn: number
  /** `inside`: a board between posts that goes with an outer one. */ readonly inside?: true
}

/** Longest 2x board on the yard's list, inches. */
const LONGEST_GIRT_IN = 240
/** A splice this near the end of a run is left out: the piece would be a stub. */
const STUB_IN = 9

/**
 * Boards of every row. Flat girts splice on post centres, over one or two bays, odd rows starting with a single bay so
 * that no post
 * takes two splices in neighboring rows; boards longer than 20 ft splice at the next post. Girts between posts are cut
 * to the clear gaps.
 */
export function girtPieces(building: Building, wall: WallRows, posts: readonly Post[]): GirtPiece[] {
  const side: Side = wall.side
  const supports = wallPosts(posts, side).map((post) => alongWall(post, side))
  const centersIn = supports.map((support) => support.atIn)
  const between = (
    row: { readonly id: string },
    stretch: { readonly fromIn: number; readonly toIn: number },
    inside: boolean,
  ): GirtPiece[] => {
    const held = supports.filter(
      (support) =>
        support.atIn + support.halfIn > stretch.fromIn - SAME_IN &&
        support.atIn - support.halfIn < stretch.toIn + SAME_IN,
    )
    const edges = [
      { lo: stretch.fromIn, hi: stretch.fromIn },
      ...held.map((post) => ({
        lo: Math.max(stretch.fromIn, post.atIn - post.halfIn),
        hi: Math.min(stretch.toIn, post.atIn + post.halfIn),
      })),
      { lo: stretch.toIn, hi: stretch.toIn },
    ]
    return edges.slice(1).flatMap((edge, i) =>
      edge.lo - item(edges, i).hi > 1
        ? [
            {
              row: row.id,
              fromIn: item(edges, i).hi,
              toIn: edge.lo,
              lengthIn: edge.lo - item(edges, i).hi,
              ...(inside ? { inside: true as const } : {}),
            },
          ]
        : [],
    )
  }
  return wall.rows.flatMap((row, index) =>
    row.segments.flatMap((segment): GirtPiece[] => {
      if (building.girts.style === 'between') return between(row, segment, false)
      const cuts = centersIn.filter((atIn) => atIn > segment.fromIn + STUB_IN && atIn < segment.toIn - STUB_IN)
      const bays = building.girts.run === 'two-bays' ? 2 : 1
      const out: GirtPiece[] = building.girts.style === 'both' ? between(row, segment, true) : []
      let from = segment.fromIn
      let next = bays === 2 && index % 2 === 1 ? 1 : bays
      let i = -1
      while (from < segment.toIn - SAME_IN) {
        // Furthest allowed splice: `next` bays on, or the last one that a 20 ft board still reaches.
        let j = i + next
        while (j > i + 1 && (cuts[j] ?? segment.toIn) - from > LONGEST_GIRT_IN) j--
        const to = cuts[j] ?? segment.toIn
        out.push({ row: row.id, fromIn: from, toIn: to, lengthIn: to - from })
        from = to
        i = j
        next = bays
        if (cuts[j] === undefined) break
      }
      return out
    }),
  )
}
