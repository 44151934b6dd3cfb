export { soilValues } from './soil'
export {
  bearingWidthIn,
  constrainedDepthFt,
  ep486DepthFt,
  freeDepthTrace,
  MAX_EMBEDMENT_FT,
  slabDepthTrace,
  slabForceLb,
  unconstrainedDepthFt,
} from './embedment'
export type { EmbedmentLoad } from './embedment'
export { CONCRETE_PCF, padAreaFt2, padWeightLb, STOCK_DIAMETERS_IN } from './bearing'
export { cleatUpliftLb, collarUpliftLb, pierUpliftLb, SOIL_PCF } from './uplift'
export { CONCRETE_FC_PSI, LEAST_DEPTH_IN, padRatios, type PadRatios } from './padThickness'
export { inGroundMomentFtLb } from './inGround'
