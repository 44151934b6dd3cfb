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

export { boltStrength, groupAction } from './bolted'
export { crossingPlace, geometryFactor, heelPlaces, rowGapIn } from './boltPlace'
export { LEAST_FV_PSI, splittingLb, splittingLine } from './splitting'
export type { Splitting } from './splitting'
export type { BoltStrength } from './bolted'
export { laminationNails, laminationPlan, nailColumns } from './lamination'
export type { LaminationPlan } from './lamination'
export { PLIES_NAIL, pliesNails } from './plies'
export { BLOCK_IN, seatBlockIn } from './seatBlock'
