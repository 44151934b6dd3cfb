export { buildCard, JOINT_ABOVE_GRADE_IN, JOINT_STEP_IN, LONGEST_PLY_IN } from './build'
export type { BuildCard, PlyPiece } from './build'
export { asLp, boardBound, countLengths, cutPatterns, firstFit, MOST_PATTERNS, planOf, usedIn } from './cutting'
export type { CutDemand, CutPattern, CutPlan, StockBoard } from './cutting'
