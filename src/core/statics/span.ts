import { item, firstOf, lastOf } from '../result'
import { IN_PER_FT, NEGLIGIBLE } from '../units'
import type { Diagram, LineLoad, PointLoad } from '../result'

export interface SpanLoads {
  readonly lengthIn: number
  readonly points: readonly PointLoad[]
  readonly lines: readonly LineLoad[]
}

export interface SpanResult extends SpanForces {
  readonly deflectionIn: number
  readonly deflectionAtIn: number
}

/** Total of the part of a line load left of `x`, lb. */
function totalOf(load: LineLoad, x: number): number {
  const to = Math.min(load.toIn, x)
  if (to <= load.fromIn) return 0
  const d = to - load.fromIn
  const run = load.toIn - load.fromIn
  return load.startLbIn * d + (run > 0 ? ((load.endLbIn - load.startLbIn) / run) * d * d : 0) / 2
}

/** First moment about the left end of the part of a line load left of `x`, in-lb. */
function aboutOf(load: LineLoad, x: number): number {
  const to = Math.min(load.toIn, x)
  if (to <= load.fromIn) return 0
  const d = to - load.fromIn
  const run = load.toIn - load.fromIn
  return (
    load.startLbIn * d * (load.fromIn + d / 2) +
    (run > 0 ? ((load.endLbIn - load.startLbIn) / run) * d * d * (load.fromIn / 2 + d / 3) : 0)
  )
}

/** Shear just left of `x` of a simple span, from its left reaction. */
function shearAt(loads: SpanLoads, leftLb: number, x: number): number {
  let v = leftLb
  for (const point of loads.points) if (point.atIn < x) v -= point.lb
  for (const line of loads.lines) v -= totalOf(line, x)
  return v
}

/** Moment at `x` of a simple span. */
function momentAt(loads: SpanLoads, leftLb: number, x: number): number {
  let m = leftLb * x
  for (const point of loads.points) if (point.atIn < x) m -= point.lb * (x - point.atIn)
  for (const line of loads.lines) m -= totalOf(line, x) * x - aboutOf(line, x)
  return m
}

function reactions(loads: SpanLoads): { readonly leftLb: number; readonly rightLb: number } {
  let total = 0
  let about = 0
  for (const point of loads.points) {
    total += point.lb
    about += point.lb * point.atIn
  }
  for (const line of loads.lines) {
    total += totalOf(line, line.toIn)
    about += aboutOf(line, line.toIn)
  }
  const rightLb = about / loads.lengthIn
  return { leftLb: total - rightLb, rightLb }
}

const STATIONS = 24
/** Places where values are taken: equal steps, and every load's own place. */
function stations(loads: SpanLoads): number[] {
  const places: number[] = []
  for (let i = 0; i <= STATIONS; i++) places.push((loads.lengthIn * i) / STATIONS)
  let plain = true
  const add = (edge: number) => {
    if (edge > 0 && edge < loads.lengthIn) {
      places.push(edge)
      plain = false
    }
  }
  for (const point of loads.points) add(point.atIn)
  for (const line of loads.lines) {
    add(line.fromIn)
    add(line.toIn)
  }
  return plain ? places : [...new Set(places.sort((one, other) => one - other))]
}

/** Deflections at the stations by integrating M/EI twice (Simpson within each step), both ends held. */
function deflections(loads: SpanLoads, leftLb: number, x: readonly number[], ei: number): number[] {
  const slope = [0]
  const drop = [0]
  let last = 0
  for (let i = 1; i < x.length; i++) {
    const stepIn = item(x, i) - item(x, i - 1)
    const m0 = i === 1 ? momentAt(loads, leftLb, firstOf(x)) : last
    const m1 = momentAt(loads, leftLb, (item(x, i - 1) + item(x, i)) / 2)
    const m2 = momentAt(loads, leftLb, item(x, i))
    last = m2
    const turn = (stepIn * (m0 + 4 * m1 + m2)) / 6 / ei
    // First moment of the curvature about the right end of the step, from the same three values.
    const moment = (stepIn * stepIn * (m0 + 2 * m1)) / 6 / ei
    drop.push(item(drop, i - 1) + item(slope, i - 1) * stepIn + moment)
    slope.push(item(slope, i - 1) + turn)
  }
  const end = lastOf(drop)
  return drop.map((drop, i) => (end * item(x, i)) / loads.lengthIn - drop)
}

const HALVINGS = 40

