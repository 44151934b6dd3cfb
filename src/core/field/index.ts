export { byClock, clockMs, nextClock } from './clock'
export {
  FOUND,
  parseRecords,
  PIECE_STATES,
  POST_STATES,
  readRecords,
  ROD_MOST_IN,
  setUpOf,
  upToDate,
  withEnvelope,
} from './records'
export type { FieldRecord, Found, PieceState, PostState, RecordBody, RefusedRecord, Said } from './records'
export {
  bearersOf,
  bindRecord,
  bindWhatCan,
  isSpot,
  postOf,
  postsOf,
  recordedPosts,
  sayingOf,
  spotOf,
  spotTarget,
} from './naming'
export type { Bearers } from './naming'
export { foldBare, foldRecords, reached } from './fold'
export type { FieldState, FieldTrouble, Stored } from './fold'
export { tieLevels } from './levels'
export type { Levels, SetupLevels, TiedReading } from './levels'
export { footDifferences, gapsInSequence, girtFromGap, plannedGapIn } from './asBuilt'
export type { Difference } from './asBuilt'
export { cureClock, holeDepthIn, judgeHole } from './holeLog'
export type { CureClock, HoleNeed, HoleVerdict, WeatherHour } from './holeLog'
export { cardCode, changedSincePrint, judgeStick, measure, plannedFootIn, readCount } from './readings'
export type { Measured, OfficeReadings, PostAsBuilt } from './readings'
export { cardChanges } from './changes'
export type { CardChange } from './changes'
export { columnGroups } from './columnGroups'
export type { ColumnGroup } from './columnGroups'
export { boardOf, isCut, piecesAsBuilt } from './pieces'
export type { PieceAsBuilt, StrayPiece } from './pieces'
