export { cutBook } from './cutBook'
export { cutXlsx, sawCsv } from './cutfiles'
export type { CutOf } from './cutfiles'
