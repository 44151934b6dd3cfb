import { answerOf } from '../testing/pocket'
import { vehicle } from './vehicle'

const machine = {
  openWidthIn: 120,
  openHeightIn: 120,
  widthIn: 96,
  heightIn: 114,
  marginIn: 3,
  rampShare: 0.1,
  rampIn: 60,
  wheelbaseIn: 100,
  frontIn: 40,
}
// Front wheels 6 in. up at the top of the ramp; the nose, 40 of 100 past them, 2.4 more.
test('12 in. at each side; the nose lifts 2.4, 3.6 over it', () => {
  const found = answerOf(vehicle, machine)
  expect(found.sideIn).toBe(12)
  expect(found.noseIn).toBeCloseTo(2.4, 9)
  expect(found.overIn).toBeCloseTo(3.6, 9)
  expect(found.fits).toBe(true)
})
test.each([
  [{ marginIn: 3.6 }, true],
  [{ marginIn: 3.61 }, false],
  [{ widthIn: 130 }, false],
  [{ heightIn: 130 }, false],
  [{ rampShare: 0 }, true],
])('%j: fits %s', (change, fits) => expect(answerOf(vehicle, { ...machine, ...change }).fits).toBe(fits))
test('a ramp longer than the wheelbase lifts no more than one as long', () =>
  expect(answerOf(vehicle, { ...machine, rampIn: 300 }).noseIn).toBeCloseTo(4, 9))
test('too little room is an answer', () => expect(answerOf(vehicle, { ...machine, widthIn: 130 }).sideIn).toBe(-5))