/** Where the shear between two neighboring stations is zero, by bisection; null where it keeps its sign. */
function zeroShearIn(loads: SpanLoads, leftLb: number, fromIn: number, toIn: number): number | null {
  // Just right of a load that stands at the first of them.
  const start = shearAt(loads, leftLb, fromIn + (toIn - fromIn) * NEGLIGIBLE)
  if (start * shearAt(loads, leftLb, toIn) >= 0) return null
  let [low, high] = [fromIn, toIn]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (shearAt(loads, leftLb, middle) * start > 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}

export interface SpanForces {
  readonly leftLb: number
  readonly rightLb: number
  readonly shearLb: number
  readonly momentInLb: number
  readonly momentAtIn: number
}

/** Reactions, largest shear and moment of a simple span, lb and inches. `lengthIn` over 0. */
export function spanForces(loads: SpanLoads): SpanForces {
  const { leftLb, rightLb } = reactions(loads)
  let shearLb = Math.max(Math.abs(leftLb), Math.abs(rightLb))
  let [momentInLb, momentAtIn] = [0, 0]
  for (const station of stations(loads)) {
    const shearHereLb = shearAt(loads, leftLb, station)
    const momentHereInLb = momentAt(loads, leftLb, station)
    shearLb = Math.max(shearLb, Math.abs(shearHereLb))
    if (Math.abs(momentHereInLb) > Math.abs(momentInLb)) {
      momentInLb = momentHereInLb
      momentAtIn = station
    }
  }
  // Where the shear passes through zero between two places, the moment has its most.
  const places = stations(loads)
  for (let i = 1; i < places.length; i++) {
    const atIn = zeroShearIn(loads, leftLb, item(places, i - 1), item(places, i))
    if (atIn === null) continue
    const momentHereInLb = momentAt(loads, leftLb, atIn)
    if (Math.abs(momentHereInLb) > Math.abs(momentInLb)) [momentInLb, momentAtIn] = [momentHereInLb, atIn]
  }
  // Just right of a point load, where a line load of the other sign makes the shear jump to its most.
  for (const { atIn, lb } of loads.points) shearLb = Math.max(shearLb, Math.abs(shearAt(loads, leftLb, atIn) - lb))
  return { leftLb, rightLb, shearLb, momentInLb, momentAtIn }
}

/** Forces and largest deflection of a simple span. `ei` over 0, lb·in². Down loads sag positive. */
export function simpleSpan(loads: SpanLoads, ei: number): SpanResult {
  const forces = spanForces(loads)
  const places = stations(loads)
  let [deflectionIn, deflectionAtIn] = [0, 0]
  deflections(loads, forces.leftLb, places, ei).forEach((deflection, i) => {
    if (Math.abs(deflection) > Math.abs(deflectionIn)) {
      deflectionIn = deflection
      deflectionAtIn = item(places, i)
    }
  })
  return { ...forces, deflectionIn, deflectionAtIn }
}

/** The same span as a diagram to draw. */
export function spanDiagram(loads: SpanLoads, ei: number, capacityInLb: number | null = null): Diagram {
  const { leftLb } = reactions(loads)
  const x = stations(loads)
  return {
    lengthIn: loads.lengthIn,
    x,
    shearLb: x.map((place) => shearAt(loads, leftLb, place)),
    momentInLb: x.map((place) => momentAt(loads, leftLb, place)),
    deflectionIn: deflections(loads, leftLb, x, ei),
    points: loads.points,
    lines: loads.lines,
    supportsIn: [0, loads.lengthIn],
    capacityInLb,
  }
}

/** Uniform load over a whole span, given in lb per foot. */
export const uniform = (lengthIn: number, plf: number, name?: string): LineLoad => ({
  fromIn: 0,
  toIn: lengthIn,
  startLbIn: plf / IN_PER_FT,
  endLbIn: plf / IN_PER_FT,
  ...(name ? { name } : {}),
})

/** Stations of a two-span diagram: even, so that one stands on the middle support. */
const TWO_SPAN_STEPS = 48

/** Two equal spans of one board under a uniform load, as a diagram: 3/8, 10/8, 3/8 of w·L. `plf` over both. */
export function twoSpanDiagram(spanIn: number, plf: number, ei: number, capacityInLb: number | null = null): Diagram {
  const lbPerIn = plf / IN_PER_FT
  const x = Array.from({ length: TWO_SPAN_STEPS + 1 }, (_, i) => (2 * spanIn * i) / TWO_SPAN_STEPS)
  const near = (place: number) => (place <= spanIn ? place : 2 * spanIn - place)
  return {
    lengthIn: 2 * spanIn,
    x,
    shearLb: x.map((place) => ((3 / 8) * lbPerIn * spanIn - lbPerIn * near(place)) * (place <= spanIn ? 1 : -1)),
    momentInLb: x.map((place) => (3 / 8) * lbPerIn * spanIn * near(place) - (lbPerIn * near(place) ** 2) / 2),
    deflectionIn: x.map((place) => {
      const fromEnd = near(place)
      return (lbPerIn * fromEnd * (spanIn ** 3 - 3 * spanIn * fromEnd ** 2 + 2 * fromEnd ** 3)) / (48 * ei)
    }),
    points: [],
    lines: [uniform(2 * spanIn, plf, 'wind')],
    supportsIn: [0, spanIn, 2 * spanIn],
    capacityInLb,
  }
}
