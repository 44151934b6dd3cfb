export {
  CORNERS, EXPOSURES, GIRT_SIZES, GIRT_STYLES, LUMBERS, OPENING_KINDS, POST_SECTIONS, RISKS, SCHOOLS, SIDES, SNOW_EXPOSURES, SOILS, THERMALS,
} from './choices'
export type { Corner, Exposure, GirtSize, GirtStyle, Lumber, OpeningKind, PostSection, Risk, School, Side, SnowExposure, SoilClass, Thermal } from './choices'
export { JOB_FORMAT, JOB_VERSION, jobSchema } from './job'
export type { Bays, Building, Job, Measures, Opening, Site } from './job'
export { newJob } from './newJob'
export { issuesOf, MAX_FILE_CHARS, parseJob, readJobText } from './readJob'
export { closeGesture, pushEdit, redo, startHistory, undo } from './history'
export type { History } from './history'
export { diffPaths, merge3 } from './merge'
export type { Conflict } from './merge'
