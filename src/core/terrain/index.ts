export { BESIDE_IN, lowestNear, surfaceOf, type Spot, type Surface } from './surface'
export { contourLines, contourStepIn, earthwork, type Contour } from './earthwork'
export { layAddition, stationsOf, type AdditionPlan } from './addition'
export { fitWall, packLedger } from './crookedWall'
