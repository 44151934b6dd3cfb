/** A place in a scene: inches across and up. */
export type Point = readonly [acrossIn: number, upIn: number]

/** What an area is made of. */
export type Tone = 'wood' | 'dark' | 'pale' | 'steel' | 'concrete' | 'earth' | 'machine' | 'picked' | 'plain'
/** What a line stands for: a drawn edge, the long edge, a string, a line not there, one past its limit, a hidden one. */
export type Stroke = 'ink' | 'edge' | 'chalk' | 'ghost' | 'keel' | 'thin'

/** What a scene is drawn of. Places are in inches, so that it is to scale; what is only read is in px. */
export type Shape =
  | { readonly kind: 'area'; readonly points: readonly Point[]; readonly tone: Tone }
  | { readonly kind: 'line'; readonly points: readonly Point[]; readonly stroke: Stroke }
  | { readonly kind: 'dot'; readonly at: Point; readonly radiusIn?: number; readonly tone?: Tone }
  | { readonly kind: 'mark'; readonly at: Point; readonly upPx: number }
  | {
      readonly kind: 'measure'
      readonly from: Point
      readonly to: Point
      readonly text: string
      readonly name?: string
      readonly offPx: number
    }
  | {
      readonly kind: 'text'
      readonly at: Point
      readonly text: string
      readonly strong: boolean
      readonly anchor: 'start' | 'middle' | 'end'
      readonly offPx: readonly [acrossPx: number, downPx: number]
      /** Where there is no room, it moves on by so many px, downward where over 0, until there is. */
      readonly stepPx?: number
    }

export type Scene = readonly Shape[]

/** An area between its corners. */
export const area = (tone: Tone, ...points: readonly Point[]): Shape => ({ kind: 'area', points, tone })
/** An upright rectangle between two corners. */
export const box = (tone: Tone, [x0, y0]: Point, [x1, y1]: Point): Shape =>
  area(tone, [x0, y0], [x1, y0], [x1, y1], [x0, y1])
/** A line through points. */
export const line = (stroke: Stroke, ...points: readonly Point[]): Shape => ({ kind: 'line', points, stroke })
/** A dot, as large as it is, or a small one where no size is given. */
export const dot = (at: Point, radiusIn?: number, tone?: Tone): Shape => ({ kind: 'dot', at, radiusIn, tone })
/** A crow's foot on a mark; its foot points down from above, or up where `upPx` is negative. */
export const mark = (at: Point, upPx = 14): Shape => ({ kind: 'mark', at, upPx })
/**
 * A dimension from one place to another, with its number or its name and number, `offPx` to the left of the way it runs
 * (to the right where that is negative): above a line drawn to the right, below it where negative.
 */
export const measure = (
  from: Point,
  to: Point,
  words: string | readonly [name: string, number: string],
  offPx = 16,
): Shape =>
  typeof words === 'string'
    ? { kind: 'measure', from, to, text: words, offPx }
    : { kind: 'measure', from, to, name: words[0], text: words[1], offPx }

interface Placing {
  readonly strong?: boolean
  readonly anchor?: 'start' | 'middle' | 'end'
  readonly offPx?: readonly [acrossPx: number, downPx: number]
  readonly stepPx?: number
}
/** Words at a place. */
export const text = (
  at: Point,
  words: string,
  { strong = false, anchor = 'middle', offPx = [0, 0], stepPx }: Placing = {},
): Shape => ({
  kind: 'text',
  at,
  text: words,
  strong,
  anchor,
  offPx,
  ...(stepPx === undefined ? {} : { stepPx }),
})

/** A board with square ends along a line, `widthIn` to the left of the way it runs. */
export function board(tone: Tone, from: Point, to: Point, widthIn: number): Shape {
  const [ux, uy] = along(from, to)
  const [nx, ny] = [-uy * widthIn, ux * widthIn]
  return area(tone, from, to, [to[0] + nx, to[1] + ny], [from[0] + nx, from[1] + ny])
}

/** One inch of the way from one place to another. */
function along(from: Point, to: Point): Point {
  const [x, y] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(x, y) || 1
  return [x / length, y / length]
}

/** A place so many inches on the way from one to another, and so many to its left. */
export function onWay(from: Point, to: Point, onIn: number, leftIn = 0): Point {
  const [ux, uy] = along(from, to)
  return [from[0] + ux * onIn - uy * leftIn, from[1] + uy * onIn + ux * leftIn]
}

/** Ground from one side to the other, its top at a height. */
export const ground = (fromIn: number, toIn: number, depthIn: number, topIn = 0): Shape =>
  box('earth', [fromIn, topIn - depthIn], [toIn, topIn])

/** What is marked on a blade, and what stands there. */
export interface BladeMark {
  readonly atIn: number
  readonly text: string
  readonly name?: string
}

/** Marks that a blade names at most. */
const MOST_NAMED = 12

/** The marks that are named where there are many: every so many, the last one too. */
function named(marks: readonly BladeMark[]): readonly BladeMark[] {
  const every = Math.ceil(marks.length / MOST_NAMED)
  return marks.filter((_mark, k) => k % every === 0 || k === marks.length - 1)
}

/** A blade with its hook at 0, and marks on it: each with a crow's foot, its name above and its number below. */
export function blade(marks: readonly BladeMark[], lengthIn?: number): Scene {
  const spanIn = lengthIn ?? Math.max(...marks.map((each) => each.atIn), 1e-3)
  const thickIn = spanIn * 0.06
  const shown = named(marks)
  return [
    box('pale', [0, -thickIn], [spanIn * 1.02, 0]),
    area(
      'steel',
      [-spanIn * 0.012, spanIn * 0.008],
      [0, spanIn * 0.008],
      [0, -thickIn * 1.3],
      [-spanIn * 0.012, -thickIn * 1.3],
    ),
    ...marks.map(({ atIn }) => line('thin', [atIn, 0], [atIn, -thickIn * 0.6])),
    ...shown.flatMap(({ atIn, text: words, name }): Scene => [
      mark([atIn, 0]),
      text([atIn, -thickIn], words, { strong: true, offPx: [0, 18], stepPx: 18 }),
      ...(name === undefined ? [] : [text([atIn, 0], name, { offPx: [0, -18], stepPx: -14 })]),
    ]),
  ]
}
