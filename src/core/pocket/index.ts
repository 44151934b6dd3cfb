export { FIGURES, figureNamed } from './figures'
export type { FigureName } from './names'
export { solved } from './figure'
export type { Figure } from './figure'
