export { liveOn } from './lives'
export { migrate } from './migrations'
export { MAX_FILE_CHARS, parseJob, readJobText } from './readJob'
