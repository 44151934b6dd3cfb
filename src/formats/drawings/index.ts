export { drawingSet } from './drawingSet'
export { jobLot, lotDrawing } from './sitePlan'
