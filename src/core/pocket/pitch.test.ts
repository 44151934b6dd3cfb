import fc from 'fast-check'
import { answerOf } from '../testing/pocket'
import { pitch } from './pitch'

const size = fc.double({ min: 0.5, max: 2000, noNaN: true })

test('48 up in 144 is 4 in 12, 18.435°, a third', () => {
  const found = answerOf(pitch, { riseIn: 48, runIn: 144 })
  expect(found.per12).toBeCloseTo(4, 9)
  expect(found.degrees).toBeCloseTo(18.4349, 4)
  expect(found.percent).toBeCloseTo(33.3333, 4)
  expect(found.slopeLengthIn).toBeCloseTo(151.7893, 4)
})
test('there and back: from the angle and the slope to rise and run', () =>
  fc.assert(
    fc.property(size, size, (riseIn, runIn) => {
      const { degrees, slopeLengthIn } = answerOf(pitch, { riseIn, runIn })
      expect((slopeLengthIn * Math.sin((degrees * Math.PI) / 180)) / riseIn).toBeCloseTo(1, 9)
      expect((slopeLengthIn * Math.cos((degrees * Math.PI) / 180)) / runIn).toBeCloseTo(1, 9)
    }),
  ))
