import { answerOf } from '../testing/pocket'
import { bareWind } from './bareWind'

// 0.00256·0.85·0.85·40² = 2.959360 psf; on 120 ft², twice: 710.25 lb.
test('40 mph on 120 ft² of sticks', () => {
  const found = answerOf(bareWind, { windMph: 40, areaFt2: 120 })
  expect(found.pressurePsf).toBeCloseTo(2.95936, 6)
  expect(found.pushLb).toBeCloseTo(710.2464, 4)
})
test('exposure D is 1.03/0.85 of that; twice the wind is four times; none pushes nothing', () => {
  const at = (windMph: number, kz?: number) => answerOf(bareWind, { windMph, areaFt2: 100, kz }).pushLb
  expect(at(40, 1.03) / at(40)).toBeCloseTo(1.03 / 0.85, 9)
  expect(at(80) / at(40)).toBeCloseTo(4, 9)
  expect(at(0)).toBe(0)
})
