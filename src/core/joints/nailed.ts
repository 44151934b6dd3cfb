import { ROUNDING } from '../units'
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
 * nailing; ring shank taken alike (register C29).
 */
const WET = { lateral: 0.7, pull: 0.25 }

/**
 * Strength of one nail, lb: lateral by the yield limit, NDS 2018 12.3 (6D to 10D of penetration in proportion, under 6D
 * none; D ≥ 0.25 in. taken
 * across the grain, register C28), and in withdrawal by its shank and head, 12.2. End grain: lateral 0.67, no
 * withdrawal.
 */
export function nailStrength(nailedJoint: NailedJoint): NailStrength {
  const { nail } = nailedJoint
  const pIn = Math.min(nail.lengthIn - nailedJoint.sideIn, nailedJoint.mainIn)
  const theta = nail.dIn >= 0.25 ? 90 : 0
  const limit = yieldLimit({
    dIn: nail.dIn,
    lmIn: pIn,
    lsIn: nailedJoint.sideIn,
    femPsi: bearingStrengthPsi(nailedJoint.gMain, nail.dIn, theta),
    fesPsi: bearingStrengthPsi(nailedJoint.gSide, nail.dIn, theta),
    fybPsi: nailYieldPsi(nail.dIn),
    thetaDeg: theta,
  })
  const depth = pIn < 6 * nail.dIn - ROUNDING ? 0 : Math.min(1, pIn / (10 * nail.dIn))
  const cm = nailedJoint.wet ? WET.lateral : 1
  const grain = (nailedJoint.endGrain ? 0.67 : 1) * (nailedJoint.toeNail ? 0.83 : 1)
  const lateralLb = depth === 0 ? 0 : limit.zLb * depth * nailedJoint.duration * cm * grain
  const withdrawal = nail.ring
    ? ringWithdrawal(nailedJoint.gMain, nail.dIn)
    : smoothWithdrawal(nailedJoint.gMain, nail.dIn)
  const hold = Math.max(0, nail.ring ? Math.min(nail.ringIn, pIn) : pIn)
  const cmPull = nailedJoint.wet ? WET.pull : 1
  const shank =
    nailedJoint.endGrain || pIn < 6 * nail.dIn - ROUNDING
      ? 0
      : withdrawal * hold * nailedJoint.duration * cmPull * (nailedJoint.toeNail ? 0.67 : 1)
  const head = headPullThrough(nail.headIn, nailedJoint.gSide, nailedJoint.sideIn) * nailedJoint.duration
  const registerOf = () => {
    if (nail.dIn >= 0.25) return 'C28'
    if (nail.ring) return 'C27'
    return undefined
  }
  const verify = registerOf()
  return {
    lateralLb,
    pullLb: Math.min(shank, head),
    governs: shank <= head ? 'withdrawal' : 'head',
    // Written only when it is read.
    get trace() {
      return [
        yieldLine(
          'One nail',
          limit,
          `${sig(nail.dIn)} in. through ${sig(nailedJoint.sideIn)} into ${sig(pIn)} in.`,
          verify,
        ),
        line({
          label: 'One nail sideways',
          formula: `Z' = Z·(p/10D)·CD·CM${nailedJoint.endGrain ? '·Ceg' : ''}${nailedJoint.toeNail ? '·Ctn' : ''}`,
          numbers:
            depth === 0
              ? '0'
              : `${sig(limit.zLb)} × ${sig(depth)} × ${nailedJoint.duration} × ` +
                `${cm}${nailedJoint.endGrain ? ' × 0.67' : ''}${nailedJoint.toeNail ? ' × 0.83' : ''}`,
          value: lateralLb,
          unit: 'lb',
          clause: 'NDS 2018 Table 11.3.1, 12.5',
          verify,
        }),
        line({
          label: 'One nail pulled by its shank',
          formula:
            shank === 0
              ? "W' = 0, in end grain or under six diameters deep"
              : `W' = W·p·CD·CM${nailedJoint.toeNail ? '·Ctn' : ''}`,
          numbers:
            shank === 0
              ? '0'
              : `${sig(withdrawal)} × ${sig(hold)} × ${nailedJoint.duration} × ` +
                `${cmPull}${nailedJoint.toeNail ? ' × 0.67' : ''}`,
          value: shank,
          unit: 'lb',
          clause: `NDS 2018 12.2.3, Table 11.3.3`,
          verify: nailedJoint.wet && nail.ring ? 'C29' : undefined,
        }),
        line({
          label: 'One nail by its head',
          formula: 'WH·CD',
          numbers: `${sig(head / nailedJoint.duration)} × ${nailedJoint.duration}`,
          value: head,
          unit: 'lb',
          clause: 'NDS 2018 12.2.5',
        }),
      ]
    },
  }
}
