export { boardSize, DRESSED_IN, PLY_IN, postSize } from './sections'
export type { BoardSize, PostSize } from './sections'
export { boardValues, specificGravity, timberValues, weightPlf } from './lumber'
export type { DesignValues } from './lumber'
export {
  bearingArea,
  bearingAtAnglePsi,
  CFU,
  laminationFactor,
  notchedShearLb,
  repetitive,
  SHARING_IN,
  SPLICE_SHARE,
  wetFactors,
} from './factors'
export { beamStrength, shortcutAllows } from './beam'
export type { BeamMember, BeamStrength } from './beam'
export { beamStability, columnStability, uniformLeIn } from './stability'
export { DEFLECTION_SHARE, girtRatios, wallLimit } from './girt'
export type { GirtBoard, GirtLoad, GirtRatios } from './girt'
export { DURATION } from './durations'
