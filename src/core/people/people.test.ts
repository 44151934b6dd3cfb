import fc from 'fast-check'
import { withEnvelope, type RecordBody } from '../field'
import { homeOf, mayAsk, mayStandUntil, notTheirs, type Role, ROLES, secretIssue, whoMade } from './index'

/** Each route with the roles that may ask for it: o owner, f office, l lead, c crew, i inspector, - whoever asks. */
const ROUTES: readonly (readonly [string, string, string])[] = [
  ['GET', '/sign-in', '-oflci'],
  ['GET', '/join', '-oflci'],
  ['GET', '/join/AB12CD34EF56', '-oflci'],
  ['GET', '/_next/static/chunks/main.js', '-oflci'],
  ['GET', '/api/health', '-oflci'],
  ['GET', '/api/me', '-oflci'],
  ['POST', '/api/sign-in', '-oflci'],
  ['POST', '/api/sign-out', '-oflci'],
  ['POST', '/api/join', '-oflci'],
  ['POST', '/api/owner', '-oflci'],
  ['GET', '/api/invitations/AB12CD34EF56', '-oflci'],
  ['POST', '/api/invitations', 'o'],
  ['GET', '/api/invitations', 'o'],
  ['DELETE', '/api/invitations/x', 'o'],
  ['GET', '/people', 'o'],
  ['GET', '/api/people', 'o'],
  ['DELETE', '/api/people/x', 'o'],
  ['DELETE', '/api/people/x/name', 'o'],
  ['GET', '/api/people/x/data', 'o'],
  ['DELETE', '/api/devices/x', 'o'],
  ['GET', '/api/audit', 'o'],
  ['GET', '/api/backup', 'o'],
  ['POST', '/api/restore', 'o'],
  ['GET', '/', 'of'],
  ['GET', '/jobs/x', 'of'],
  ['POST', '/api/jobs', 'of'],
  ['PUT', '/api/jobs/x', 'of'],
  ['PATCH', '/api/jobs/x', 'of'],
  ['POST', '/api/jobs/x/duplicate', 'of'],
  ['GET', '/api/jobs/x/history', 'of'],
  ['GET', '/api/jobs/x/history/3', 'of'],
  ['GET', '/something-new', 'of'],
  ['POST', '/api/crew-book', 'ofl'],
  ['POST', '/api/field-sheets', 'ofl'],
  ['POST', '/api/site-record', 'ofl'],
  ['POST', '/api/cut-list', 'ofl'],
  ['GET', '/field', 'oflci'],
  ['GET', '/field/x/post/A1', 'oflci'],
  ['GET', '/pocket', 'oflci'],
  ['GET', '/api/jobs', 'oflci'],
  ['GET', '/api/jobs/x', 'ofl'],
  ['GET', '/api/jobs/x/plan', 'oflci'],
  ['GET', '/api/jobs/x/sheets', 'oflci'],
  ['GET', '/api/jobs/x/guests', 'ofl'],
  ['POST', '/api/jobs/x/guests', 'ofl'],
  ['DELETE', '/api/jobs/x/guests/y', 'ofl'],
  ['GET', '/guest/some-card', '-oflci'],
  ['POST', '/guest/some-card', 'of'],
  ['GET', '/guest/some-card/more', 'of'],
  ['GET', '/api/jobs/x/records', 'oflci'],
  ['GET', '/api/jobs/x/events', 'oflci'],
  ['POST', '/api/jobs/x/records', 'oflci'],
  ['GET', '/api/jobs/x/photos/y', 'oflci'],
  ['PUT', '/api/jobs/x/photos/y', 'oflci'],
  ['DELETE', '/api/jobs/x/photos/y', 'of'],
  ['GET', '/worker.js', 'oflci'],
  ['GET', '/field-page', 'oflci'],
  ['GET', '/field.webmanifest', '-oflci'],
  ['GET', '/api/jobs/x/phones', 'ofl'],
  ['GET', '/api/jobs/x/left', 'ofl'],
  ['POST', '/api/jobs/x/left', '-oflci'],
  ['POST', '/api/jobs/x/left/y', 'ofl'],
]
const LETTERS: Readonly<Record<Role, string>> = { owner: 'o', office: 'f', lead: 'l', crew: 'c', inspector: 'i' }

test.each(ROUTES)('%s %s: %s', (method, path, letters) => {
  const may = ROLES.filter((role) => mayAsk(role, { method, path })).map((role) => LETTERS[role])
  expect(may.join('')).toBe(letters.replace('-', ''))
  expect(mayAsk(null, { method, path })).toBe(letters.startsWith('-'))
})
test.each(ROLES)('the home of %s is one of their own pages', (role) => {
  expect(mayAsk(role, { method: 'GET', path: homeOf(role) })).toBe(true)
})
test('a path that is only like one for everybody is not', () => {
  for (const path of ['/sign-in/x', '/api/me/x', '/api/healthy', '/_next/staticx', '/api//people', '/API/PEOPLE'])
    expect([path, mayAsk(null, { method: 'GET', path }), mayAsk('crew', { method: 'GET', path })]).toEqual([
      path,
      false,
      false,
    ])
})

