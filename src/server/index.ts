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
export { answer, bodyOf, bytesOf, fromResult, fromSave, refused, tooBusy } from './http/answer'
export { type Made, makePaper } from './heavy/pool'
export type { Task } from './heavy/tasks'
export { addRecords, recordsAfter } from './services/recordService'
export type { RecordsReply } from './services/recordService'
export { leave, leftEntries, settleLeft } from './services/leftService'
export { keepPhoto, readPhoto } from './services/photoService'
export { guestCards, makeGuestCard, readGuest, takeGuestCard } from './services/guestService'
export { forPhone } from './http/forPhone'
export { hearPhone, phonesOn } from './services/phoneService'
export { listenTo, mayListen } from './services/news'
export { copyName } from './backup/keep'
export { backup } from './backup/write'
export { restoreUpload } from './backup/upload'
export { isReady } from './services/ready'
export { cookieOf, DEVICE_COOKIE, SESSION_COOKIE, setCookie } from './auth/cookies'
export { byOf, fromOf, personOf, overTls, visitorOf, whoIs } from './auth/visitor'
export {
  type Entered,
  type From,
  join,
  makeOwner,
  officeIsOpen,
  readInvitation,
  signIn,
  signOut,
  stillIn,
} from './services/signInService'
export {
  allPeople,
  dataOf,
  erase,
  happenings,
  invite,
  invitationsWaiting,
  revokeDevice,
  takeInvitationBack,
  withdraw,
} from './services/peopleService'
