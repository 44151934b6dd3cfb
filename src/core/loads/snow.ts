import { degrees, pitchRadians } from '../units'
import { line, sig, type TraceLine } from '../result'
import { editionData } from './editions'
import type { CompleteSite } from './siteLoads'

export interface SnowLoads {
  readonly pfPsf: number
  readonly psPsf: number
  readonly pmPsf: number
  readonly cs: number
  readonly gammaPcf: number
  /** Uniform load on the windward half, psf, in the unbalanced case; null where 7.6.1 does not ask for it. */
  readonly unbalanced: {
    readonly windwardPsf: number
    readonly leewardPsf: number
    readonly surchargePsf: number
    readonly surchargeFt: number
  } | null
  readonly trace: readonly TraceLine[]
}

/**
 * Roof slope factor Cs, ASCE 7-16 Fig. 7.4-1. `thetaDeg` 0 to 90, `ct` thermal factor. A warm slippery roof needs
 * insulation that is not asked for here, so warm roofs take the other curve.
 */
export function slopeFactor(thetaDeg: number, ct: number, slippery: boolean): number {
  const fullLoadTo = () => {
    if (ct <= 1) return 30
    if (ct < 1.2) {
      if (slippery) return 10
      return 37.5
    }
    if (slippery) return 15
    return 45
  }
  const start = fullLoadTo()
  if (thetaDeg <= start) return 1
  if (thetaDeg >= 70) return 0
  return 1 - (thetaDeg - start) / (70 - start)
}

/**
 * Drift height hd, ft: √Is·(0.43·lu^(1/3)·(pg+10)^(1/4) − 1.5), ASCE 7-16 Fig. 7.6-1, lu not under 20 ft (register C11).
 * An importance under 1 lowers no drift.
 */
export const driftHeightFt = (lengthFt: number, pgPsf: number, importance = 1): number =>
  Math.sqrt(Math.max(1, importance)) *
  Math.max(0, 0.43 * Math.cbrt(Math.max(lengthFt, 20)) * Math.sqrt(Math.sqrt(pgPsf + 10)) - 1.5)

const importanceOf = (site: CompleteSite): number => editionData(site.edition).importance[site.risk]

/**
 * Balanced, minimum and unbalanced snow of a gable roof, ASCE 7-16 ch. 7. `halfWidthFt` eave to ridge, `pitchPer12` 1
 * to 12.
 */
export function snowLoads(
  site: CompleteSite,
  roof: { readonly pitchPer12: number; readonly halfWidthFt: number; readonly slippery: boolean },
): SnowLoads {
  const pg = site.groundSnowPsf
  const edition = editionData(site.edition)
  const is = importanceOf(site)
  const ce = edition.snowExposure[site.exposure][site.snowExposure]
  const ct = edition.thermal[site.thermal]
  const thetaDeg = degrees(pitchRadians(roof.pitchPer12))
  const pfPsf = 0.7 * ce * ct * is * pg
  const cs = slopeFactor(thetaDeg, ct, roof.slippery)
  // Rain on snow adds to the balanced case of flat roofs in light-snow country (7.10).
  const rain = pg > 0 && pg <= 20 && thetaDeg < roof.halfWidthFt / 50 ? 5 : 0
  const psPsf = cs * pfPsf + rain
  const pmPsf = thetaDeg < 15 ? is * Math.min(pg, 20) : 0
  const gammaPcf = Math.min(0.13 * pg + 14, 30)
  const trace: TraceLine[] = [
    line({
      label: 'Flat-roof snow',
      formula: 'pf = 0.7·Ce·Ct·Is·pg',
      numbers: `0.7 × ${ce} × ${ct} × ${is} × ${pg}`,
      value: pfPsf,
      unit: 'psf',
      clause: 'ASCE 7-16 7.3',
    }),
    line({
      label: 'Sloped-roof snow',
      formula: 'ps = Cs·pf',
      numbers: `${sig(cs)} × ${sig(pfPsf)}${rain ? ' + 5' : ''}`,
      value: psPsf,
      unit: 'psf',
      clause: 'ASCE 7-16 7.4',
    }),
  ]
  let unbalanced: SnowLoads['unbalanced'] = null
  if (thetaDeg >= 2.38 && thetaDeg <= 30.2 && pg > 0) {
    const hd = driftHeightFt(roof.halfWidthFt, pg, is)
    const runPerRise = 12 / roof.pitchPer12
    unbalanced = {
      windwardPsf: 0.3 * psPsf,
      leewardPsf: psPsf,
      surchargePsf: (hd * gammaPcf) / Math.sqrt(runPerRise),
      surchargeFt: Math.min((8 / 3) * hd * Math.sqrt(runPerRise), roof.halfWidthFt),
    }
    trace.push(
      line({
        label: 'Unbalanced surcharge by the ridge',
        formula: 'hd·γ/√S',
        numbers: `${sig(hd)} × ${sig(gammaPcf)} / √${sig(runPerRise)}`,
        value: unbalanced.surchargePsf,
        unit: 'psf',
        clause: 'ASCE 7-16 7.6.1',
        verify: 'C11',
      }),
    )
  }
  return { pfPsf, psPsf, pmPsf, cs, gammaPcf, unbalanced, trace }
}

