// The pages of a job but for the first: they come in one piece, after it stands.
export { HoleView } from './HoleView'
export { PostView } from './PostView'
export { ReadView } from './ReadView'
