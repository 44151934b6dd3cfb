export { distance, midpoint } from './point'
export type { Point } from './point'
