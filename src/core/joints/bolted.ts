import { about, stated } from '../units'
import { line, sig, type TraceLine } from '../result'
import type { BoltPlace } from './boltPlace'
import { BOLT_YIELD_PSI, bearingStrengthPsi, yieldLimit, yieldLine } from './yieldLimit'

/**
 * Bolts in one row: members, angles of load to grain in each, and stiffnesses for the group factor. `spacingIn` along
 * the row.
 */
export interface BoltedJoint {
  readonly diameterIn: number
  readonly count: number
  readonly rows: number
  readonly double: boolean
  readonly mainIn: number
  readonly sideIn: number
  readonly gMain: number
  readonly gSide: number
  readonly mainThetaDeg: number
  readonly sideThetaDeg: number
  readonly eaMain: number
  readonly eaSide: number
  readonly spacingIn: number
  readonly place: BoltPlace
  readonly duration: number
  readonly wet: boolean
}

export interface BoltStrength {
  readonly eachLb: number
  readonly groupLb: number
  readonly mode: string
  readonly cg: number
  readonly cDelta: number
  readonly problem: string | null
  readonly trace: readonly TraceLine[]
}

/** Group action factor Cg for `n` bolts in a row, NDS 2018 11.3.6. `ea` axial stiffness of each member, lb. */
export function groupAction({
  n,
  dIn,
  spacingIn,
  eaMain,
  eaSide,
  steel = false,
}: {
  n: number
  dIn: number
  spacingIn: number
  eaMain: number
  eaSide: number
  steel?: boolean
}): number {
  if (n < 2 || dIn < 0.25) return 1
  const gamma = (steel ? 270000 : 180000) * dIn ** 1.5
  const u = 1 + gamma * (spacingIn / 2) * (1 / eaMain + 1 / eaSide)
  const m = u - Math.sqrt(u * u - 1)
  const rea = Math.min(eaSide / eaMain, eaMain / eaSide)
  return ((m * (1 - m ** (2 * n))) / (n * ((1 + rea * m ** n) * (1 + m) - 1 + m ** (2 * n)))) * ((1 + rea) / (1 - m))
}

/**
 * Strength of a bolted joint, lb: the yield limit of one bolt, group and geometry factors, duration. Bolts in several
 * rows that dry after
 * making up take 0.4 (NDS 2018 Table 11.3.3). A place with a problem is refused rather than reduced.
 */
export function boltStrength(boltedJoint: BoltedJoint): BoltStrength {
  const theta = Math.max(boltedJoint.mainThetaDeg, boltedJoint.sideThetaDeg)
  const limit = yieldLimit({
    dIn: boltedJoint.diameterIn,
    lmIn: boltedJoint.mainIn,
    lsIn: boltedJoint.sideIn,
    femPsi: bearingStrengthPsi(boltedJoint.gMain, boltedJoint.diameterIn, boltedJoint.mainThetaDeg),
    fesPsi: bearingStrengthPsi(boltedJoint.gSide, boltedJoint.diameterIn, boltedJoint.sideThetaDeg),
    fybPsi: BOLT_YIELD_PSI,
    thetaDeg: theta,
    double: boltedJoint.double,
  })
  const inRow = Math.ceil(boltedJoint.count / boltedJoint.rows)
  const cg = groupAction({
    n: inRow,
    dIn: boltedJoint.diameterIn,
    spacingIn: boltedJoint.spacingIn,
    eaMain: boltedJoint.eaMain,
    eaSide: boltedJoint.eaSide,
  })
  const { cDelta, problem } = boltedJoint.place
  const cm = boltedJoint.wet && boltedJoint.rows > 1 ? 0.4 : 1
  const eachLb = limit.zLb * boltedJoint.duration * cm * cg * cDelta
  return {
    eachLb,
    groupLb: problem ? 0 : eachLb * boltedJoint.count,
    mode: limit.mode,
    cg,
    cDelta,
    problem,
    // Written only when it is read.
    get trace() {
      return [
        yieldLine(
          'One bolt',
          limit,
          `${stated(boltedJoint.diameterIn, 'inches')} through ${sig(boltedJoint.mainIn)} and ` +
            `${boltedJoint.double ? 'twice ' : ''}${about(boltedJoint.sideIn, 'inches')}`,
        ),
        line({
          label: 'All bolts',
          formula: 'n·Z·CD·CM·Cg·CΔ',
          numbers: `${boltedJoint.count} × ${sig(limit.zLb)} × ${boltedJoint.duration} × ${cm} × ${sig(cg)} × ${sig(cDelta)}`,
          value: eachLb * boltedJoint.count,
          unit: 'lb',
          clause: 'NDS 2018 11.3',
        }),
      ]
    },
  }
}