/**
 * Largest snow at one eave, pounds per foot of eave: balanced or minimum over half the roof, or the unbalanced case by
 * statics about
 * the far eave. `widthFt` between eaves, `overhangFt` beyond each.
 */
export function eaveSnowPlf(snow: SnowLoads, widthFt: number, overhangFt: number): number {
  const half = widthFt / 2 + overhangFt
  const balanced = Math.max(snow.psPsf, snow.pmPsf) * half
  if (!snow.unbalanced) return balanced
  const unbalanced = snow.unbalanced
  const lee = (unbalanced.leewardPsf * half * (widthFt / 2 + half / 2)) / widthFt
  const wind = (unbalanced.windwardPsf * half * ((widthFt / 2 - overhangFt) / 2)) / widthFt
  const strip =
    (unbalanced.surchargePsf * unbalanced.surchargeFt * (widthFt / 2 + unbalanced.surchargeFt / 2)) / widthFt
  return Math.max(balanced, lee + wind + strip)
}

export interface LowRoofSnow {
  readonly uniformPsf: number
  readonly peakPsf: number
  readonly peakWidthFt: number
  readonly governs: 'drift' | 'sliding' | 'balanced'
  readonly trace: readonly TraceLine[]
}

/** A lean-to below a main roof: pitches, runs and the step between them. */
interface LowRoof {
  readonly pitchPer12: number
  readonly depthFt: number
  readonly stepFt: number
  readonly mainWidthFt: number
  readonly mainRunFt: number
  readonly mainPitchPer12: number
  readonly slipperyMain: boolean
}

/** Snow as it falls on the lean-to. */
function balancedCase(low: SnowLoads): LowRoofSnow {
  const uniformPsf = Math.max(low.psPsf, low.pmPsf)
  const trace = [
    line({
      label: 'Balanced snow on the lean-to',
      formula: 'max(ps, pm)',
      numbers: `${sig(low.psPsf)}, ${sig(low.pmPsf)}`,
      value: uniformPsf,
      unit: 'psf',
      clause: 'ASCE 7-16 7.3, 7.4',
    }),
  ]
  return { uniformPsf, peakPsf: 0, peakWidthFt: 0, governs: 'balanced', trace }
}

/** Share of the balanced snow that the step must clear before a drift counts (ASCE 7-16 7.7.1). */
const LEAST_STEP = 0.2

