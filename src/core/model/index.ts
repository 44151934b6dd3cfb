export {
  BOARD_SIZES,
  BUILT_UP_SIDES,
  CEILINGS,
  ENCLOSURES,
  EXPOSURES,
  FINISHES,
  GIRT_SIZES,
  GIRT_STYLES,
  LUMBERS,
  NAIL_IDS,
  OPENING_KINDS,
  PAPERS,
  POST_SECTIONS,
  PURLIN_RUNS,
  PURLIN_STYLES,
  RISKS,
  FOUNDATION_TYPES,
  SIDES,
  SNOW_EXPOSURES,
  SOILS,
  THERMALS,
  TOPS,
  TRUSS_SEATS,
  TRUSS_SETS,
  WALL_BRACES,
} from './choices'
export type {
  BoardName,
  Ceiling,
  Corner,
  Edition,
  Exposure,
  Finish,
  GirtStyle,
  Lumber,
  NailId,
  OpeningKind,
  PaperName,
  PostSection,
  Risk,
  FoundationType,
  Side,
  SnowExposure,
  SoilClass,
  StringId,
  Thermal,
} from './choices'
export { editIssues } from './editIssues'
export { JOB_FORMAT, JOB_VERSION, jobSchema } from './job'
export { markedName, NAME_MOST_LETTERS, nameKept } from './practice'
export type {
  Bays,
  Building,
  Job,
  Joints,
  LeanTo,
  Measures,
  Opening,
  OwnGrade,
  Site,
  Fieldwork,
  Ground,
  JobBuying,
  Plot,
  Sizing,
} from './job'
export { newJob, newLeanToParts, newBuying, NO_RATINGS } from './newJob'
export { isPostId } from './postId'
export { buildingSchema, MOST_BAY_BY_HAND_IN } from './building'
export { siteSchema } from './site'
export { closeGesture, pushEdit, redo, startHistory, undo } from './history'
export type { History } from './history'
export { type Conflict, diffPaths, merge3 } from './merge'
export { type Change, undoChanges } from './changes'
export { type ClashChoice, settleClash } from './clash'
