export { lowestNear, surfaceOf, type GroundAt, type Spot, type Surface, type Triangle } from './surface'
export { CELL_IN, contourLines, contourStepIn, earthwork, type Box, type Contour, type Earthwork } from './earthwork'
export { fitWall, packLedger, type Offset, type Packing, type WallLine } from './crookedWall'
