import { line, sig, type TraceLine } from '../result'

/**
 * Shear and moment at grade at service level: `shearLb` over 0 with `momentFtLb` 0 or more; `bFt` width that pushes on
 * the soil; `lateralPsfPerFt` with any doubling in it.
 */
export interface EmbedmentLoad {
  readonly shearLb: number
  readonly momentFtLb: number
  readonly bFt: number
  readonly lateralPsfPerFt: number
  /** Depth below which the soil's pressure grows no more, ft; 12 where it is left out. */
  readonly capFt?: number
}

/** Depth below which the pressure of IBC 1807.3.2.1 grows no more, ft. */
const CAP_FT = 12

/** Depth past which the formulas of IBC 1807.3 are not used here, ft. */
const MAX_EMBEDMENT_FT = 30

/**
 * Width of soil a bare post pushes on, inches: 1.414 times its face (register C20); the diagonal for a square post, IBC
 * 1807.3.2.1.
 */
export const bearingWidthIn = (faceIn: number): number => 1.414 * faceIn

/** Where the search for a depth begins, ft. */
const LEAST_FT = 0.01
/** Depths nearer than this are one depth, ft. */
const SAME_FT = 1e-7

/** Right side of IBC 2021 Eq. 18-1 for a trial depth; S1 stops growing at 12 ft of depth. */
function requiredFt(load: EmbedmentLoad, dFt: number): number {
  const s1 = (load.lateralPsfPerFt * Math.min(dFt, load.capFt ?? CAP_FT)) / 3
  const a = (2.34 * load.shearLb) / (s1 * load.bFt)
  return 0.5 * a * (1 + Math.sqrt(1 + (4.36 * (load.momentFtLb / load.shearLb)) / a))
}

/**
 * Depth of a post not constrained at grade, ft: the root of d = 0.5·A·(1+√(1+4.36·h/A)), IBC 2021 1807.3.2.1, by
 * bisection
 * between 0.01 and 30 ft. Null where no depth up to 30 ft is enough or an input is not positive.
 */
export function unconstrainedDepthFt(load: EmbedmentLoad): number | null {
  if (!(load.shearLb > 0) || !(load.bFt > 0) || !(load.lateralPsfPerFt > 0) || !(load.momentFtLb >= 0)) return null
  let lo = LEAST_FT
  let hi = MAX_EMBEDMENT_FT
  if (hi < requiredFt(load, hi)) return null
  if (lo >= requiredFt(load, lo)) return lo
  while (hi - lo > SAME_FT) {
    const mid = (lo + hi) / 2
    if (mid >= requiredFt(load, mid)) hi = mid
    else lo = mid
  }
  return hi
}

/**
 * Depth of a post held at grade by a slab that bears on it and is tied to it, ft: d = (4.25·M/(S'·b))^(1/3), IBC 2021
 * 1807.3.2.2; past the depth at which the pressure stops growing d = √(4.25·M/(S'·12·b)).
 */
export function constrainedDepthFt(load: EmbedmentLoad): number {
  const cubed = (4.25 * load.momentFtLb) / (load.lateralPsfPerFt * load.bFt)
  const capFt = load.capFt ?? CAP_FT
  const depthFt = Math.cbrt(cubed)
  return depthFt <= capFt ? depthFt : Math.sqrt(cubed / capFt)
}

/** The older allowable-stress forms of ASABE EP486.1 (register C21), used as a second lower bound. */
export function ep486DepthFt(load: EmbedmentLoad, constrained: boolean): number {
  const sb = load.lateralPsfPerFt * load.bFt
  if (constrained) return Math.cbrt((4 * load.momentFtLb) / sb)
  let lo = 0.1
  let hi = MAX_EMBEDMENT_FT * 2
  while (hi - lo > SAME_FT) {
    const mid = (lo + hi) / 2
    if (mid * mid >= (6 * load.shearLb + (8 * load.momentFtLb) / mid) / sb) hi = mid
    else lo = mid
  }
  return hi
}

/** Force in the slab tie of a constrained post, lb: V + 4M/(3d), from the same soil pressure shape. */
export const slabForceLb = (load: Pick<EmbedmentLoad, 'shearLb' | 'momentFtLb'>, depthFt: number): number =>
  load.shearLb + (depthFt > 0 ? (4 * load.momentFtLb) / (3 * depthFt) : 0)

