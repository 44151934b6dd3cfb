import { expectNear } from '../../testing/near'
import { strength } from './strength'
import { truss } from './truss'

const knee = (change: object = {}) => ({
  knee: { downIn: 36, outIn: 36, plies: 2, size: '2x6', lumber: 'SP-No.2', trussDesigned: true, ...change } as never,
  grades: [],
})

// Two 2×6, 50.91 in. long: le/d 16.97; FcE 0.822·510,000/16.97² = 1,456; Fc* 2,240; α 0.650; CP 1.0312 − √(1.0633 − 0.8123) = 0.5302;
// 2,240·0.5302 = 1,188 psi; Ft' 960 psi is less: 960·8.25·2 = 15,840 lb.
test('the board in tension rules: 15,840 lb', () => {
  const check = strength({ building: knee(), lateral: { kneeLb: 8000 } })
  expectNear(check?.capacity ?? 0, 15840, 1e-6)
  expectNear(check?.facts.cp ?? 0, 0.5302, 5e-4)
  expect(check?.state).toBe('holds')
})
test.each([
  [15840, 'close'],
  [15841, 'fails'],
])('%d lb: %s', (kneeLb, state) => expect(strength({ building: knee(), lateral: { kneeLb } })?.state).toBe(state))
test('one board of 75 in. at le/d 50 still counts, a longer one does not (NDS 2018 3.7.1.4)', () => {
  const long = (legIn: number) =>
    strength({ building: knee({ downIn: legIn, outIn: 0, plies: 1 }), lateral: { kneeLb: 1 } })?.state
  expect([long(75), long(75.1)]).toEqual(['holds', 'cannot-stand'])
})
test.each([
  ['no knee braces', { knee: null, grades: [] }],
  ['no values for their lumber', knee({ lumber: 'own-none' })],
])('%s: no such check', (_, building) => expect(strength({ building, lateral: { kneeLb: 1 } })).toBeNull())
test('a truss that was not designed for them is said', () => {
  const said = (designed: boolean) => truss({ building: knee({ trussDesigned: designed }), lateral: { kneeLb: 900 } })
  expect(said(true)).toBeNull()
  expect(said(false)).toMatchObject({ state: 'not-checked', facts: { kneeLb: 900 } })
})
