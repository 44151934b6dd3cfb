export { FirstOwner, JoinView, SignInView } from './ways'
export { PeopleView } from './PeopleView'
export { Me } from './Me'
export type { Asking } from './Me'
