export { calcSheet, plain } from './calcSheet'
