import { degrees, radians } from '@/core/units'
import { toTenth } from '@/ui/px'
import type { Point, Scene, Shape } from './shapes'

/** Sizes of the type in a drawing, px. */
export const TYPE = { strong: 16, plain: 13.5 } as const
/** Width of one letter at a size of 1, about; figures are as wide as most letters. */
const LETTER = 0.57
/** Air around a drawing, px. */
const AIR = 5
/** How small a drawing is made so that its numbers have room, as a share of the paper; then the paper grows taller. */
const LEAST = 0.45
/** The steps in which that is tried. */
const STEP = 0.03

/** A rectangle on paper, px. */
interface Frame {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}

/** Where words of a drawing stand, px: their baseline, and how they are turned. */
export interface Words {
  readonly x: number
  readonly y: number
  readonly text: string
  readonly strong: boolean
  readonly anchor: 'start' | 'middle' | 'end'
  readonly turn: number
}

/** A scene on paper: how many px an inch is, where its zero lies, and how large the paper is. */
export interface Placed {
  readonly scale: number
  readonly widthPx: number
  readonly heightPx: number
  /** A place of the scene on the paper, px. */
  readonly at: (point: Point) => Point
}

const pointsOf = (shape: Shape): readonly Point[] => {
  switch (shape.kind) {
    case 'area':
    case 'line':
      return shape.points
    case 'dot': {
      const [x, y] = shape.at
      const radius = shape.radiusIn ?? 0
      return [
        [x - radius, y - radius],
        [x + radius, y + radius],
      ]
    }
    case 'measure':
      return [shape.from, shape.to]
    case 'mark':
    case 'text':
      return [shape.at]
  }
}

/** The line of a measure on paper: moved off to its side, with the way it runs. */
export function measureLine(shape: Extract<Shape, { kind: 'measure' }>, at: Placed['at']) {
  const [from, to] = [at(shape.from), at(shape.to)]
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy) || 1
  // Up is down on paper: left of the way is over it.
  const [nx, ny] = [(dy / length) * shape.offPx, (-dx / length) * shape.offPx]
  const a: Point = [from[0] + nx, from[1] + ny]
  const b: Point = [to[0] + nx, to[1] + ny]
  return { from, to, a, b, length, normal: [dy / length, -dx / length] as Point }
}

/** Steeper than this from level, words stand beside the line; flatter, they lie along it. Degrees. */
const BESIDE_DEG = 75

/** Words of a measure: along its line, over it on the side it is moved to; level beside a plumb one. */
function wordsOfMeasure(shape: Extract<Shape, { kind: 'measure' }>, at: Placed['at']): readonly Words[] {
  const { a, b, normal } = measureLine(shape, at)
  const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
  const side = shape.offPx < 0 ? -1 : 1
  let turn = degrees(Math.atan2(b[1] - a[1], b[0] - a[0]))
  if (turn > 90) turn -= 180
  if (turn < -90) turn += 180
  const both = shape.name === undefined ? [] : [{ text: shape.name, strong: false }]
  if (Math.abs(turn) > BESIDE_DEG) {
    const right = normal[0] * side > 0
    const texts = [...both, { text: shape.text, strong: true }]
    return texts.map((each, k) => ({
      ...each,
      x: x + (right ? 6 : -6),
      y: y + 5 + (k - (texts.length - 1) / 2) * 16,
      anchor: right ? ('start' as const) : ('end' as const),
      turn: 0,
    }))
  }
  const over = normal[1] * side < 0
  // Name and number on one line, the number last.
  const text = shape.name === undefined ? shape.text : `${shape.name}  ${shape.text}`
  const away = over ? 5 : TYPE.strong
  return [
    { text, strong: true, anchor: 'middle', turn, x: x + normal[0] * side * away, y: y + normal[1] * side * away },
  ]
}

/** The words of one shape, where they would stand if there were no others. */
function wordsOf(shape: Shape, at: Placed['at']): readonly Words[] {
  if (shape.kind === 'measure') return wordsOfMeasure(shape, at)
  if (shape.kind !== 'text') return []
  const [x, y] = at(shape.at)
  const { text, strong, anchor } = shape
  return [{ text, strong, anchor, turn: 0, x: x + shape.offPx[0], y: y + shape.offPx[1] }]
}

/** Air between two words in a row, px, and rows that words move on by at most: as many as a blade has numbers. */
const BETWEEN = 6
const MOST_ROWS = 13

const cover = (one: Frame, other: Frame): boolean =>
  one.left < other.right + BETWEEN &&
  other.left < one.right + BETWEEN &&
  one.top < other.bottom - 2 &&
  other.top < one.bottom - 2