/** The depth of a post held at grade as a line of arithmetic: where the pressure still grows, and past that. */
function slabDepthLine(load: EmbedmentLoad): TraceLine {
  const depthFt = constrainedDepthFt(load)
  const same = { label: 'Depth, held at grade by the slab', value: depthFt, unit: 'ft', verify: 'C20' }
  const moment = `4.25 × ${sig(load.momentFtLb)}`
  return depthFt <= CAP_FT
    ? line({
        ...same,
        formula: "d = (4.25·M/(S'·b))^⅓",
        numbers: `(${moment}/(${sig(load.lateralPsfPerFt)} × ${sig(load.bFt)}))^⅓`,
        clause: 'IBC 2021 1807.3.2.2',
      })
    : line({
        ...same,
        formula: "d = √(4.25·M/(12·S'·b))",
        numbers: `√(${moment}/(${CAP_FT} × ${sig(load.lateralPsfPerFt)} × ${sig(load.bFt)}))`,
        clause: 'IBC 2021 1807.3.2.2',
      })
}

/** Trace of the depth of a post held at grade, by both forms; `depthFt` is the deeper of the two, which is taken. */
export function slabDepthTrace(load: EmbedmentLoad, depthFt: number): TraceLine[] {
  const ep = ep486DepthFt(load, true)
  return [
    slabDepthLine(load),
    line({
      label: 'The same by the older form',
      formula: "d = (4·M/(S'·b))^⅓",
      numbers: `(4 × ${sig(load.momentFtLb)}/(${sig(load.lateralPsfPerFt)} × ${sig(load.bFt)}))^⅓`,
      value: ep,
      unit: 'ft',
      clause: 'ASABE EP486.1',
      verify: 'C21',
    }),
    line({
      label: 'Force in the slab tie',
      formula: 'V + 4·M/(3·d)',
      numbers:
        depthFt > 0 ? `${sig(load.shearLb)} + 4 × ${sig(load.momentFtLb)}/(3 × ${sig(depthFt)})` : sig(load.shearLb),
      value: slabForceLb(load, depthFt),
      unit: 'lb',
      clause: 'statics of the same pressure shape',
    }),
  ]
}

/** Trace of the depth of a post not held at grade, by both forms; `depthFt` is the first one's. */
export function freeDepthTrace(load: EmbedmentLoad, depthFt: number): TraceLine[] {
  const ep = ep486DepthFt(load, false)
  const s1 = (load.lateralPsfPerFt * Math.min(depthFt, 12)) / 3
  const a = (2.34 * load.shearLb) / (s1 * load.bFt)
  const h = load.momentFtLb / load.shearLb
  return [
    line({
      label: 'Soil at a third of the depth',
      formula: "S1 = S'·d/3",
      numbers: `${sig(load.lateralPsfPerFt)} × ${sig(Math.min(depthFt, 12))}/3`,
      value: s1,
      unit: 'psf',
      clause: 'IBC 2021 1807.3.2.1',
    }),
    line({
      label: 'A',
      formula: 'A = 2.34·P/(S1·b)',
      numbers: `2.34 × ${sig(load.shearLb)}/(${sig(s1)} × ${sig(load.bFt)})`,
      value: a,
      unit: 'ft',
      clause: 'IBC 2021 Eq. 18-1',
      verify: 'C20',
    }),
    line({
      label: 'Depth, not held at grade',
      formula: 'd = 0.5·A·(1+√(1+4.36·h/A))',
      numbers: `0.5 × ${sig(a)} × (1+√(1+4.36 × ${sig(h)}/${sig(a)}))`,
      value: depthFt,
      unit: 'ft',
      clause: 'IBC 2021 1807.3.2.1',
    }),
    line({
      label: 'The same by the older form',
      formula: "d = √((6·V + 8·M/d)/(S'·b))",
      numbers:
        `√((6 × ${sig(load.shearLb)} + 8 × ${sig(load.momentFtLb)}/${sig(ep)})/(${sig(load.lateralPsfPerFt)} × ` +
        `${sig(load.bFt)}))`,
      value: ep,
      unit: 'ft',
      clause: 'ASABE EP486.1',
      verify: 'C21',
    }),
  ]
}
