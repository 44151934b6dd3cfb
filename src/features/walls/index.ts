export { WallsMain } from './WallsMain'
export { WallsSide } from './WallsSide'
