import { firstOf, item } from '../result'
import { SIDES, type Side } from '../model'
import type { Grid } from './grid'
import { isEave, wallLengthIn } from './openings'
import type { Post } from './post'

/** Posts that carry one wall, low end first, the corner posts of the eave rows included on gable walls. */
export function wallPosts(posts: readonly Post[], side: Side): readonly Post[] {
  if (isEave(side))
    return posts
      .filter((post) => post.side === side && post.kind !== 'lean-to')
      .sort((one, other) => one.atIn - other.atIn)
  const corners = posts
    .filter((post) => post.kind === 'corner' && (side === 'west' ? post.line === 1 : post.line !== 1))
    .sort((one, other) => one.y - other.y)
  const own = posts
    .filter((post) => post.side === side && post.kind !== 'lean-to')
    .sort((one, other) => one.atIn - other.atIn)
  return [firstOf(corners), ...own, item(corners, 1)]
}

/** Place of a post along a wall, inches from the wall's low string corner, and how much of the wall it takes. */
export const alongWall = (post: Post, side: Side): { readonly atIn: number; readonly halfIn: number } =>
  isEave(side) ? { atIn: post.x, halfIn: post.sizeX / 2 } : { atIn: post.y, halfIn: post.sizeY / 2 }

/** How much of a line from one end to another each of some places on it takes: half of each space, at the ends all. */
export function sharesOfLine(atIn: readonly number[], fromIn: number, toIn: number): number[] {
  const edges = [fromIn, ...atIn.slice(1).map((each, i) => (item(atIn, i) + each) / 2), toIn]
  return atIn.map((_, i) => item(edges, i + 1) - item(edges, i))
}

/**
 * Half the space to each neighbor on one wall, and at its ends what is left of it, inches, by post: the width of wall
 * whose wind each takes. Together they are the wall.
 */
export function tributariesIn(posts: readonly Post[], side: Side, grid: Grid): ReadonlyMap<string, number> {
  const row = wallPosts(posts, side)
  const at = row.map((post) => alongWall(post, side).atIn)
  const shares = sharesOfLine(at, 0, wallLengthIn(grid, side))
  return new Map(row.map((post, i) => [post.id, item(shares, i)]))
}

/**
 * Identities of the posts of every row, each in its order: the four walls, then the outer rows of lean-tos. A corner post
 * stands in two of them.
 */
export const postRows = (posts: readonly Post[]): string[][] =>
  [
    ...SIDES.map((side) => wallPosts(posts, side)),
    ...(['south', 'north'] as const).map((side) =>
      posts.filter((post) => post.kind === 'lean-to' && post.side === side),
    ),
  ]
    .map((row) => row.map((post) => post.id))
    .filter((row) => row.length > 0)

/**
 * Rows across the building with their place, inches: eave rows and lean-to rows on their outer strings, gable rows on
 * their posts' centres. One for each lettered row that holds posts.
 */
export function rowPlaces(
  posts: readonly Post[],
  widthIn: number,
  leanDepthIn: (side: 'south' | 'north') => number,
): { readonly row: string; readonly yIn: number }[] {
  const out = new Map<string, number>()
  for (const post of posts) {
    if (post.row === null || out.has(post.row)) continue
    const rowYIn = () => {
      if (post.row === 'south') return 0
      if (post.row === 'north') return widthIn
      if (post.kind !== 'lean-to') return post.y
      if (post.side === 'north') return widthIn + leanDepthIn('north')
      return -leanDepthIn('south')
    }
    out.set(post.row, rowYIn())
  }
  return [...out].map(([row, yIn]) => ({ row, yIn })).sort((one, other) => one.yIn - other.yIn)
}

/** Posts beside each post along its rows, for judging a reading. */
export function neighborsIn(rows: readonly (readonly string[])[]): Record<string, string[]> {
  const near: Record<string, string[]> = {}
  for (const row of rows)
    row.forEach((id, i) => {
      near[id] = [...(near[id] ?? []), ...[row[i - 1], row[i + 1]].filter((text): text is string => text !== undefined)]
    })
  return near
}
