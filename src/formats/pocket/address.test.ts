import { openedBy, pocketAddress } from './address'

test.each([
  [{}, { given: null, job: null, kept: null }],
  [
    { given: { downIn: 36.5, rowsIn: [0, 96], need: { 'bag, 60 lb': 2 } } },
    { given: { downIn: 36.5, rowsIn: [0, 96], need: { 'bag, 60 lb': 2 } } },
  ],
  [
    { given: { a: '?#&= ü″' }, job: 'j-1', kept: 'k_2' },
    { given: { a: '?#&= ü″' }, job: 'j-1', kept: 'k_2' },
  ],
])('what an address is made of is what it opens: %j', (parts, opened) => {
  const address = pocketAddress('stairs', parts)
  expect(address).toMatch(/^\/pocket#stairs/)
  expect(openedBy(new URL(address, 'http://x').hash)).toMatchObject({ name: 'stairs', ...opened })
})
test.each(['#stairs?given=%7B', '#stairs?given=3', '#stairs?given=%5B1%5D'])(
  '%s is opened with nothing given',
  (hash) => expect(openedBy(hash)).toEqual({ name: 'stairs', given: null, job: null, kept: null }),
)
test('no hash is the pocket itself', () => expect(openedBy('').name).toBe(''))
