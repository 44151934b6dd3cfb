export { FIGURE_WORDS } from './catalog'
export { lengthText, shownAnswer, shownNumber } from './shown'
