import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { gate } from './gate'

const yard = {
  openIn: 144,
  hingeGapIn: 0.75,
  latchGapIn: 1,
  leaves: 2 as const,
  meetGapIn: 0.5,
  railIn: 5.5,
  heightIn: 54,
  weightLb: 90,
  hingesIn: 40,
}
// (144 − 1.5 − 0.5)/2 = 71; inside 60 by 43: 73.8173, 35.6279°; 90·35.5/40 = 79.875.
test('two leaves in 12 ft', () => {
  const found = answerOf(gate, yard)
  expect(found).toMatchObject({ leafIn: 71, insideWidthIn: 60, insideHeightIn: 43, hingePullLb: 79.875 })
  expect(found.braceIn).toBeCloseTo(73.8173, 4)
  expect(found.braceDeg).toBeCloseTo(35.6279, 4)
})
test('one leaf has one hinge gap and a latch: 144 − 1.75', () =>
  expect(answerOf(gate, { ...yard, leaves: 1 }).leafIn).toBe(142.25))
test.each([27, 40])('rails of %d leave nothing inside', (railIn) =>
  expect(refusalOf(gate, { ...yard, railIn })).toEqual(['no-room railIn']),
)
test('leaves and gaps come to the opening', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(1 as const, 2 as const),
      fc.double({ min: 60, max: 240, noNaN: true }),
      (leaves, openIn) => {
        const { leafIn } = answerOf(gate, { ...yard, leaves, openIn })
        const gaps = leaves === 1 ? [0.75, 1] : [0.75, 0.5, 0.75]
        expect(gaps.reduce((sum, gap) => sum + gap, leaves * leafIn)).toBeCloseTo(openIn, 9)
      },
    ),
  ))
