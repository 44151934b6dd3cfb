export { checkJob } from './checkJob'
export { compassOf } from '../layout/compass'
export { deriveJob, judgePlan, sameLoads, told } from './deriveJob'
export type { CheckSummary, Derived, ShownDerived, ToldJudgement, ToldLateral, WallResult } from './deriveJob'
export { planJob } from './plan'
export type { Plan } from './plan'
export { wallAlternatives } from './wallAlternatives'
export type { WallAlternative } from './wallAlternatives'
export { kindName } from './postNames'
export type { HoleKind } from '../frame/holes'
export type { PostDemand } from '../frame/demands'
export type { PostCard, ScheduleRow } from './schedule'
export type { SiteResults } from '../frame/siteResults'

export type { Takeoff } from './takeoff'
export { wallShearLb } from '../frame/braceLines'

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
export { loadMap } from '../drawn/loadMap'
export type { LoadCase } from '../drawn/loadMap'
export { holeNeed } from '../frame/holeNeed'
export { surfaceOfJob } from './groundChecks'
export type { PostGround } from './groundChecks'
export { poleOf } from '../drawn/poles'

export type { Memory } from './deriveJob'
