export { soilValues } from './soil'
export {
  bearingWidthIn,
  constrainedDepthFt,
  ep486DepthFt,
  freeDepthTrace,
  slabDepthTrace,
  slabForceLb,
  unconstrainedDepthFt,
} from './embedment'
export type { EmbedmentLoad } from './embedment'
export { collarWeightLb, padAreaFt2, padWeightLb, STOCK_DIAMETERS_IN } from './bearing'
export { cleatUpliftLb, collarUpliftLb, pierUpliftLb } from './uplift'
export { CONCRETE_FC_PSI, LEAST_DEPTH_IN, padRatios, type PadRatios } from './padThickness'
export { inGroundMomentFtLb } from './inGround'
