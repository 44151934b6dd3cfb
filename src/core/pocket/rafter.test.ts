import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { rafter } from './rafter'

const shed = {
  runIn: 145.5,
  ledgerIn: 1.5,
  pitchPer12: 3,
  depthIn: 7.25,
  seatIn: 3,
  tailIn: 12,
  tailCut: 'plumb' as const,
}
// 3 in 12: √(1 + 1/16) = 1.030776; 144 × 1.030776 = 148.4318; tail 12.3693; sin = 0.242536, tan 1/4.
test('144 over 3 in 12 with a tail of 12', () => {
  const found = answerOf(rafter, shed)
  expect(found.bodyIn).toBeCloseTo(148.4318, 4)
  expect(found.totalIn).toBeCloseTo(160.8011, 4)
  expect(found.notchIn).toBeCloseTo(0.7276, 4)
  expect(found.heelIn).toBeCloseTo(0.75, 9)
  expect(found.notchShare).toBeCloseTo(0.10036, 5)
  expect(found.notchHolds).toBe(true)
})
test('the way the tail is cut changes the drawing only', () =>
  expect(answerOf(rafter, { ...shed, tailCut: 'square' })).toEqual(answerOf(rafter, shed)))
// 8 in 12 (sin 0.5547): a quarter of 7.25 is 1.8125, at a seat of 3.26755.
test.each([
  [3.267, true],
  [3.268, false],
])('at 8 in 12 a seat of %d: holds %s', (seatIn, holds) =>
  expect(answerOf(rafter, { ...shed, pitchPer12: 8, seatIn }).notchHolds).toBe(holds),
)
test.each([
  [{ ...shed, ledgerIn: 145.5 }, ['too-large ledgerIn']],
  [{ ...shed, pitchPer12: 12, seatIn: 10.3 }, ['too-large seatIn']],
  [{ ...shed, tailCut: 'curved' }, ['not-a-choice tailCut']],
])('%j is refused', (given, want) => expect(refusalOf(rafter, given)).toEqual(want))
test('by coordinates: body and tail reach the outer end, and the notch is its distance off the edge', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 12, noNaN: true }),
      fc.double({ min: 20, max: 400, noNaN: true }),
      (pitchPer12, runIn) => {
        const { totalIn, notchIn, heelIn } = answerOf(rafter, { ...shed, pitchPer12, runIn, depthIn: 11.25 })
        const levelIn = runIn - shed.ledgerIn + shed.tailIn
        expect(totalIn).toBeCloseTo(Math.hypot(levelIn, (levelIn * pitchPer12) / 12), 6)
        expect(notchIn).toBeCloseTo((shed.seatIn * heelIn) / Math.hypot(shed.seatIn, heelIn), 8)
      },
    ),
  ))
