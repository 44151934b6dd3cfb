export { GLOSSARY } from './glossary'
export { issuePath, issueText } from './issueText'
export { recordText } from './recordText'
export {
  CEILING,
  DIG_CAUTION,
  ENCLOSURE,
  FINISH,
  GIRT_STYLE,
  KIND,
  OFF,
  OPENING,
  PURLIN_RUN,
  PURLIN_STYLE,
  RAISE_CAUTION,
  FOUNDATION,
  SOIL,
  STANDING_NOTE,
  standingNote,
  THERMAL,
  TOP,
  TRUSS_SEAT,
  TRUSS_SET,
  WALL_BRACE,
} from './labels'
