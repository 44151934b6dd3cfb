import { SIDES, type Side } from '../model'
import { isEave } from './openings'
import type { Post } from './posts'

const known = new WeakMap<readonly Post[], Map<Side, readonly Post[]>>()

/** Posts that carry one wall, low end first, the corner posts of the eave rows included on gable walls. Worked out once for each list of posts. */
export function wallPosts(posts: readonly Post[], side: Side): readonly Post[] {
  let rows = known.get(posts)
  if (rows === undefined) {
    rows = new Map()
    known.set(posts, rows)
  }
  let row = rows.get(side)
  if (row === undefined) {
    row = rowOf(posts, side)
    rows.set(side, row)
  }
  return row
}

function rowOf(posts: readonly Post[], side: Side): Post[] {
  if (isEave(side)) return posts.filter((p) => p.side === side && p.kind !== 'lean-to').sort((a, b) => a.atIn - b.atIn)
  const corners = posts
    .filter((p) => p.kind === 'corner' && (side === 'west' ? p.line === 1 : p.line !== 1))
    .sort((a, b) => a.y - b.y)
  const own = posts.filter((p) => p.side === side && p.kind !== 'lean-to').sort((a, b) => a.atIn - b.atIn)
  return [corners[0], ...own, corners[1]]
}

/** Place of a post along a wall, inches from the wall's low string corner, and how much of the wall it takes. */
export const alongWall = (p: Post, side: Side): { readonly atIn: number; readonly halfIn: number } =>
  isEave(side) ? { atIn: p.x, halfIn: p.sizeX / 2 } : { atIn: p.y, halfIn: p.sizeY / 2 }

/** Half the space to each neighbour on one wall, inches, by post: the width of wall whose wind each takes. */
export function tributariesIn(posts: readonly Post[], side: Side): ReadonlyMap<string, number> {
  const row = wallPosts(posts, side)
  const at = row.map((p) => alongWall(p, side).atIn)
  return new Map(
    row.map((p, i) => [p.id, ((i > 0 ? at[i] - at[i - 1] : 0) + (i < row.length - 1 ? at[i + 1] - at[i] : 0)) / 2]),
  )
}

/** Names of the posts of every row, each in its order: the four walls, then the outer rows of lean-tos. A corner post stands in two of them. */
export const postRows = (posts: readonly Post[]): string[][] =>
  [
    ...SIDES.map((s) => wallPosts(posts, s)),
    ...(['south', 'north'] as const).map((s) => posts.filter((p) => p.kind === 'lean-to' && p.side === s)),
  ]
    .map((row) => row.map((p) => p.id))
    .filter((row) => row.length > 0)

/** Rows across the building with their place, inches: eave rows and lean-to rows on their outer strings, gable rows on their posts' centres. One for each lettered row that holds posts. */
export function rowPlaces(
  posts: readonly Post[],
  rows: Readonly<Record<string, string>>,
  widthIn: number,
  leanDepthIn: (side: 'south' | 'north') => number,
): { readonly row: string; readonly yIn: number }[] {
  const out = new Map<string, number>()
  for (const p of posts) {
    if (out.has(p.row) || p.row === '' || (p.row === 'J' && p.kind === 'jamb') || (p.row === 'X' && p.kind === 'gable'))
      continue
    out.set(
      p.row,
      p.row === rows.south
        ? 0
        : p.row === rows.north
          ? widthIn
          : p.kind === 'lean-to'
            ? p.side === 'north'
              ? widthIn + leanDepthIn('north')
              : -leanDepthIn('south')
            : p.y,
    )
  }
  return [...out].map(([row, yIn]) => ({ row, yIn })).sort((a, b) => a.yIn - b.yIn)
}

/** Posts beside each post along its rows, for judging a reading. */
export function neighboursIn(rows: readonly (readonly string[])[]): Record<string, string[]> {
  const near: Record<string, string[]> = {}
  for (const row of rows)
    row.forEach((id, i) => {
      near[id] = [...(near[id] ?? []), ...[row[i - 1], row[i + 1]].filter((x): x is string => x !== undefined)]
    })
  return near
}
