import { distance, type Point } from '../geometry'
import type { Building, Side } from '../model'
import { roundIn } from '../units'
import { postSize } from '../wood'
import type { Grid } from './grid'
import type { PlacedOpening } from './openings'
import { alongWall, wallPosts } from './walls'
import type { Post } from './posts'

export type MarkKind = 'post' | 'jamb' | 'corner' | 'face' | 'edge'

/** One mark on a string, inches from the string's low corner. */
export interface StringMark {
  readonly key: string
  readonly name: string
  readonly kind: MarkKind
  readonly postId: string | null
  readonly atIn: number
}

/** One string: its name, ends in plan and marks from its low corner. */
export interface StringLine {
  readonly id: string
  readonly name: string
  readonly side: Side
  readonly from: Point
  readonly to: Point
  readonly lengthIn: number
  readonly marks: readonly StringMark[]
}

export interface Diagonal {
  readonly name: string
  readonly of: 'strings' | 'inside faces' | 'lean-to'
  readonly from: Point
  readonly to: Point
  readonly lengthIn: number
}

/** A running mark read from the chosen hook: signed, positive toward the high end. `shownIn` is rounded once. */
export interface HookedMark extends StringMark {
  readonly fromHookIn: number
  readonly shownIn: number
}

function stringMarks(placed: readonly PlacedOpening[], side: Side, own: readonly Post[]): StringMark[] {
  const marks = own.flatMap((p): StringMark[] => {
    const { atIn, halfIn } = alongWall(p, side)
    const kind: MarkKind = p.kind === 'corner' ? 'corner' : p.kind === 'jamb' ? 'jamb' : 'post'
    return [
      { key: `${p.id}-low`, name: `${p.id} face`, kind: 'face', postId: p.id, atIn: atIn - halfIn },
      { key: p.id, name: p.id, kind, postId: p.id, atIn },
      { key: `${p.id}-high`, name: `${p.id} face`, kind: 'face', postId: p.id, atIn: atIn + halfIn },
    ]
  })
  const edges = placed
    .filter((o) => o.opening.side === side)
    .flatMap((o): StringMark[] => [
      { key: `${o.opening.id}-from`, name: 'edge', kind: 'edge', postId: null, atIn: o.fromIn },
      { key: `${o.opening.id}-to`, name: 'edge', kind: 'edge', postId: null, atIn: o.toIn },
    ])
  return [...marks, ...edges].sort((a, b) => a.atIn - b.atIn)
}

/** The strings of the job: one along the outside face of each row of posts and across each end, with every post face, centre and jamb marked. */
export function layOutStrings(
  b: Building,
  grid: Grid,
  posts: readonly Post[],
  placed: readonly PlacedOpening[],
  rows: Readonly<Record<string, string>>,
): StringLine[] {
  const { lengthIn: l, widthIn: w } = grid
  const last = grid.centresIn.length
  const eave = (side: 'south' | 'north', y: number): StringLine => ({
    id: rows[side],
    name: `string ${rows[side]}`,
    side,
    from: { x: 0, y },
    to: { x: l, y },
    lengthIn: l,
    marks: stringMarks(placed, side, wallPosts(posts, side)),
  })
  const end = (side: 'west' | 'east', x: number, n: number): StringLine => ({
    id: String(n),
    name: `string ${n}`,
    side,
    from: { x, y: 0 },
    to: { x, y: w },
    lengthIn: w,
    marks: stringMarks(placed, side, wallPosts(posts, side)),
  })
  const lines = [eave('south', 0), end('east', l, last), eave('north', w), end('west', 0, 1)]
  for (const lean of b.leanTos) {
    const y = lean.side === 'north' ? w + lean.depthIn : -lean.depthIn
    const row = rows[`lean-${lean.side}`]
    lines.push({
      id: row,
      name: `string ${row}`,
      side: lean.side,
      from: { x: 0, y },
      to: { x: l, y },
      lengthIn: l,
      marks: stringMarks(
        [],
        lean.side,
        posts.filter((p) => p.kind === 'lean-to' && p.side === lean.side),
      ),
    })
  }
  return lines
}

