export { BookMain } from './BookMain'
export { BookSide } from './BookSide'
