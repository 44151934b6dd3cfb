export { NEGLIGIBLE, ROUNDING } from '../result/rounding'
export {
  degrees,
  FT3_PER_YD3,
  HALF_MARK_IN,
  IN2_PER_FT2,
  IN_PER_FT,
  PITCH_RUN_IN,
  pitchRadians,
  radians,
  SAME_IN,
} from './factors'
export { formatLength, formatSigned, lengthParts, roundIn, toSixteenths } from './length'
export type { LengthParts } from './length'
export { parseLength } from './parseLength'
export { parseNumber } from './parseNumber'
export { runningMarks } from './running'
export { inchesInWords, numberInWords } from './words'
