export { FirstOwner, JoinView, SignInView } from './ways'
export { PeopleView } from './PeopleView'
export { Me } from './Me'
