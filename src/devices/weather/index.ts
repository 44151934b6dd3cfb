export { simulatedWeather } from './simulated'
export type { Weather } from './simulated'