/** Snow blown against the wall: a triangle on the balanced snow; null where the step is too low for it. */
function driftCase(site: CompleteSite, low: SnowLoads, roof: LowRoof): LowRoofSnow | null {
  const balancedFt = low.psPsf / low.gammaPcf
  const clearFt = roof.stepFt - balancedFt
  if (balancedFt <= 0 || clearFt / balancedFt < LEAST_STEP) return null
  const leeward = driftHeightFt(roof.mainWidthFt, site.groundSnowPsf, importanceOf(site))
  const windward = 0.75 * driftHeightFt(roof.depthFt, site.groundSnowPsf, importanceOf(site))
  const driftFt = Math.max(leeward, windward)
  const peakPsf = Math.min(driftFt, clearFt) * low.gammaPcf
  const trace = [
    line({
      label: 'Drift against the wall',
      formula: 'pd = min(hd, hc)·γ',
      numbers: `min(${sig(driftFt)}, ${sig(clearFt)}) × ${sig(low.gammaPcf)}`,
      value: peakPsf,
      unit: 'psf',
      clause: 'ASCE 7-16 7.7',
      verify: 'C12',
    }),
  ]
  const peakWidthFt = driftFt <= clearFt ? 4 * driftFt : Math.min((4 * driftFt * driftFt) / clearFt, 8 * clearFt)
  return { uniformPsf: low.psPsf, peakPsf, peakWidthFt, governs: 'drift', trace }
}

/** Pitches of the main roof from which snow slides off, by its surface, in 12 (ASCE 7-16 7.9). */
const SLIDES_PER12 = { slippery: 0.25, rough: 2 }

/** Snow that slides off the main roof; null where it stays. */
function slidingCase(main: SnowLoads, low: SnowLoads, roof: LowRoof): LowRoofSnow | null {
  if (roof.mainPitchPer12 <= (roof.slipperyMain ? SLIDES_PER12.slippery : SLIDES_PER12.rough)) return null
  const sliding = (0.4 * main.pfPsf * roof.mainRunFt) / 15
  const trace = [
    line({
      label: 'Snow sliding off the main roof',
      formula: '0.4·pf·W / 15',
      numbers: `0.4 × ${sig(main.pfPsf)} × ${sig(roof.mainRunFt)} / 15`,
      value: sliding,
      unit: 'psf',
      clause: 'ASCE 7-16 7.9',
    }),
  ]
  return { uniformPsf: low.psPsf + sliding, peakPsf: 0, peakWidthFt: 0, governs: 'sliding', trace }
}

/**
 * Snow on a lean-to below the main eave: balanced plus the worse of drift (7.7, triangle from the wall) and sliding
 * (7.9, uniform).
 * `stepFt` from the lean-to roof up to the main eave. The two are never added to each other.
 */
export function lowRoofSnow(site: CompleteSite, main: SnowLoads, roof: LowRoof): LowRoofSnow[] {
  // A lower roof that catches snow takes the other curve
  const low = snowLoads(site, { pitchPer12: roof.pitchPer12, halfWidthFt: roof.depthFt, slippery: false })
  const more = [driftCase(site, low, roof), slidingCase(main, low, roof)]
  return [balancedCase(low), ...more.filter((each) => each !== null)]
}

/** Splits snow on a lean-to of `depthFt` between its wall (ledger) and its outer post line, pounds per foot of eave. */
export function lowRoofReactionsPlf(
  low: LowRoofSnow,
  depthFt: number,
  overhangFt: number,
): { readonly wallPlf: number; readonly outerPlf: number } {
  // A drift wider than the roof is cut off at the roof edge: a trapezoid, taken as the triangle less its tail.
  const widthFt = Math.min(low.peakWidthFt, depthFt)
  const edge = low.peakWidthFt > depthFt ? low.peakPsf * (1 - depthFt / low.peakWidthFt) : 0
  const rect = edge * widthFt
  const tri = ((low.peakPsf - edge) * widthFt) / 2
  const outerShare = widthFt > 0 ? (rect * (widthFt / 2) + tri * (widthFt / 3)) / depthFt : 0
  return {
    wallPlf: (low.uniformPsf * depthFt) / 2 + rect + tri - outerShare,
    outerPlf: low.uniformPsf * (depthFt / 2 + overhangFt) + outerShare,
  }
}
