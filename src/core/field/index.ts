export { FOUND, parseRecords, POST_STATES, ROD_MOST_IN } from './records'
export type { FieldRecord, Found, PostState, RecordBody } from './records'
export {
  bearersOf,
  bindRecord,
  bindWhatCan,
  isSpot,
  postOf,
  postsOf,
  recordedPosts,
  spotOf,
  spotTarget,
} from './naming'
export { foldBare, foldRecords, reached } from './fold'
export type { FieldState, FieldTrouble, Said, Stored } from './fold'
export { tieLevels } from './levels'
export type { Levels, SetupLevels } from './levels'
export { footDifferences, gapsInSequence, girtFromGap, plannedGapIn } from './asBuilt'
export type { Difference } from './asBuilt'
export { cureClock, holeDepthIn, judgeHole } from './holeLog'
export type { CureClock, HoleNeed, HoleVerdict, WeatherHour } from './holeLog'
export { changedSincePrint, judgeStick, measure, plannedFootIn, readCount } from './readings'
export type { Measured, OfficeReadings, PostAsBuilt } from './readings'
