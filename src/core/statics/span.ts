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
function totalOf(l: LineLoad, x: number): number {
  const to = Math.min(l.toIn, x)
  if (to <= l.fromIn) return 0
  const d = to - l.fromIn
  const run = l.toIn - l.fromIn
  return l.startLbIn * d + (run > 0 ? ((l.endLbIn - l.startLbIn) / run) * d * d : 0) / 2
}

/** First moment about the left end of the part of a line load left of `x`, in-lb. */
function aboutOf(l: LineLoad, x: number): number {
  const to = Math.min(l.toIn, x)
  if (to <= l.fromIn) return 0
  const d = to - l.fromIn
  const run = l.toIn - l.fromIn
  return (
    l.startLbIn * d * (l.fromIn + d / 2) +
    (run > 0 ? ((l.endLbIn - l.startLbIn) / run) * d * d * (l.fromIn / 2 + d / 3) : 0)
  )
}

/** Shear just left of `x` of a simple span, from its left reaction. */
function shearAt(s: SpanLoads, leftLb: number, x: number): number {
  let v = leftLb
  for (const p of s.points) if (p.atIn < x) v -= p.lb
  for (const l of s.lines) v -= totalOf(l, x)
  return v
}

/** Moment at `x` of a simple span. */
function momentAt(s: SpanLoads, leftLb: number, x: number): number {
  let m = leftLb * x
  for (const p of s.points) if (p.atIn < x) m -= p.lb * (x - p.atIn)
  for (const l of s.lines) m -= totalOf(l, x) * x - aboutOf(l, x)
  return m
}

function reactions(s: SpanLoads): { readonly leftLb: number; readonly rightLb: number } {
  let total = 0
  let about = 0
  for (const p of s.points) {
    total += p.lb
    about += p.lb * p.atIn
  }
  for (const l of s.lines) {
    total += totalOf(l, l.toIn)
    about += aboutOf(l, l.toIn)
  }
  const rightLb = about / s.lengthIn
  return { leftLb: total - rightLb, rightLb }
}

const STATIONS = 24
/** Places where values are taken: equal steps, and every load's own place. */
function stations(s: SpanLoads): number[] {
  const x: number[] = []
  for (let i = 0; i <= STATIONS; i++) x.push((s.lengthIn * i) / STATIONS)
  let plain = true
  const add = (e: number) => {
    if (e > 0 && e < s.lengthIn) {
      x.push(e)
      plain = false
    }
  }
  for (const p of s.points) add(p.atIn)
  for (const l of s.lines) {
    add(l.fromIn)
    add(l.toIn)
  }
  return plain ? x : [...new Set(x.sort((a, b) => a - b))]
}

/** Deflections at the stations by integrating M/EI twice (Simpson within each step), both ends held. */
function deflections(s: SpanLoads, leftLb: number, x: readonly number[], ei: number): number[] {
  const slope = [0]
  const drop = [0]
  let last = 0
  for (let i = 1; i < x.length; i++) {
    const h = x[i] - x[i - 1]
    const m0 = i === 1 ? momentAt(s, leftLb, x[0]) : last
    const m1 = momentAt(s, leftLb, (x[i - 1] + x[i]) / 2)
    const m2 = momentAt(s, leftLb, x[i])
    last = m2
    const turn = (h * (m0 + 4 * m1 + m2)) / 6 / ei
    // First moment of the curvature about the right end of the step, from the same three values.
    const moment = (h * h * (m0 + 2 * m1)) / 6 / ei
    drop.push(drop[i - 1] + slope[i - 1] * h + moment)
    slope.push(slope[i - 1] + turn)
  }
  const end = drop[drop.length - 1]
  return drop.map((d, i) => (end * x[i]) / s.lengthIn - d)
}

export interface SpanForces {
  readonly leftLb: number
  readonly rightLb: number
  readonly shearLb: number
  readonly momentInLb: number
  readonly momentAtIn: number
}

/** Reactions, largest shear and moment of a simple span, lb and inches. `lengthIn` over 0. */
export function spanForces(s: SpanLoads): SpanForces {
  const { leftLb, rightLb } = reactions(s)
  let shearLb = Math.max(Math.abs(leftLb), Math.abs(rightLb))
  let [momentInLb, momentAtIn] = [0, 0]
  for (const q of stations(s)) {
    const v = shearAt(s, leftLb, q)
    const m = momentAt(s, leftLb, q)
    if (Math.abs(v) > shearLb) shearLb = Math.abs(v)
    if (Math.abs(m) > Math.abs(momentInLb)) {
      momentInLb = m
      momentAtIn = q
    }
  }
  return { leftLb, rightLb, shearLb, momentInLb, momentAtIn }
}

/** Forces and largest deflection of a simple span. `ei` over 0, lb·in². Down loads sag positive. */
export function simpleSpan(s: SpanLoads, ei: number): SpanResult {
  const forces = spanForces(s)
  const x = stations(s)
  let [deflectionIn, deflectionAtIn] = [0, 0]
  deflections(s, forces.leftLb, x, ei).forEach((d, i) => {
    if (Math.abs(d) > Math.abs(deflectionIn)) {
      deflectionIn = d
      deflectionAtIn = x[i]
    }
  })
  return { ...forces, deflectionIn, deflectionAtIn }
}

/** The same span as a diagram to draw. */
export function spanDiagram(s: SpanLoads, ei: number, capacityInLb: number | null = null): Diagram {
  const { leftLb } = reactions(s)
  const x = stations(s)
  return {
    lengthIn: s.lengthIn,
    x,
    shearLb: x.map((q) => shearAt(s, leftLb, q)),
    momentInLb: x.map((q) => momentAt(s, leftLb, q)),
    deflectionIn: deflections(s, leftLb, x, ei),
    points: s.points,
    lines: s.lines,
    supportsIn: [0, s.lengthIn],
    capacityInLb,
  }
}

/** Uniform load over a whole span, given in lb per foot. */
export const uniform = (lengthIn: number, plf: number, name?: string): LineLoad => ({
  fromIn: 0,
  toIn: lengthIn,
  startLbIn: plf / 12,
  endLbIn: plf / 12,
  ...(name ? { name } : {}),
})

/** Two equal spans of one board under a uniform load, as a diagram: 3/8, 10/8, 3/8 of w·L. `plf` over both. */
export function twoSpanDiagram(spanIn: number, plf: number, ei: number, capacityInLb: number | null = null): Diagram {
  const w = plf / 12
  const x = Array.from({ length: 49 }, (_, i) => (spanIn * i) / 24)
  const near = (q: number) => (q <= spanIn ? q : 2 * spanIn - q)
  return {
    lengthIn: 2 * spanIn,
    x,
    shearLb: x.map((q) => ((3 / 8) * w * spanIn - w * near(q)) * (q <= spanIn ? 1 : -1)),
    momentInLb: x.map((q) => (3 / 8) * w * spanIn * near(q) - (w * near(q) ** 2) / 2),
    deflectionIn: x.map((q) => {
      const a = near(q)
      return (w * a * (spanIn ** 3 - 3 * spanIn * a ** 2 + 2 * a ** 3)) / (48 * ei)
    }),
    points: [],
    lines: [uniform(2 * spanIn, plf, 'wind')],
    supportsIn: [0, spanIn, 2 * spanIn],
    capacityInLb,
  }
}