test.each([
  ['crew', '493817', null],
  ['crew', '12345', 'pin-digits'],
  ['crew', '1234567', 'pin-digits'],
  ['crew', '49 817', 'pin-digits'],
  ['crew', '000000', 'pin-easy'],
  ['crew', '123456', 'pin-easy'],
  ['crew', '987654', 'pin-easy'],
  ['office', 'ninechars', 'password-short'],
  ['office', 'ten letters', null],
  ['owner', 'x'.repeat(201), 'too-long'],
  ['inspector', '493817', 'password-short'],
] as const)('%s takes %s: %s', (role, secret, code) => {
  expect(secretIssue(role, secret)?.code ?? null).toBe(code)
})
test('of all numbers of six digits, the twenty with one step throughout are refused', () => {
  let easy = 0
  for (let n = 0; n < 1_000_000; n++) if (secretIssue('crew', String(n).padStart(6, '0'))) easy++
  // Ten of one digit; five that count up by one and five down; by two none has room for six digits.
  expect(easy).toBe(20)
})

const record = (body: RecordBody) =>
  withEnvelope({ id: 'r1', at: '2026-05-04T12:00:00Z', device: 'd', who: 'Ash', body })
const SET = record({ kind: 'state', post: 'A1', state: 'set' })
const LOOKED = record({ kind: 'state', post: 'A1', state: 'inspected' })
const BACK = record({ kind: 'void', record: 'r0' })
const KEEP = record({ kind: 'keep', reading: 'r0', reason: 'a stone under it' })
const GO_ON = record({ kind: 'override', post: 'A1', state: 'set', reason: 'old concrete' })
const SIGN = record({ kind: 'sign', inspection: 'set', posts: ['A1'], passed: true, seen: 'plumb', name: 'Ash' })
test.each([
  ['crew', SET, undefined, null],
  ['inspector', SET, undefined, 'not-your-part'],
  ['inspector', LOOKED, undefined, null],
  ['inspector', BACK, 'me', null],
  ['inspector', BACK, 'other', 'not-yours'],
  ['crew', BACK, 'me', null],
  ['crew', BACK, 'other', 'not-yours'],
  ['crew', BACK, null, 'not-yours'],
  ['crew', BACK, undefined, null],
  ['lead', BACK, 'other', null],
  ['crew', KEEP, undefined, 'a-leads-part'],
  ['crew', GO_ON, undefined, 'a-leads-part'],
  ['crew', SIGN, undefined, 'a-leads-part'],
  ['inspector', SIGN, undefined, null],
  ['inspector', GO_ON, undefined, 'not-your-part'],
  ['lead', KEEP, undefined, null],
  ['lead', GO_ON, undefined, null],
  ['lead', SIGN, undefined, null],
  ['office', BACK, 'other', null],
] as const)('%s with a record said by %s', (role, sent, saidBy, why) => {
  expect(notTheirs({ id: 'me', role }, sent, saidBy)).toBe(why)
})
describe('who a record says has made it', () => {
  const juniper = { name: 'Juniper' }
  const long = 'x'.repeat(52)
  test.each([
    ['what the phone says, where nobody signs in', 'Wren', null, 'Wren'],
    ['who had signed in, where the phone says nothing', '', juniper, 'Juniper'],
    ['one name, where both are the same', 'Juniper', juniper, 'Juniper'],
    ['both, where somebody else had signed in', 'Wren', juniper, 'Wren, through Juniper'],
    ['the one that is known, where both are too long', long, juniper, 'Juniper'],
    ['nobody, where nobody says so', '', null, ''],
  ])('%s', (_, said, sender, who) => expect(whoMade(said, sender)).toBe(who))
})
test('no text is taken for a path of everybody but those named', () => {
  fc.assert(
    fc.property(fc.webPath(), (path) => {
      fc.pre(!/^\/(_next|sign-in|join|trust|icon|favicon|api)/.test(path))
      return !mayAsk(null, { method: 'GET', path: path || '/' })
    }),
  )
})

describe('how long a guest’s card stands', () => {
  const now = new Date('2026-11-28T12:00:00Z')
  test.each([
    ['an hour', '2026-11-28T13:00:00Z', true],
    ['a year and a day', '2027-11-29T12:00:00Z', true],
    ['more than that', '2027-11-30T12:00:00Z', false],
    ['until now', '2026-11-28T12:00:00Z', false],
    ['until yesterday', '2026-11-27T12:00:00Z', false],
    ['until no date', 'soon', false],
  ])('%s', (_, until, may) => expect(mayStandUntil(new Date(until), now)).toBe(may))
})
