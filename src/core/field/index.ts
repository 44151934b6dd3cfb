export { byClock, clockMs, nextClock } from './clock'
export {
  DELIVERED,
  FOUND,
  INSPECTIONS,
  PHOTO_MOST_BYTES,
  PIECE_STATES,
  POST_STATES,
  ROD_MOST_IN,
  STRING_SIDES,
  WHO_MOST_LETTERS,
} from './kinds'
export type { Delivered, Found, Inspection, PieceState, PostState, StringSide } from './kinds'
export { footingOf, heldOn, holdOf, INSPECTED_AT, isPassed } from './holds'
export type { Footing, Held, Hold, HoleOf } from './holds'
export { deliveredOff } from './delivered'
export { guessedF, hoursOfDays } from './temps'
export { squaringOf } from './squaring'
export type { Squaring } from './squaring'
export type { FieldRecord, RecordBody, RecordOf } from './recordShape'
export { setUpOf, upToDate, withEnvelope } from './envelope'
export type { Said } from './envelope'
export { parseRecords, readRecords } from './records'
export type { RefusedRecord } from './records'
export { bearersOf, bindRecord, bindWhatCan, isSpot, postOf, postsOf, sayingOf, spotOf, spotTarget } from './naming'
export type { Bearers } from './naming'
export { recordedPosts } from './recordedPosts'
export { countedRecords, foldBare, foldRecords, isAhead, reached } from './fold'
export type { FieldState, FieldTrouble, Moved, Stored } from './fold'
export { CHECK_MINUTES, CHECK_READINGS, checkDue } from './bumps'
export { secondsWanted } from './readOrder'
export { tieLevels } from './levels'
export { withReading } from './oneMore'
export type { Levels, SetupLevels, TiedReading } from './levels'
export { footDifferences, gapsInSequence, girtFromGap, plannedGapIn } from './asBuilt'
export type { Difference } from './asBuilt'
export { cureClock, holeDepthIn, judgeHole } from './holeLog'
export type { CureClock, HoleNeed, HoleVerdict, WeatherHour } from './holeLog'
export { cardCode, changedSincePrint, judgeStick, measure, plannedFootIn } from './readings'
export { doubtOf, readAgain, readCount } from './trusted'
export type { Measured, PostAsBuilt } from './readings'
export type { ReadJob, Stood } from './stood'
export type { OfficeReadings } from './trusted'
export { writePlaceIn } from './writePlace'
export { cardChanges } from './changes'
export type { CardChange } from './changes'
export { columnGroups } from './columnGroups'
export type { ColumnGroup } from './columnGroups'
export { boardOf, isCut, pieceStanding, piecesAsBuilt, strayPieces } from './pieces'
export type { PieceAsBuilt, PieceStanding, PlannedPiece, StrayPiece } from './pieces'
