import { barnJob } from '../../testing/barn'
import type { LeanToPurlinCase } from './member'
import { strength } from './strength'

const { building: barn } = barnJob()
const building = {
  ...barn,
  skin: { ...barn.skin, openRoofCn: null },
  roof: {
    ...barn.roof,
    purlins: { ...barn.roof.purlins, style: 'over', size: '2x6', lumber: 'SP-No.2', spaceIn: 24, skinHolds: true },
  },
}
const leanTo = (snow: readonly (readonly [uniformPsf: number, peakPsf: number])[], spaceIn = 96) =>
  ({
    building,
    spaceIn,
    lean: {
      leanTo: { side: 'south', pitchPer12: 2 },
      thetaDeg: 9.46,
      wind: { downPsf: 8 },
      snow: snow.map(([uniformPsf, peakPsf], i) => ({ uniformPsf, peakPsf, governs: `case ${i}` })),
    },
    results: {
      dead: { slopePsf: 3, minPsf: 2 },
      site: { dead: { by: 'typed' } },
      enclosure: { class: 'enclosed' },
      snow: { psPsf: 20, pmPsf: 0, unbalanced: null },
      wind: { thetaDeg: 18 },
      claddingQhPsf: 20,
      roofCladding: null,
    },
  }) as unknown as LeanToPurlinCase

// The peak of a drift lies on the even snow: 20 + 15 is as 35.
test('a drift counts at its peak, on top of the even snow', () => {
  const drifted = strength(leanTo([[20, 15]]))
  expect(drifted?.ratio).toBeCloseTo(strength(leanTo([[35, 0]]))?.ratio ?? 0, 9)
  expect(drifted?.ratio).toBeGreaterThan(strength(leanTo([[20, 0]]))?.ratio ?? Infinity)
})
test('the deepest of the cases rules', () => {
  const check = strength(
    leanTo([
      [30, 0],
      [20, 15],
      [25, 5],
    ]),
  )
  expect(check?.ratio).toBeCloseTo(strength(leanTo([[35, 0]]))?.ratio ?? 0, 9)
  expect(check?.facts).toMatchObject({ about: { snow: 'case 1' } })
})
test.each([
  [30, false],
  [30.5, true],
])('over rafters %d in. apart boards are judged as purlins: %s', (spaceIn, judged) =>
  expect(strength(leanTo([[20, 0]], spaceIn)) !== null).toBe(judged),
)
