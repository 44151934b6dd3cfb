export { NEGLIGIBLE, ROUNDING } from '../result/rounding'
export { degrees, FT3_PER_YD3, IN2_PER_FT2, IN_PER_FT, PITCH_RUN_IN, pitchRadians, radians, SAME_IN } from './factors'
export {
  formatLength,
  formatSigned,
  lengthParts,
  MAX_LENGTH_IN,
  MM_PER_IN,
  roundIn,
  SIXTEENTHS,
  toSixteenths,
} from './length'
export type { FormatOptions, LengthParts } from './length'
export { parseLength } from './parseLength'
export { parseNumber } from './parseNumber'
export { runningMarks } from './running'
export { inchesInWords, numberInWords } from './words'
export type { RunningMark } from './running'
