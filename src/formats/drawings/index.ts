export { drawingSet } from './drawingSet'
export { lotDrawing } from './sitePlan'
