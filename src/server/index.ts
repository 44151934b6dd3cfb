import 'server-only'
export {
  allJobs,
  archiveJob,
  createJob,
  deleteJob,
  duplicateJob,
  jobHistory,
  jobOfRevision,
  oneJob,
  renameJob,
  saveJob,
} from './services/jobService'
export { answer, fromSave, readBody, refused } from './services/respond'

export { isAway } from './db/client'
export { bookPdf } from './services/crewBook'
export type { BookKind } from './services/crewBook'
export { addRecords, recordsAfter } from './services/recordService'
export type { RecordsReply } from './services/recordService'
export { fieldSheetsPdf, stripsOf } from './services/fieldSheets'
