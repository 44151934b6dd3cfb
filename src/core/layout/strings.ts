import { entryOf } from '../result'
import { distance, type Point } from '../geometry'
import type { Building, Side, StringId } from '../model'
import { roundIn } from '../units'
import { postSize } from '../wood'
import type { Grid } from './grid'
import type { PlacedOpening } from './openings'
import { alongWall, wallPosts } from './walls'
import type { Post } from './post'

type MarkKind = 'post' | 'jamb' | 'corner' | 'face' | 'edge'

/** One mark on a string, inches from the string's low corner. */
interface StringMark {
  readonly key: string
  readonly name: string
  readonly kind: MarkKind
  readonly postId: string | null
  readonly atIn: number
}

/** One string: its name, ends in plan and marks from its low corner. */
export interface StringLine {
  readonly id: StringId
  /** Its letter or number on the plan: `A`, `1`. */
  readonly label: string
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
  const marks = own.flatMap((post): StringMark[] => {
    const { atIn, halfIn } = alongWall(post, side)
    const kindOf = (): MarkKind => {
      if (post.kind === 'corner') return 'corner'
      if (post.kind === 'jamb') return 'jamb'
      return 'post'
    }
    const kind: MarkKind = kindOf()
    return [
      { key: `${post.id}-low`, name: `${post.name} face`, kind: 'face', postId: post.id, atIn: atIn - halfIn },
      { key: post.id, name: post.name, kind, postId: post.id, atIn },
      { key: `${post.id}-high`, name: `${post.name} face`, kind: 'face', postId: post.id, atIn: atIn + halfIn },
    ]
  })
  const edges = placed
    .filter((placed) => placed.opening.side === side)
    .flatMap((placed): StringMark[] => [
      { key: `${placed.opening.id}-from`, name: 'edge', kind: 'edge', postId: null, atIn: placed.fromIn },
      { key: `${placed.opening.id}-to`, name: 'edge', kind: 'edge', postId: null, atIn: placed.toIn },
    ])
  return [...marks, ...edges].sort((one, other) => one.atIn - other.atIn)
}

const labelled = (label: string) => ({ label, name: `string ${label}` })

/**
 * The strings of the job: one along the outside face of each row of posts and across each end, with every post face,
 * centre and jamb marked.
 */
export function layOutStrings({
  building,
  grid,
  posts,
  placed,
  rows,
}: {
  building: Building
  grid: Grid
  posts: readonly Post[]
  placed: readonly PlacedOpening[]
  rows: Readonly<Record<string, string>>
}): StringLine[] {
  const { lengthIn, widthIn } = grid
  const last = grid.centresIn.length
  const eave = (side: 'south' | 'north', y: number): StringLine => ({
    id: side,
    ...labelled(entryOf(rows, side)),
    side,
    from: { x: 0, y },
    to: { x: lengthIn, y },
    lengthIn,
    marks: stringMarks(placed, side, wallPosts(posts, side)),
  })
  const end = (side: 'west' | 'east', x: number, lineNumber: number): StringLine => ({
    id: side,
    ...labelled(String(lineNumber)),
    side,
    from: { x, y: 0 },
    to: { x, y: widthIn },
    lengthIn: widthIn,
    marks: stringMarks(placed, side, wallPosts(posts, side)),
  })
  const lines = [eave('south', 0), end('east', lengthIn, last), eave('north', widthIn), end('west', 0, 1)]
  for (const lean of building.leanTos) {
    const y = lean.side === 'north' ? widthIn + lean.depthIn : -lean.depthIn
    const id = `lean-${lean.side}` as const
    lines.push({
      id,
      ...labelled(entryOf(rows, id)),
      side: lean.side,
      from: { x: 0, y },
      to: { x: lengthIn, y },
      lengthIn,
      marks: stringMarks(
        [],
        lean.side,
        posts.filter((post) => post.kind === 'lean-to' && post.side === lean.side),
      ),
    })
  }
  return lines
}

/**
 * Marks of one string read from one hook: its low or high corner, or the centre of one of its posts (then marks go both
 * ways).
 * Each is rounded once from the hook; nothing is added up.
 */
