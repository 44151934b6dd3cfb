export { blockNames, storyPole } from './storyPole'
export type { PoleMark, PoleMarkKind } from './storyPole'
export { rodLog, SECOND_LOOK_IN } from './rods'
export type { RodLog, RodMark } from './rods'
