export { fieldSheets, printedCards } from './fieldSheets'
export { cardSheets, qrSvg, type CardsASheet } from './cards'
export { OVERLAP_IN, PAGE, poleStrips, STRIP_IN, STRIPS_A_PAGE } from './strips'
export { stripsPdf } from './stripsPdf'
