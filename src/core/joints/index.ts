export { BOLT_YIELD_PSI, bearingStrengthPsi, nailYieldPsi, yieldLimit, yieldLine } from './yieldLimit'
export type { Dowel, YieldLimit, YieldMode } from './yieldLimit'
export {
  combinedLb,
  headPullThrough,
  lagWithdrawal,
  nailOf,
  NAILS,
  ringWithdrawal,
  SCREW_IN,
  screwWithdrawal,
  smoothWithdrawal,
} from './fasteners'
export type { Nail } from './fasteners'
export { nailStrength } from './nailed'
export type { NailedJoint, NailStrength } from './nailed'
export { boltStrength, geometryFactor, groupAction } from './bolted'
export type { BoltedJoint, BoltStrength } from './bolted'
export { laminationPlan, nailColumns } from './lamination'
export type { LaminationCheck, LaminationPlan } from './lamination'
