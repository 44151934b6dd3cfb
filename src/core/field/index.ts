export { byClock, clockMs, nextClock } from './clock'
export { FOUND, PIECE_STATES, POST_STATES, ROD_MOST_IN } from './kinds'
export type { Found, PieceState, PostState } from './kinds'
export type { FieldRecord, RecordBody } from './recordShape'
export { setUpOf, upToDate, withEnvelope } from './envelope'
export type { Said } from './envelope'
export { parseRecords, readRecords } from './records'
export type { RefusedRecord } from './records'
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
export type { Measured, OfficeReadings, PostAsBuilt, ReadJob, Stood } from './readings'
export { cardChanges } from './changes'
export type { CardChange } from './changes'
export { columnGroups } from './columnGroups'
export type { ColumnGroup } from './columnGroups'
export { boardOf, isCut, pieceStanding, piecesAsBuilt, strayPieces } from './pieces'
export type { PieceAsBuilt, PieceStanding, PlannedPiece, StrayPiece } from './pieces'
