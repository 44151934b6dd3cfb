export { RoofMain } from './RoofMain'
export { RoofSide } from './RoofSide'