/** All words of a scene: those that may move stand clear of each other. */
export function allWords(scene: Scene, at: Placed['at']): readonly Words[] {
  const moved: Frame[] = []
  return scene.flatMap((shape): readonly Words[] => {
    const words = wordsOf(shape, at)
    const [own] = words
    if (shape.kind !== 'text' || shape.stepPx === undefined || !own) return words
    let place = own
    for (let row = 0; row < MOST_ROWS && moved.some((other) => cover(frameOf(place), other)); row++)
      place = { ...place, y: place.y + shape.stepPx }
    moved.push(frameOf(place))
    return [place]
  })
}

/** The frame that words take, as turned. */
export function frameOf({ x, y, text, strong, anchor, turn }: Words): Frame {
  const size = strong ? TYPE.strong : TYPE.plain
  const width = text.length * size * LETTER
  const start = { start: 0, middle: -width / 2, end: -width }[anchor]
  const angle = radians(turn)
  const corners = [
    [start, -size],
    [start + width, -size],
    [start, 4],
    [start + width, 4],
  ].map(([u = 0, v = 0]) => [
    x + u * Math.cos(angle) - v * Math.sin(angle),
    y + u * Math.sin(angle) + v * Math.cos(angle),
  ]) as unknown as readonly Point[]
  return around(corners)
}

function around(points: readonly Point[]): Frame {
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }
}

/** What lines and words take beyond the places of their shapes, on paper. */
function framesOf(scene: Scene, at: Placed['at']): readonly Frame[] {
  const lines = scene.flatMap((shape): readonly Frame[] => {
    if (shape.kind === 'measure') {
      const { a, b } = measureLine(shape, at)
      return [around([a, b])]
    }
    if (shape.kind !== 'mark') return []
    const [x, y] = at(shape.at)
    return [
      around([
        [x - 5, y - shape.upPx],
        [x + 5, y],
      ]),
    ]
  })
  return [...lines, ...allWords(scene, at).map(frameOf)]
}

interface Bounds {
  readonly left: number
  readonly bottom: number
  readonly wide: number
  readonly high: number
}

function boundsOf(points: readonly Point[]): Bounds {
  const { left, right, top, bottom } = around(points.length > 0 ? points : [[0, 0]])
  // Up is more in a scene and less on paper: the frame's bottom is the highest place.
  return { left, bottom, wide: Math.max(right - left, 1e-6), high: Math.max(bottom - top, 1e-6) }
}

/** Room that lines and words take around a scene drawn at a scale, px. */
function roomAround(scene: Scene, { left, bottom, wide, high }: Bounds, scale: number): Frame {
  const frames = framesOf(scene, ([x, y]) => [(x - left) * scale, (bottom - y) * scale])
  const most = (past: (frame: Frame) => number) => Math.max(0, ...frames.map(past)) + AIR
  return {
    left: most((frame) => -frame.left),
    right: most((frame) => frame.right - wide * scale),
    top: most((frame) => -frame.top),
    bottom: most((frame) => frame.bottom - high * scale),
  }
}

const NO_ROOM: Frame = { left: AIR, right: AIR, top: AIR, bottom: AIR }

/**
 * Lays a scene on paper of a width, to scale and whole: as large as the height allows, with room for every number; where
 * there is not enough for the numbers, the paper is taller. Where `bare`, numbers are left out and take no room.
 */
export function placed(scene: Scene, widthPx: number, mostHeightPx: number, bare = false): Placed {
  const bounds = boundsOf(
    scene.flatMap((shape) => (bare && shape.kind !== 'area' && shape.kind !== 'line' ? [] : pointsOf(shape))),
  )
  const { wide, high } = bounds
  const whole = Math.max(1e-9, Math.min((widthPx - 2 * AIR) / wide, (mostHeightPx - 2 * AIR) / high))
  const at = (scale: number) => paperOf(bounds, scale, bare ? NO_ROOM : roomAround(scene, bounds, scale), widthPx)
  let paper = at(whole)
  for (let share = 1 - STEP; share > LEAST && !paper.fits(mostHeightPx); share -= STEP) paper = at(whole * share)
  return paper
}

/** Paper for a scene at a scale with so much room around it. */
function paperOf(bounds: Bounds, scale: number, room: Frame, widthPx: number) {
  const acrossPx = room.left + bounds.wide * scale + room.right
  const heightPx = room.top + bounds.high * scale + room.bottom
  const start = room.left + Math.max(0, widthPx - acrossPx) / 2
  return {
    scale,
    widthPx,
    heightPx: toTenth(heightPx),
    at: ([x, y]: Point): Point => [
      toTenth(start + (x - bounds.left) * scale),
      toTenth(room.top + (bounds.bottom - y) * scale),
    ],
    fits: (mostHeightPx: number) => acrossPx <= widthPx && heightPx <= mostHeightPx,
  }
}
