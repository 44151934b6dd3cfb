export { distance } from './point'
export type { Point } from './point'
