export { checkJob } from './checkJob'
export { compassOf } from './compass'
export { deriveJob, judgePlan, sameLoads, told } from './deriveJob'
export type { CheckSummary, Derived, ShownDerived, ToldJudgement, ToldLateral, WallResult } from './deriveJob'
export { planJob } from './plan'
export type { Plan } from './plan'
export { wallAlternatives } from './wallAlternatives'
export type { WallAlternative } from './wallAlternatives'
export { kindName } from './postNames'
export type { HoleKind } from './holes'
export type { PostDemand } from './demands'
export type { PostCard, ScheduleRow } from './schedule'
export type { SiteResults } from './siteResults'

export type { Takeoff } from './takeoff'
export { wallShearLb } from './braceLines'

export { bracesWorst } from './braceChecks'

export { birdsMouth } from './rafters'
export type { BirdsMouth } from './rafters'

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
export { loadMap } from './loadMap'
export type { LoadCase } from './loadMap'
export { holeNeed } from './holeNeed'
export { surfaceOfJob } from './groundChecks'
export type { PostGround } from './groundChecks'
export { poleOf } from './poles'

export type { Memory } from './deriveJob'
