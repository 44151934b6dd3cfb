import { dbFault, worthAgain } from './faults'

test.each([
  ['nobody at the port', { code: 'ECONNREFUSED' }, 'away'],
  ['a connection that broke', { fatal: true }, 'away'],
  ['another folder’s server', { code: 'BURDOCK_OTHER_SERVER' }, 'away'],
  ['no connection free in time', { name: 'KnexTimeoutError' }, 'busy'],
  ['too many connections', { code: 'ER_CON_COUNT_ERROR', fatal: true }, 'busy'],
  ['a lock that was not given', { code: 'ER_LOCK_WAIT_TIMEOUT', errno: 1205 }, 'busy'],
  ['a full table', { code: 'ER_RECORD_FILE_FULL' }, 'full'],
  [
    'a write that found no room',
    { code: 'UNKNOWN', message: 'Error writing file (errno: 28 "No space left on device")' },
    'full',
  ],
  ['a server that is read-only', { code: 'ER_OPTION_PREVENTS_STATEMENT' }, 'read-only'],
  ['a constraint', { code: 'ER_CONSTRAINT_FAILED', errno: 4025 }, null],
  ['a fault of ours', new TypeError('x is undefined'), null],
  ['nothing at all', undefined, null],
])('%s', (_, error, expected) => expect(dbFault(error)).toBe(expected))

test.each([
  [1213, true],
  [1205, true],
  [1020, true],
  [1062, false],
  [undefined, false],
])('error %s is worth another try: %s', (errno, expected) => expect(worthAgain({ errno })).toBe(expected))
