export { editsFor } from './edits'

export { fixesFor } from './fixes'
export type { Fixes } from './fixes'
export { bayCounts, sizeJob } from './size'
export type { Proposal, SizingProgress, SizingReport } from './size'
export { clearingMoves, postsMet, waysRound, type Met, type Obstruction } from './obstructions'
export { partWords } from './words'
