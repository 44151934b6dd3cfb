import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { roofSquare } from './roofSquare'

// Held at 1: R = 239, M = 300, E = 180; H = √(239² + 180²) = 299.2006; off 0.7994; √(300² − 239²) = 181.3257.
test('240 up, 180 along, the tape reads 301 held at 1', () => {
  const found = answerOf(roofSquare, { rafterLegIn: 240, eaveLegIn: 180, measuredIn: 301, heldAtIn: 1 })
  expect(found.wantIn).toBeCloseTo(299.2006, 3)
  expect(found.readsIn).toBeCloseTo(300.2006, 3)
  expect(found.offIn).toBeCloseTo(0.7994, 3)
  expect(found.peakMovesIn).toBeCloseTo(1.3257, 3)
  expect(found.perSixteenthIn).toBeCloseTo(0.10389, 4)
  expect(found).toMatchObject({ toward: 'mark', worth: true })
})
// R = 180, E = 240: H = 300.
test.each([
  [300, 'none', false],
  [300.02, 'none', false],
  [300.05, 'mark', false],
  [299.95, 'away', false],
  [300.0625, 'mark', false],
  [300.07, 'mark', true],
  [299.9, 'away', true],
])('a tape of %d: toward %s, worth a climb %s', (measuredIn, toward, worth) =>
  expect(answerOf(roofSquare, { rafterLegIn: 180, eaveLegIn: 240, measuredIn, heldAtIn: 0 })).toMatchObject({
    toward,
    worth,
  }),
)
test.each([
  [{ rafterLegIn: 10, eaveLegIn: 50, measuredIn: 60, heldAtIn: 10 }, ['too-large heldAtIn']],
  [{ rafterLegIn: 100, eaveLegIn: 50, measuredIn: 100, heldAtIn: 10 }, ['too-small measuredIn']],
])('%j is refused', (given, want) => expect(refusalOf(roofSquare, given)).toEqual(want))
test('by coordinates: a peak moved by so much reads what is wanted', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 100, max: 400, noNaN: true }),
      fc.double({ min: -3, max: 3, noNaN: true }),
      (eaveLegIn, pastIn) => {
        const measuredIn = Math.hypot(200, eaveLegIn + pastIn)
        const found = answerOf(roofSquare, { rafterLegIn: 200, eaveLegIn, measuredIn, heldAtIn: 0 })
        expect(found.peakMovesIn).toBeCloseTo(pastIn, 8)
      },
    ),
  ))
