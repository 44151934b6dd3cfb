export { BuildingMain } from './BuildingMain'
export { BuildingSide } from './BuildingSide'
