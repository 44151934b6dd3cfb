export { BracingMain } from './BracingMain'
export { BracingSide } from './BracingSide'
