export type { Rod } from './device'
export { simulatedRod } from './simulated'
