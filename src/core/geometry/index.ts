export {
  type Axis,
  clippedTo,
  crossingAt,
  type Edge,
  type Flat,
  hullOf,
  insideOf,
  nearestOn,
  outerEdges,
  turnOf,
} from './flat'
export { distance, type Point } from './point'
export { cross, dot, lengthOf, minus, plus, times, unit, type Vector } from './space'
