import { degrees, PITCH_RUN_IN, pitchRadians } from '../units'
import { line, sig, type TraceLine } from '../result'
import { editionData } from './editions'
import type { CompleteSite } from './siteLoads'

export interface SnowLoads {
  readonly pfPsf: number
  readonly psPsf: number
  readonly pmPsf: number
  readonly cs: number
  readonly gammaPcf: number
  /** Height of a drift as long as the roof from eave to ridge, ft. */
  readonly driftFt: number
  /** Uniform load on the windward half, psf, in the unbalanced case; null where 7.6.1 does not ask for it. */
  readonly unbalanced: {
    readonly windwardPsf: number
    readonly leewardPsf: number
    readonly surchargePsf: number
    readonly surchargeFt: number
  } | null
  readonly trace: readonly TraceLine[]
}

/** Slopes up to which the whole of the snow stays, degrees: on slippery roofs, on others. */
function fullLoadTo(ct: number): readonly [slippery: number, other: number] {
  if (ct <= 1) return [5, 30]
  return ct < 1.2 ? [10, 37.5] : [15, 45]
}

/**
 * Roof slope factor Cs, ASCE 7-16 Fig. 7.4-1. `thetaDeg` 0 to 90, `ct` thermal factor. A warm roof (Ct 1 or less)
 * counts as slippery only with the insulation that 7.4.1 asks for.
 */
