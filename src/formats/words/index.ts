export { agoWords, CLOCK_OFF_MS, spanWords } from './ago'
export { changesInWords, keptFigureName } from './changeText'
export { GLOSSARY } from './glossary'
export { effectText, issuePath, issueText } from './issueText'
export { recordText, targetName } from './recordText'
export type { Names } from './recordText'
export { HINTS, STAGE_HELP } from './stageHelp'
export { restOfNames, someNames } from './names'
export { pieceWords, placeWords, shortWall, whereWords } from './places'
export type { Places, WallNames } from './places'
export {
  CEILING,
  DIG_CAUTION,
  ENCLOSURE,
  FINISH,
  GIRT_STYLE,
  KIND,
  OPENING,
  PURLIN_RUN,
  PURLIN_STYLE,
  RAISE_CAUTION,
  FOUNDATION,
  SOIL,
  STANDING_NOTE,
  sheetNote,
  THERMAL,
  OVERLAP_WORDS,
  PAPER_WORDS,
  ROLE_WORDS,
  STICK_WORDS,
  UNITS,
  TOP,
  TRUSS_SEAT,
  TRUSS_SET,
  WALL_BRACE,
} from './labels'
export { endWall, headWords } from './headWords'
export { troublesSaid } from './troubleWords'
export { dayText } from './days'
export {
  bumpInShort,
  bumpsSaid,
  footUnreadText,
  rodAtSaid,
  rodSaid,
  SETUP_STATE,
  suspicionSaid,
  unreadSaid,
  untiedSaid,
  WHY_UNUSED,
} from './suspicionWords'
export { FOUND_WORDS, holdSaid, INSPECTION_WORDS, sideWords, squaringSaid } from './fieldWords'
