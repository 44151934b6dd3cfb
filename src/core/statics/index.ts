export { simpleSpan, spanDiagram, spanForces, twoSpanDiagram, uniform } from './span'
export type { SpanForces, SpanLoads } from './span'
export { solveFrame } from './frame'

export { shareByDiaphragm } from './diaphragm'
export type { DiaphragmResult } from './diaphragm'
export { combine, fixedPost, framedPost, pinnedPost } from './posts'
export type { PostActions, PostUnit } from './posts'
export { leaningLength, swayingKe } from './sway'
