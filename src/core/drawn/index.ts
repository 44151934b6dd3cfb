export { loadMap } from './loadMap'
export type { LoadCase } from './loadMap'
export { poleOf } from './poles'
export { cladBent, postDiagram } from './postDiagram'
