/** What a database error means to somebody who waits for an answer. */
export type DbFault = 'away' | 'busy' | 'full' | 'read-only'

const AWAY = [
  'ECONNREFUSED',
  'ECONNRESET',
  'ETIMEDOUT',
  'EPIPE',
  'ENOTFOUND',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'BURDOCK_OTHER_SERVER',
]
/** Too many connections, or a lock that was not given for so long. */
const BUSY = ['ER_CON_COUNT_ERROR', 'ER_TOO_MANY_USER_CONNECTIONS', 'ER_LOCK_WAIT_TIMEOUT', 'ER_LOCK_DEADLOCK']
const FULL = ['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'EE_DISK_FULL', 'ER_ERROR_ON_WRITE']
const READ_ONLY = ['ER_OPEN_AS_READONLY', 'ER_OPTION_PREVENTS_STATEMENT', 'ER_CANT_LOCK', 'ER_READ_ONLY_MODE']
/** Operating system: no space left on device. */
const NO_SPACE = /errno: 28\b|No space left/
/** Deadlock, lock wait, and a row that another has changed since: the whole transaction can be tried again. */
const AGAIN = [1213, 1205, 1020]

interface Raised {
  readonly code?: string
  readonly errno?: number
  readonly name?: string
  readonly message?: string
  readonly fatal?: boolean
}
const raised = (error: unknown): Raised => (typeof error === 'object' && error !== null ? error : {})

/** Which of the faults of the database an error is; null where it is one of ours. */
export function dbFault(error: unknown): DbFault | null {
  const { code = '', name, message = '', fatal } = raised(error)
  if (name === 'KnexTimeoutError' || BUSY.includes(code)) return 'busy'
  if (FULL.includes(code) || NO_SPACE.test(message)) return 'full'
  if (READ_ONLY.includes(code)) return 'read-only'
  return AWAY.includes(code) || fatal === true ? 'away' : null
}

/** Whether a transaction that failed so may go through when it is done again. */
export const worthAgain = (error: unknown): boolean => AGAIN.includes(raised(error).errno ?? 0)
