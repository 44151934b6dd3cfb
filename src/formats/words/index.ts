export { issuePath, issueText, LENGTH_HELP } from './issueText'
export { CORNER_ORDER, DIG_CAUTION, GIRT_STYLE, KIND, OPENING, RAISE_CAUTION, SCHOOL, SOIL, STANDING_NOTE, THERMAL } from './labels'
