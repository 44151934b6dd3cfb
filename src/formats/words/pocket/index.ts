export { FIGURE_WORDS } from './catalog'
export { shownAnswer } from './shown'
