export { fail, issue, ok } from './result'
export { issuesOf } from './zodIssues'
export type { Issue, IssueCode, Result } from './result'
export { line, shownRatio, sig, written } from './trace'
export type { TraceLine } from './trace'
export type { Diagram, LineLoad, PointLoad } from './diagram'
export { changesOf, keepSame, withChanges, type Changes } from './share'
export { remember, sameFields } from './remember'
export { unreachable } from './unreachable'
export { addUnder, isRecord, recordOf, withKeys } from './records'
export { cutText, wellFormed } from './text'
export { entryOf, firstOf, item, lastOf } from './items'
export {
  cannotStand,
  isWorse,
  ratioOfUse,
  stands,
  together,
  usedOf,
  worseOf,
  worstUse,
  type Use,
  type WhyNot,
} from './use'
