import { EnteredView } from './EnteredView'
import { HoleView } from './HoleView'
import { PostPicker } from './PostPicker'
import { PostView } from './PostView'
import { ReadView } from './ReadView'

/** The pages of a job but for the first: they come in one piece, after it stands. */
export const VIEWS = { EnteredView, HoleView, PostPicker, PostView, ReadView }
