export { calcSheet } from './calcSheet'
