export { BOLT_YIELD_PSI, bearingStrengthPsi, nailYieldPsi, yieldLimit, yieldLine } from './yieldLimit'

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

export { boltStrength, geometryFactor, groupAction } from './bolted'
export type { BoltStrength } from './bolted'
export { laminationPlan, nailColumns } from './lamination'
export type { LaminationPlan } from './lamination'
