import fc from 'fast-check'
import { answerOf } from '../testing/pocket'
import { braceBetween } from './braceBetween'

const size = fc.double({ min: 0.5, max: 2000, noNaN: true })

// √(90² + 48²) = 102; atan(48/90) = 28.0725°; 102 + 5.5·48/90 = 104.9333.
test('90 clear, 48 up, a board of 5 1/2', () => {
  const found = answerOf(braceBetween, { clearIn: 90, riseIn: 48, boardIn: 5.5 })
  expect(found.edgeIn).toBeCloseTo(102, 9)
  expect(found.angleDeg).toBeCloseTo(28.0725, 4)
  expect(found.cutDeg).toBe(found.angleDeg)
  expect(found.tipToTipIn).toBeCloseTo(104.9333, 4)
})
test('by coordinates: corners of the board seen along its edge lie that far apart', () =>
  fc.assert(
    fc.property(size, size, size, (clearIn, riseIn, boardIn) => {
      const { edgeIn, tipToTipIn } = answerOf(braceBetween, { clearIn, riseIn, boardIn })
      // The low edge runs from (0, 0) to (clear, rise); the other is `board` off it, and both end on the plumb faces.
      const along = [clearIn / edgeIn, riseIn / edgeIn]
      const upIn = (boardIn * edgeIn) / clearIn
      const high = clearIn * along[0] + riseIn * along[1]
      const corners = [0, high, upIn * along[1], high + upIn * along[1]]
      expect((Math.max(...corners) - Math.min(...corners)) / tipToTipIn).toBeCloseTo(1, 8)
    }),
  ))
