export { lowestNear, surfaceOf, type GroundAt, type Spot, type Surface, type Triangle } from './surface'
export { CELL_IN, contourLines, contourStepIn, earthwork, type Box, type Contour, type Earthwork } from './earthwork'
export { layAddition, stationsOf, type AdditionPlan, type NewWork, type Station } from './addition'
export { fitWall, packLedger, type Offset, type Packing, type WallLine } from './crookedWall'
