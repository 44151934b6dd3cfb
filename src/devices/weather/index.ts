export { simulatedWeather } from './simulated'
