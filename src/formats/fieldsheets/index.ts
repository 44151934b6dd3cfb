export { fieldSheets, printedCards } from './fieldSheets'
export { CARD_MARKS, cardsSvg, qrSvg, WIDE_CARD_MARKS, type CardsASheet } from './cards'
export { OVERLAP_IN, PAGE, poleStrips, STRIP_IN, STRIPS_A_PAGE } from './strips'
export { stripsPdf } from './stripsPdf'
