export type { Rod } from './device'
export { seededRandom, simulatedRod } from './simulated'