export function slopeFactor(thetaDeg: number, ct: number, slippery: boolean): number {
  const [slipperyTo, otherTo] = fullLoadTo(ct)
  const start = slippery ? slipperyTo : otherTo
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

/** Snow on the ground, psf, and the factors it is taken to a roof with: Ce, Ct and Is. */
export interface GroundSnow {
  readonly pgPsf: number
  readonly ce: number
  readonly ct: number
  readonly is: number
}

/** A roof that snow lies on: `halfWidthFt` eave to ridge; `simpleRafter` where rafters, not trusses, carry it. */
interface SnowyRoof {
  readonly pitchPer12: number
  readonly halfWidthFt: number
  readonly slippery: boolean
  readonly simpleRafter?: boolean
}

/** Density of snow, pcf, ASCE 7-16 Eq. 7.7-1. */
const snowDensityPcf = (pgPsf: number): number => Math.min(0.13 * pgPsf + 14, 30)

/** Widest roof, eave to ridge, whose simple rafters take the plain form of 7.6.1, ft. */
const PLAIN_UNBALANCED_FT = 20

/** Slopes between which a gable is loaded unevenly, degrees: 1/2 and 7 on 12 (7.6.1). */
const UNEVEN_DEG = { least: 2.38, most: 30.2 }

/** Site's snow with what a roof of its thermal condition makes of it. */
const groundSnow = (site: CompleteSite): GroundSnow => {
  const edition = editionData(site.edition)
  return {
    pgPsf: site.groundSnowPsf,
    ce: edition.snowExposure[site.exposure][site.snowExposure],
    ct: edition.thermal[site.thermal],
    is: importanceOf(site),
  }
}

/**
 * Balanced, minimum and unbalanced snow of a gable roof on a site, ASCE 7-16 ch. 7. `halfWidthFt` eave to ridge,
 * `pitchPer12` 1 to 12. The insulation that a slippery warm roof needs is not asked for, so warm roofs take the other
 * curve.
 */
export function snowLoads(site: CompleteSite, roof: SnowyRoof): SnowLoads {
  const ground = groundSnow(site)
  return roofSnow(ground, { ...roof, slippery: roof.slippery && ground.ct > 1 })
}

/** The snow case of 7.6.1; null where the slope asks for none. `psPsf` without rain. */
function unbalancedSnow({ pgPsf, is }: GroundSnow, roof: SnowyRoof, psPsf: number): SnowLoads['unbalanced'] {
  const thetaDeg = degrees(pitchRadians(roof.pitchPer12))
  if (thetaDeg < UNEVEN_DEG.least || thetaDeg > UNEVEN_DEG.most || pgPsf <= 0) return null
  if (roof.simpleRafter && roof.halfWidthFt <= PLAIN_UNBALANCED_FT)
    return { windwardPsf: 0, leewardPsf: is * pgPsf, surchargePsf: 0, surchargeFt: 0 }
  const driftFt = driftHeightFt(roof.halfWidthFt, pgPsf, is)
  const runPerRise = PITCH_RUN_IN / roof.pitchPer12
  return {
    windwardPsf: 0.3 * psPsf,
    leewardPsf: psPsf,
    surchargePsf: (driftFt * snowDensityPcf(pgPsf)) / Math.sqrt(runPerRise),
    surchargeFt: Math.min((8 / 3) * driftFt * Math.sqrt(runPerRise), roof.halfWidthFt),
  }
}

/** Balanced, minimum and unbalanced snow of a gable roof from its ground snow and factors, ASCE 7-16 7.3 to 7.6. */
export function roofSnow(ground: GroundSnow, roof: SnowyRoof): SnowLoads {
  const { pgPsf: pg, ce, ct, is } = ground
  const thetaDeg = degrees(pitchRadians(roof.pitchPer12))
  const pfPsf = 0.7 * ce * ct * is * pg
  const cs = slopeFactor(thetaDeg, ct, roof.slippery)
  // Rain on snow adds to the balanced case of flat roofs in light-snow country (7.10).
  const rain = pg > 0 && pg <= 20 && thetaDeg < roof.halfWidthFt / 50 ? 5 : 0
  const psPsf = cs * pfPsf + rain
  const pmPsf = thetaDeg < 15 ? is * Math.min(pg, 20) : 0
  const gammaPcf = snowDensityPcf(pg)
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
  const unbalanced = unbalancedSnow(ground, roof, cs * pfPsf)
  if (unbalanced && unbalanced.surchargePsf > 0)
    trace.push(
      line({
        label: 'Unbalanced surcharge by the ridge',
        formula: 'hd·γ/√S',
        numbers:
          `${sig(driftHeightFt(roof.halfWidthFt, pg, is))} × ${sig(gammaPcf)} / ` +
          `√${sig(PITCH_RUN_IN / roof.pitchPer12)}`,
        value: unbalanced.surchargePsf,
        unit: 'psf',
        clause: 'ASCE 7-16 7.6.1',
        verify: 'C11',
      }),
    )
  const driftFt = driftHeightFt(roof.halfWidthFt, pg, is)
  return { pfPsf, psPsf, pmPsf, cs, gammaPcf, driftFt, unbalanced, trace }
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

/** Share of a drift that forms where the wind blows toward the step (7.7.1). */
const WINDWARD_SHARE = 0.75

/** A drift on a lower roof: depths of the balanced snow and of the room over it, of the drift by either wind, and its load. */
export interface StepDrift {
  readonly isRequired: boolean
  readonly gammaPcf: number
  readonly balancedFt: number
  readonly clearFt: number
  readonly leewardFt: number
  readonly windwardFt: number
  readonly heightFt: number
  readonly peakPsf: number
  readonly widthFt: number
}

/**
 * Drift against a step, ASCE 7-16 7.7.1: a triangle of `peakPsf` at the wall that ends `widthFt` from it. `psPsf` the
 * lower roof's balanced snow, `upperFt` and `lowerFt` how long the two roofs are in the wind, `stepFt` between them.
 */
export function stepDrift(given: {
  readonly pgPsf: number
  readonly is: number
  readonly psPsf: number
  readonly upperFt: number
  readonly lowerFt: number
  readonly stepFt: number
}): StepDrift {
  const gammaPcf = snowDensityPcf(given.pgPsf)
  const balancedFt = given.psPsf / gammaPcf
  const clearFt = given.stepFt - balancedFt
  const isRequired = balancedFt > 0 && clearFt / balancedFt >= LEAST_STEP
  const leewardFt = driftHeightFt(given.upperFt, given.pgPsf, given.is)
  const windwardFt = WINDWARD_SHARE * driftHeightFt(given.lowerFt, given.pgPsf, given.is)
  const driftFt = Math.max(leewardFt, windwardFt)
  const heightFt = isRequired ? Math.min(driftFt, clearFt) : 0
  const width = () => (driftFt <= clearFt ? 4 * driftFt : Math.min((4 * driftFt ** 2) / clearFt, 8 * clearFt))
  return {
    isRequired,
    gammaPcf,
    balancedFt,
    clearFt,
    leewardFt,
    windwardFt,
    heightFt,
    peakPsf: heightFt * gammaPcf,
    widthFt: isRequired ? width() : 0,
  }
}

/** What is left of a drift where the lower roof ends, psf. */
export const driftEdgePsf = (peakPsf: number, widthFt: number, depthFt: number): number =>
  widthFt > depthFt ? peakPsf * (1 - depthFt / widthFt) : 0

/** Snow blown against the wall: a triangle on the balanced snow; null where the step is too low for it. */
function driftCase(site: CompleteSite, low: SnowLoads, roof: LowRoof): LowRoofSnow | null {
  const drift = stepDrift({
    pgPsf: site.groundSnowPsf,
    is: importanceOf(site),
    psPsf: low.psPsf,
    upperFt: roof.mainWidthFt,
    lowerFt: roof.depthFt,
    stepFt: roof.stepFt,
  })
  if (!drift.isRequired) return null
  const { clearFt, peakPsf, widthFt: peakWidthFt } = drift
  const driftFt = Math.max(drift.leewardFt, drift.windwardFt)
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
  return { uniformPsf: low.psPsf, peakPsf, peakWidthFt, governs: 'drift', trace }
}

/** Pitches of the main roof from which snow slides off, by its surface, in 12 (ASCE 7-16 7.9). */
const SLIDES_PER12 = { slippery: 0.25, rough: 2 }

/** How far from the eave sliding snow comes to lie, ft (7.9). */
const SLIDES_FT = 15

/** Snow that slides off an upper roof, ASCE 7-16 7.9: all of it, lb a foot of eave, and spread over 15 ft; null: it stays. */
export function slidingSnow(given: {
  readonly pfPsf: number
  readonly pitchPer12: number
  readonly slippery: boolean
  readonly runFt: number
}): { readonly plf: number; readonly psf: number; readonly extentFt: number } | null {
  if (given.pitchPer12 <= (given.slippery ? SLIDES_PER12.slippery : SLIDES_PER12.rough)) return null
  const plf = 0.4 * given.pfPsf * given.runFt
  return { plf, psf: plf / SLIDES_FT, extentFt: SLIDES_FT }
}

/** Snow that slides off the main roof; null where it stays. */
function slidingCase(main: SnowLoads, low: SnowLoads, roof: LowRoof): LowRoofSnow | null {
  const sliding = slidingSnow({
    pfPsf: main.pfPsf,
    pitchPer12: roof.mainPitchPer12,
    slippery: roof.slipperyMain,
    runFt: roof.mainRunFt,
  })
  if (!sliding) return null
  const trace = [
    line({
      label: 'Snow sliding off the main roof',
      formula: '0.4·pf·W / 15',
      numbers: `0.4 × ${sig(main.pfPsf)} × ${sig(roof.mainRunFt)} / 15`,
      value: sliding.psf,
      unit: 'psf',
      clause: 'ASCE 7-16 7.9',
    }),
  ]
  return { uniformPsf: low.psPsf + sliding.psf, peakPsf: 0, peakWidthFt: 0, governs: 'sliding', trace }
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
  const edge = driftEdgePsf(low.peakPsf, low.peakWidthFt, depthFt)
  const rect = edge * widthFt
  const tri = ((low.peakPsf - edge) * widthFt) / 2
  const outerShare = widthFt > 0 ? (rect * (widthFt / 2) + tri * (widthFt / 3)) / depthFt : 0
  return {
    wallPlf: (low.uniformPsf * depthFt) / 2 + rect + tri - outerShare,
    outerPlf: low.uniformPsf * (depthFt / 2 + overhangFt) + outerShare,
  }
}
