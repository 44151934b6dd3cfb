export { batchLine, figureLine, figureList } from './command'
