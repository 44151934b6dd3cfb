import { about, ROUNDING } from '../units'
import { line, sig, type TraceLine } from '../result'
import { headPullThrough, ringWithdrawal, smoothWithdrawal, type Nail } from './fasteners'
import { bearingStrengthPsi, nailYieldPsi, yieldLimit, yieldLine } from './yieldLimit'

/**
 * A nail through a side member into a main member: specific gravities and the side thickness. `wet` at installation,
 * drying after.
 */
export interface NailedJoint {
  readonly nail: Nail
  readonly sideIn: number
  readonly mainIn: number
  readonly gMain: number
  readonly gSide: number
  readonly duration: number
  readonly wet: boolean
  /** Ring shanks that are known to be hardened keep all of their pull, wet or dry. */
  readonly hardened?: boolean
  readonly toeNail?: boolean
  readonly endGrain?: boolean
}

export interface NailStrength {
  readonly lateralLb: number
  readonly pullLb: number
  readonly governs: 'withdrawal' | 'head'
  readonly trace: readonly TraceLine[]
}

/**
 * Wet-service factors of nails, NDS 2018 Table 11.3.3: lateral 0.7 and smooth withdrawal 0.25 where wood dries after
 * nailing; ring shank taken alike unless it is known to be hardened, which keeps all (register C29).
 */
const WET = { lateral: 0.7, pull: 0.25 }

/** Penetration under which a nail counts for nothing, and over which it counts in full, diameters (NDS 2018 12.1.6). */
const [LEAST_DIAMETERS, FULL_DIAMETERS] = [6, 10]
/** Diameter from which a nail is judged across the grain, inches (NDS 2018 Table 12.3.3; register C28). */
const THICK_IN = 0.25
const END_GRAIN_LATERAL = 0.67
const TOE_NAIL = { lateral: 0.83, pull: 0.67 }

/** How deep a nail goes into the main member, inches. */
const penetrationIn = ({ nail, sideIn, mainIn }: NailedJoint): number => Math.min(nail.lengthIn - sideIn, mainIn)

const tooShort = (nailed: NailedJoint): boolean => penetrationIn(nailed) < LEAST_DIAMETERS * nailed.nail.dIn - ROUNDING

/** Sideways strength of a nail by its yield limit. */
function sidewaysOf(nailed: NailedJoint) {
  const { nail, duration, wet } = nailed
  const pIn = penetrationIn(nailed)
  const thetaDeg = nail.dIn >= THICK_IN ? 90 : 0
  const limit = yieldLimit({
    dIn: nail.dIn,
    lmIn: pIn,
    lsIn: nailed.sideIn,
    femPsi: bearingStrengthPsi(nailed.gMain, nail.dIn, thetaDeg),
    fesPsi: bearingStrengthPsi(nailed.gSide, nail.dIn, thetaDeg),
    fybPsi: nailYieldPsi(nail.dIn),
    thetaDeg,
  })
  const depth = tooShort(nailed) ? 0 : Math.min(1, pIn / (FULL_DIAMETERS * nail.dIn))
  const cm = wet ? WET.lateral : 1
  const grain = (nailed.endGrain ? END_GRAIN_LATERAL : 1) * (nailed.toeNail ? TOE_NAIL.lateral : 1)
  return { pIn, limit, depth, cm, lb: depth === 0 ? 0 : limit.zLb * depth * duration * cm * grain }
}

/** Strength of a nail that is pulled: by its shank in the main member, and by its head through the side member. */
function pullOf(nailed: NailedJoint) {
  const { nail, duration, wet } = nailed
  const pIn = penetrationIn(nailed)
  const perIn = (nail.ring ? ringWithdrawal : smoothWithdrawal)(nailed.gMain, nail.dIn)
  const holdIn = Math.max(0, nail.ring ? Math.min(nail.ringIn, pIn) : pIn)
  const cm = wet && !(nail.ring && nailed.hardened) ? WET.pull : 1
  const nothing = nailed.endGrain || tooShort(nailed)
  return {
    perIn,
    holdIn,
    cm,
    shankLb: nothing ? 0 : perIn * holdIn * duration * cm * (nailed.toeNail ? TOE_NAIL.pull : 1),
    headLb: headPullThrough(nail.headIn, nailed.gSide, nailed.sideIn) * duration,
  }
}

