export { buildCard } from './build'
export type { BuildCard } from './build'
export { asLp, boardBound, countLengths, cutPatterns, firstFit, planOf, usedIn } from './cutting'
export type { CutDemand, CutPlan, StockBoard } from './cutting'