export function hookedMarks(
  stringLine: StringLine,
  hook: 'low' | 'high',
  hookPost: string | null,
): { readonly marks: readonly HookedMark[]; readonly originIn: number; readonly note: string } {
  const post = hookPost === null ? undefined : stringLine.marks.find((mark) => mark.key === hookPost)
  const centres = stringLine.marks.filter((mark) => mark.key === mark.postId)
  const corner = (k: 'low' | 'high') => (k === 'low' ? centres[0] : centres.at(-1))?.name ?? 'the corner'
  const hookAt = () => {
    if (post) return post.atIn
    if (hook === 'low') return 0
    return stringLine.lengthIn
  }
  const originIn = hookAt()
  const sign = post || hook === 'low' ? 1 : -1
  const note = post ? `center of post ${post.name}, running both ways` : `outside face of post ${corner(hook)}`
  return {
    originIn,
    note,
    marks: stringLine.marks.map((mark) => {
      const fromHookIn = (mark.atIn - originIn) * sign
      return { ...mark, fromHookIn, shownIn: roundIn(fromHookIn) }
    }),
  }
}

/** Diagonals to tape: of the string rectangle, of the inside faces of the corner posts, and of the lean-to. */
export function diagonals(building: Building, grid: Grid, rows: Readonly<Record<string, string>>): Diagonal[] {
  const { lengthIn, widthIn } = grid
  const count = grid.centresIn.length
  const size = postSize(building.post)
  const [dx, dy] = [size.widthIn, size.depthIn]
  const make = (name: string, of: Diagonal['of'], from: Point, to: Point): Diagonal => ({
    name,
    of,
    from,
    to,
    lengthIn: distance(from, to),
  })
  const [southRow, northRow] = [rows.south, rows.north]
  const list = [
    make(`${southRow}1–${northRow}${count}`, 'strings', { x: 0, y: 0 }, { x: lengthIn, y: widthIn }),
    make(`${southRow}${count}–${northRow}1`, 'strings', { x: lengthIn, y: 0 }, { x: 0, y: widthIn }),
    make(`${southRow}1–${northRow}${count}`, 'inside faces', { x: dx, y: dy }, { x: lengthIn - dx, y: widthIn - dy }),
    make(`${southRow}${count}–${northRow}1`, 'inside faces', { x: lengthIn - dx, y: dy }, { x: dx, y: widthIn - dy }),
  ]
  for (const lean of building.leanTos) {
    const north = lean.side === 'north'
    const outer = rows[`lean-${lean.side}`]
    const [y0, y1] = north ? [widthIn, widthIn + lean.depthIn] : [-lean.depthIn, 0]
    const [r0, r1] = north ? [northRow, outer] : [outer, southRow]
    list.push(
      make(`${r0}1–${r1}${count}`, 'lean-to', { x: 0, y: y0 }, { x: lengthIn, y: y1 }),
      make(`${r0}${count}–${r1}1`, 'lean-to', { x: lengthIn, y: y0 }, { x: 0, y: y1 }),
    )
  }
  return list
}

/**
 * Batter boards: where each string crosses its board, `runPastIn` beyond the corner, and the direction of the board.
 */
export function batterBoards(
  lines: readonly StringLine[],
  runPastIn: number,
): { readonly string: string; readonly at: Point; readonly across: 'x' | 'y' }[] {
  return lines.flatMap((line) => {
    const alongX = line.from.y === line.to.y
    // Cross strings run past the outermost row, so that a lean-to's corners are covered too.
    const ys = lines.flatMap((line) => (line.from.y === line.to.y ? [line.from.y] : []))
    const ends = alongX
      ? [
          { x: line.from.x - runPastIn, y: line.from.y },
          { x: line.to.x + runPastIn, y: line.to.y },
        ]
      : [
          { x: line.from.x, y: Math.min(...ys) - runPastIn },
          { x: line.to.x, y: Math.max(...ys) + runPastIn },
        ]
    return ends.map((at) => ({ string: line.id, at, across: alongX ? ('y' as const) : ('x' as const) }))
  })
}