/**
 * Marks of one string read from one hook: its low or high corner, or the centre of one of its posts (then marks go both ways).
 * Each is rounded once from the hook; nothing is added up.
 */
export function hookedMarks(
  s: StringLine,
  hook: 'low' | 'high',
  hookPost: string | null,
): { readonly marks: readonly HookedMark[]; readonly originIn: number; readonly note: string } {
  const post = hookPost === null ? undefined : s.marks.find((m) => m.key === hookPost)
  const corner = (k: 'low' | 'high') =>
    (k === 'low' ? s.marks[0]?.postId : s.marks[s.marks.length - 1]?.postId) ?? 'the corner'
  const originIn = post ? post.atIn : hook === 'low' ? 0 : s.lengthIn
  const sign = post || hook === 'low' ? 1 : -1
  const note = post ? `centre of post ${post.name}, running both ways` : `outside face of post ${corner(hook)}`
  return {
    originIn,
    note,
    marks: s.marks.map((m) => {
      const fromHookIn = (m.atIn - originIn) * sign
      return { ...m, fromHookIn, shownIn: roundIn(fromHookIn) }
    }),
  }
}

/** Diagonals to tape: of the string rectangle, of the inside faces of the corner posts, and of the lean-to. */
export function diagonals(b: Building, grid: Grid, rows: Readonly<Record<string, string>>): Diagonal[] {
  const { lengthIn: l, widthIn: w } = grid
  const n = grid.centresIn.length
  const size = postSize(b.post)
  const [dx, dy] = [size.widthIn, size.depthIn]
  const make = (name: string, of: Diagonal['of'], from: Point, to: Point): Diagonal => ({
    name,
    of,
    from,
    to,
    lengthIn: distance(from, to),
  })
  const [a, d] = [rows.south, rows.north]
  const list = [
    make(`${a}1–${d}${n}`, 'strings', { x: 0, y: 0 }, { x: l, y: w }),
    make(`${a}${n}–${d}1`, 'strings', { x: l, y: 0 }, { x: 0, y: w }),
    make(`${a}1–${d}${n}`, 'inside faces', { x: dx, y: dy }, { x: l - dx, y: w - dy }),
    make(`${a}${n}–${d}1`, 'inside faces', { x: l - dx, y: dy }, { x: dx, y: w - dy }),
  ]
  for (const lean of b.leanTos) {
    const north = lean.side === 'north'
    const outer = rows[`lean-${lean.side}`]
    const [y0, y1] = north ? [w, w + lean.depthIn] : [-lean.depthIn, 0]
    const [r0, r1] = north ? [d, outer] : [outer, a]
    list.push(
      make(`${r0}1–${r1}${n}`, 'lean-to', { x: 0, y: y0 }, { x: l, y: y1 }),
      make(`${r0}${n}–${r1}1`, 'lean-to', { x: l, y: y0 }, { x: 0, y: y1 }),
    )
  }
  return list
}

/** Batter boards: where each string crosses its board, `runPastIn` beyond the corner, and the direction of the board. */
export function batterBoards(
  lines: readonly StringLine[],
  runPastIn: number,
): { readonly string: string; readonly at: Point; readonly across: 'x' | 'y' }[] {
  return lines.flatMap((s) => {
    const alongX = s.from.y === s.to.y
    // Cross strings run past the outermost row, so that a lean-to's corners are covered too.
    const ys = lines.flatMap((q) => (q.from.y === q.to.y ? [q.from.y] : []))
    const ends = alongX
      ? [
          { x: s.from.x - runPastIn, y: s.from.y },
          { x: s.to.x + runPastIn, y: s.to.y },
        ]
      : [
          { x: s.from.x, y: Math.min(...ys) - runPastIn },
          { x: s.to.x, y: Math.max(...ys) + runPastIn },
        ]
    return ends.map((at) => ({ string: s.id, at, across: alongX ? ('y' as const) : ('x' as const) }))
  })
}
