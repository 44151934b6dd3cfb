export { checkJob } from './checkJob'
export { compassOf, wallNames } from './compass'
export { deriveJob, judgePlan, sameLoads, told } from './deriveJob'
export type {
  CheckSummary,
  Derived,
  Judgement,
  ShownDerived,
  Tally,
  ToldJudgement,
  ToldLateral,
  WallResult,
} from './deriveJob'
export { planJob } from './plan'
export type { Plan } from './plan'
export { wallAlternatives } from './wallAlternatives'
export type { WallAlternative } from './wallAlternatives'
export { kindName } from './postNames'
export type { HoleKind, LateralNeed } from './holes'
export type { PostDemand, RoofLoads } from './demands'
export type { PostCard, ScheduleRow } from './schedule'
export type { LeanToLoads, SiteResults } from './siteResults'
export type { JointLine } from './joints'
export type { CostLine, StockLine, Takeoff } from './takeoff'
export { wallShearLb } from './braceLines'
export type { BraceLine } from './braceLines'
export { bracesWorst } from './braceChecks'
export type { Lateral, ReliedOn } from './frames'
export { birdsMouth } from './rafters'
export type { BirdsMouth } from './rafters'
export { momentAtFtLb } from './lateralCase'
export type { LateralCase } from './lateralCase'
export {
  eaveBeamWorst,
  girtedSides,
  girtPart,
  girtWorst,
  partsOf,
  postPart,
  purlinLengthIn,
  purlinWorst,
  rafterWorst,
} from './parts'
export type { PartsOf } from './parts'
export { LOAD_CASES, loadMap } from './loadMap'
export type { LoadCase, LoadRegion } from './loadMap'
export { holeNeed } from './holeNeed'
export { BESIDE_IN, groundAtPosts, surfaceOfJob } from './groundChecks'
export type { PostGround } from './groundChecks'
export { poleOf } from './poles'
export type { Pole } from './poles'
export type { Memory } from './deriveJob'
