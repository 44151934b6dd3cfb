export { FOUND, parseRecords, POST_STATES, recordSchema, ROD_MOST_IN } from './records'
export type { FieldRecord, Found, PostState, RecordBody, RecordOf } from './records'
export { foldBare, foldRecords, reached, SAME_READING_IN } from './fold'
export type { FieldState, FieldTrouble, Said, Stored } from './fold'
export { CLOSING_IN, tieLevels } from './levels'
export type { Levels, SetupLevels, TiedReading } from './levels'
export {
  changedSincePrint,
  footDifferences,
  gapsInSequence,
  girtFromGap,
  judgeStick,
  postsAsBuilt,
  STICK_TOLERANCE_IN,
} from './asBuilt'
export type { Difference, Foot, OwnMark, PostAsBuilt, StickFit } from './asBuilt'
export { CURE_STEPS, cureClock, holeDepthIn, judgeHole } from './holeLog'
export type { CureClock, HoleNeed, HoleVerdict, WeatherHour } from './holeLog'
export { measure, plannedFootIn, readCount, type Measured, type OfficeReadings, type Stood } from './measure'
