export { homeOf, mayAsk } from './access'
export { LEAST_PASSWORD, personName, PIN_DIGITS, type Role, ROLES, secretIssue, secretKindOf } from './roles'
export { notTheirs, type Sender } from './records'
