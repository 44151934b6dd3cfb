import { addressesOf, wrongWith } from './guard'

const own = addressesOf(3000, 'https://yard.test')
const asked = (headers: Record<string, string>, method = 'GET', url = '/') =>
  wrongWith({ headers: { host: '127.0.0.1:3000', ...headers }, method, url }, own)

test.each([
  ['loopback by number', { host: '127.0.0.1:3000' }, null],
  ['loopback by name', { host: 'LOCALHOST:3000' }, null],
  ['the public address', { host: 'yard.test' }, null],
  ['another port of this machine', { host: '127.0.0.1:3001' }, 'host'],
  ['a name that was made to point here', { host: 'evil.test:3000' }, 'host'],
  ['a name that begins like ours', { host: 'yard.test.evil.test' }, 'host'],
])('the host: %s', (_, headers, expected) => expect(asked(headers)).toBe(expected))
test('a request without a host is not for us', () =>
  expect(wrongWith({ headers: {}, method: 'GET', url: '/' }, own)).toBe('host'))

test.each([
  ['our own page', { origin: 'http://127.0.0.1:3000' }, null],
  ['our page at the public address', { origin: 'https://yard.test' }, null],
  ['the public address without TLS', { origin: 'http://yard.test' }, 'origin'],
  ['another site', { origin: 'https://evil.test' }, 'origin'],
  ['a page that hides where it is from', { origin: 'null' }, 'origin'],
  ['another site that sends no origin', { 'sec-fetch-site': 'cross-site' }, 'origin'],
  ['another server of the same site', { 'sec-fetch-site': 'same-site' }, 'origin'],
  ['a program that is no browser', {}, null],
])('a write from %s', (_, headers, expected) => {
  expect(asked(headers, 'POST')).toBe(expected)
  expect(asked(headers, 'DELETE')).toBe(expected)
  expect(asked(headers, 'GET')).toBeNull()
})

test.each([
  ['/jobs/a%20b', null],
  ['/jobs/%E0%A4%A', 'address'],
  ['/%', 'address'],
  ['http://evil.test/', 'address'],
])('the address %s', (url, expected) => expect(asked({}, 'GET', url)).toBe(expected))
