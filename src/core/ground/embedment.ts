import { line, sig, type TraceLine } from '../result'

/** Shear and moment at grade at service level: `shearLb` over 0 with `momentFtLb` 0 or more; `bFt` width that pushes on the soil; `lateralPsfPerFt` with any doubling in it. */
export interface EmbedmentLoad {
  readonly shearLb: number
  readonly momentFtLb: number
  readonly bFt: number
  readonly lateralPsfPerFt: number
}

/** Depth past which the formulas of IBC 1807.3 are not used here, ft. */
export const MAX_EMBEDMENT_FT = 30

/** Width of soil a bare post pushes on, inches: 1.414 times its face (register C20); the diagonal for a square post, IBC 1807.3.2.1. */
export const bearingWidthIn = (faceIn: number): number => 1.414 * faceIn

/** Right side of IBC 2021 Eq. 18-1 for a trial depth; S1 stops growing at 12 ft of depth. */
function requiredFt(l: EmbedmentLoad, dFt: number): number {
  const s1 = (l.lateralPsfPerFt * Math.min(dFt, 12)) / 3
  const a = (2.34 * l.shearLb) / (s1 * l.bFt)
  return 0.5 * a * (1 + Math.sqrt(1 + (4.36 * (l.momentFtLb / l.shearLb)) / a))
}

/**
 * Depth of a post not constrained at grade, ft: the root of d = 0.5·A·(1+√(1+4.36·h/A)), IBC 2021 1807.3.2.1, by bisection to 0.001 ft
 * between 0.5 and 30 ft. NaN where no depth up to 30 ft is enough or an input is not positive.
 */
export function unconstrainedDepthFt(l: EmbedmentLoad): number {
  if (!(l.shearLb > 0) || !(l.bFt > 0) || !(l.lateralPsfPerFt > 0) || !(l.momentFtLb >= 0)) return NaN
  let lo = 0.5
  let hi = MAX_EMBEDMENT_FT
  if (hi < requiredFt(l, hi)) return NaN
  if (lo >= requiredFt(l, lo)) return lo
  while (hi - lo > 1e-4) {
    const mid = (lo + hi) / 2
    if (mid >= requiredFt(l, mid)) hi = mid
    else lo = mid
  }
  return hi
}

/** Depth of a post held at grade by a slab that bears on it and is tied to it, ft: d = (4.25·M/(S'·b))^(1/3), IBC 2021 1807.3.2.2. */
export const constrainedDepthFt = (l: EmbedmentLoad): number =>
  Math.cbrt((4.25 * l.momentFtLb) / (l.lateralPsfPerFt * l.bFt))

/** The older allowable-stress forms of ASABE EP486.1 (register C21), used as a second lower bound. */
export function ep486DepthFt(l: EmbedmentLoad, constrained: boolean): number {
  const sb = l.lateralPsfPerFt * l.bFt
  if (constrained) return Math.cbrt((4 * l.momentFtLb) / sb)
  let lo = 0.1
  let hi = MAX_EMBEDMENT_FT * 2
  while (hi - lo > 1e-4) {
    const mid = (lo + hi) / 2
    if (mid * mid >= (6 * l.shearLb + (8 * l.momentFtLb) / mid) / sb) hi = mid
    else lo = mid
  }
  return hi
}

/** Force in the slab tie of a constrained post, lb: V + 4M/(3d), from the same soil pressure shape. */
export const slabForceLb = (l: EmbedmentLoad, depthFt: number): number => l.shearLb + (4 * l.momentFtLb) / (3 * depthFt)

/** Trace of the depth of a post held at grade, by both forms; `depthFt` is the deeper of the two, which is taken. */
export function slabDepthTrace(l: EmbedmentLoad, depthFt: number): TraceLine[] {
  const ep = ep486DepthFt(l, true)
  return [
    line(
      'Depth, held at grade by the slab',
      "d = (4.25·M/(S'·b))^⅓",
      `(4.25 × ${sig(l.momentFtLb)}/(${sig(l.lateralPsfPerFt)} × ${sig(l.bFt)}))^⅓`,
      constrainedDepthFt(l),
      'ft',
      'IBC 2021 1807.3.2.2',
      'C20',
    ),
    line(
      'The same by the older form',
      "d = (4·M/(S'·b))^⅓",
      `(4 × ${sig(l.momentFtLb)}/(${sig(l.lateralPsfPerFt)} × ${sig(l.bFt)}))^⅓`,
      ep,
      'ft',
      'ASABE EP486.1',
      'C21',
    ),
    line(
      'Force in the slab tie',
      'V + 4·M/(3·d)',
      `${sig(l.shearLb)} + 4 × ${sig(l.momentFtLb)}/(3 × ${sig(depthFt)})`,
      slabForceLb(l, depthFt),
      'lb',
      'statics of the same pressure shape',
    ),
  ]
}

/** Trace of the depth of a post not held at grade, by both forms. */
export function freeDepthTrace(l: EmbedmentLoad): TraceLine[] {
  const d = unconstrainedDepthFt(l)
  const ep = ep486DepthFt(l, false)
  const s1 = (l.lateralPsfPerFt * Math.min(d, 12)) / 3
  const a = (2.34 * l.shearLb) / (s1 * l.bFt)
  const h = l.momentFtLb / l.shearLb
  return [
    line(
      'Soil at a third of the depth',
      "S1 = S'·d/3",
      `${sig(l.lateralPsfPerFt)} × ${sig(Math.min(d, 12))}/3`,
      s1,
      'psf',
      'IBC 2021 1807.3.2.1',
    ),
    line(
      'A',
      'A = 2.34·P/(S1·b)',
      `2.34 × ${sig(l.shearLb)}/(${sig(s1)} × ${sig(l.bFt)})`,
      a,
      'ft',
      'IBC 2021 Eq. 18-1',
      'C20',
    ),
    line(
      'Depth, not held at grade',
      'd = 0.5·A·(1+√(1+4.36·h/A))',
      `0.5 × ${sig(a)} × (1+√(1+4.36 × ${sig(h)}/${sig(a)}))`,
      d,
      'ft',
      'IBC 2021 1807.3.2.1',
    ),
    line(
      'The same by the older form',
      "d = √((6·V + 8·M/d)/(S'·b))",
      `√((6 × ${sig(l.shearLb)} + 8 × ${sig(l.momentFtLb)}/${sig(ep)})/(${sig(l.lateralPsfPerFt)} × ${sig(l.bFt)}))`,
      ep,
      'ft',
      'ASABE EP486.1',
      'C21',
    ),
  ]
}