/** Register line of what is not certain about a nail's strength. */
function registerOf({ dIn, ring }: Nail): string | undefined {
  if (dIn >= THICK_IN) return 'C28'
  return ring ? 'C27' : undefined
}

/** The arithmetic of a nail sideways. */
function sidewaysLines(nailed: NailedJoint, { pIn, limit, depth, cm, lb }: ReturnType<typeof sidewaysOf>): TraceLine[] {
  const { nail, sideIn, duration, endGrain, toeNail } = nailed
  const verify = registerOf(nail)
  const grain = `${endGrain ? ` × ${END_GRAIN_LATERAL}` : ''}${toeNail ? ` × ${TOE_NAIL.lateral}` : ''}`
  return [
    yieldLine(
      'One nail',
      limit,
      `${about(nail.dIn, 'inches')} through ${sig(sideIn)} into ${about(pIn, 'inches')}`,
      verify,
    ),
    line({
      label: 'One nail sideways',
      formula: `Z' = Z·(p/10D)·CD·CM${endGrain ? '·Ceg' : ''}${toeNail ? '·Ctn' : ''}`,
      numbers: depth === 0 ? '0' : `${sig(limit.zLb)} × ${sig(depth)} × ${duration} × ${cm}${grain}`,
      value: lb,
      unit: 'lb',
      clause: 'NDS 2018 Table 11.3.1, 12.5',
      verify,
    }),
  ]
}

/** The arithmetic of a nail that is pulled. */
function pullLines(
  { nail, duration, wet, hardened, toeNail }: NailedJoint,
  { perIn, holdIn, cm, shankLb, headLb }: ReturnType<typeof pullOf>,
): TraceLine[] {
  const none = shankLb === 0
  return [
    line({
      label: 'One nail pulled by its shank',
      formula: none ? "W' = 0, in end grain or under six diameters deep" : `W' = W·p·CD·CM${toeNail ? '·Ctn' : ''}`,
      numbers: none
        ? '0'
        : `${sig(perIn)} × ${sig(holdIn)} × ${duration} × ${cm}${toeNail ? ` × ${TOE_NAIL.pull}` : ''}`,
      value: shankLb,
      unit: 'lb',
      clause: `NDS 2018 12.2.3, Table 11.3.3`,
      verify: wet && nail.ring && !hardened ? 'C29' : undefined,
    }),
    line({
      label: 'One nail by its head',
      formula: 'WH·CD',
      numbers: `${sig(headLb / duration)} × ${duration}`,
      value: headLb,
      unit: 'lb',
      clause: 'NDS 2018 12.2.5',
    }),
  ]
}

/**
 * Strength of one nail, lb: lateral by the yield limit, NDS 2018 12.3 (6D to 10D of penetration in proportion, under 6D
 * none; D ≥ 0.25 in. taken
 * across the grain, register C28), and in withdrawal by its shank and head, 12.2. End grain: lateral 0.67, no
 * withdrawal.
 */
export function nailStrength(nailed: NailedJoint): NailStrength {
  const sideways = sidewaysOf(nailed)
  const pull = pullOf(nailed)
  return {
    lateralLb: sideways.lb,
    pullLb: Math.min(pull.shankLb, pull.headLb),
    governs: pull.shankLb <= pull.headLb ? 'withdrawal' : 'head',
    // Written only when it is read.
    get trace() {
      return [...sidewaysLines(nailed, sideways), ...pullLines(nailed, pull)]
    },
  }
}
