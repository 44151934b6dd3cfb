import { barnJob } from '../../testing/barn'
import { strength } from './strength'

const { building: barn } = barnJob()
const given = (bayIn: number, gapIn = 24, depthIn = 9.25) => ({
  building: { ...barn, skirt: { depthIn, topIn: 8 }, girts: { ...barn.girts, lumber: 'SP-No.2' } },
  bayIn,
  gapIn,
  results: { claddingQhPsf: 20, wind: { gcpi: 0.18 }, flatRoof: false } as never,
})

test('the board is the deepest that fits the skirt', () =>
  expect([strength(given(96))?.facts.size, strength(given(96, 24, 7.3))?.facts.size]).toEqual(['2x10', '2x8']))
test.each([
  [60, 'holds'],
  [240, 'fails'],
])('over %d in.: %s', (bayIn, state) => expect(strength(given(bayIn))?.state).toBe(state))
test('half the wall up to the first girt comes onto it: a higher girt works it harder', () =>
  expect(strength(given(96, 36))?.ratio ?? 0).toBeGreaterThan(strength(given(96, 20))?.ratio ?? 9))
test('without a skirt there is nothing to check', () => expect(strength(given(96, 24, 0))).toBeNull())

// Zone 5, 8 ft by a third of 8 ft: 21.33 sq ft, GCp −(1.4 − 0.6·log 2.133/log 50) = −1.284; (1.284 + 0.18)·20 = 29.28 psf on
// 16 in.: 0.6·29.28·16/12 = 23.42 plf.
test('the boards by the corners stand in the end zone', () => {
  const wind = strength(given(96))
    ?.facts.strengthTrace()
    .find(({ label }) => label === 'Wind on the board')
  expect(wind?.value).toBeCloseTo(23.42, 2)
})
