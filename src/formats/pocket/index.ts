export { FIGURE_CATALOG, figureList } from './command'
