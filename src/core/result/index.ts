export { fail, issue, ok } from './result'
export type { Issue, IssueCode, Result } from './result'
export { line, makeCheck, notChecked, RATIO_LIMIT, shownRatio, sig } from './trace'
export type { Check, CheckState, TraceLine } from './trace'
