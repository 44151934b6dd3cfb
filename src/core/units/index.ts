export { NEGLIGIBLE, ROUNDING } from '../result/rounding'
export {
  degrees,
  FPS_PER_MPH,
  FT3_PER_YD3,
  HALF_MARK_IN,
  IN2_PER_FT2,
  IN_PER_FT,
  M_PER_FT,
  MM_PER_IN,
  MM_PER_M,
  N_PER_LB,
  PA_PER_PSF,
  PITCH_RUN_IN,
  pitchRadians,
  radians,
  SAME_IN,
} from './factors'
export { lengthEntry, nearestMark, steppedLength, TAPE_STEPS_IN } from './entry'
export { counted, dollars, fixed, upTo } from '../result/figures'
export {
  feetAlone,
  formatLength,
  formatSigned,
  inchesAlone,
  metersAlone,
  lengthParts,
  roundIn,
  toSixteenths,
} from './length'
export { about, numberScale, quantity, stated } from './quantity'
export type { NumberScale, QuantityKind, QuantityOptions } from './quantity'
export { NO_BREAK, UNIT_SYSTEMS } from '../result/system'
export type { UnitSystem } from '../result/system'
export type { LengthParts } from './length'
export { parseLength } from './parseLength'
export { parseNumber } from './parseNumber'
export { runningMarks } from './running'
export { feetInWords, inchesInWords, numberInWords, tapeMarks } from './words'
