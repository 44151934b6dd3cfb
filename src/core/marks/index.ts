export { blockNames, storyPole, wallEdges } from './storyPole'
export type { PoleMark } from './storyPole'
export { OFF_PLAN_IN, rodLog, SECOND_LOOK_IN } from './rods'
export type { RodLog, RodMark } from './rods'
export { levelSteps } from './levelSteps'

export { stringHeightAt, stringRows } from './stringPlane'
export type { StringRow } from './stringPlane'
export { sharedPole } from './sharedPole'
