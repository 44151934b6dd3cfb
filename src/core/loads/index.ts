export { completeSite } from './siteLoads'
export type { CompleteSite } from './siteLoads'
export { editionData } from './editions'
export type { Combination, RoofZone } from './editions'
export { enclosureOf } from './enclosure'
export type { EnclosureJudgement } from './enclosure'
export { deadLoad } from './dead'
export type { DeadLoad } from './dead'
export {
  driftEdgePsf,
  driftHeightFt,
  eaveSnowPlf,
  lowRoofReactionsPlf,
  lowRoofSnow,
  roofSnow,
  slidingSnow,
  slopeFactor,
  snowLoads,
  stepDrift,
} from './snow'
export type { LowRoofSnow, SnowLoads } from './snow'
export { roofLivePsf } from './roofLive'
export { kz, roofAlongPsf, velocityPressurePsf, windPressures } from './wind'
export type { WindPressures } from './wind'
export { claddingPressurePsf, edgeZoneFt, effectiveAreaFt2, wallGcp, wallPressures } from './cladding'
export { roofCladding } from './roofCladding'
export type { RoofCladding } from './roofCladding'
export { openRoofPressures } from './openRoof'
export type { OpenRoofPressures } from './openRoof'
export { DEAD_AGAINST_WIND, WIND_ASD, WIND_FOR_SAG } from './factors'
