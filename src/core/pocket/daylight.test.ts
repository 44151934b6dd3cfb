import { answerOf, refusalOf } from '../testing/pocket'
import { daylight } from './daylight'

// n = 172: sin(2π·91/365) = 0.99999; 23.4398°; −tan 45°·tan 23.4398° = −0.43354; acos = 115.692° : 15.4256 h.
test('the longest day at 45° north', () => {
  const found = answerOf(daylight, { latitudeDeg: 45, dayOfYear: 172 })
  expect(found.declinationDeg).toBeCloseTo(23.4398, 3)
  expect(found.hours).toBeCloseTo(15.4256, 3)
})
test.each([
  [0, 10, 12],
  [52, 81, 12],
  [80, 172, 24],
  [-80, 172, 0],
  [90, 172, 24],
])('at %d° on day %d: %d h', (latitudeDeg, dayOfYear, want) =>
  expect(answerOf(daylight, { latitudeDeg, dayOfYear }).hours).toBeCloseTo(want, 6),
)
test('by the sun’s path: minutes over the horizon, counted', () => {
  const radians = (deg: number) => (deg * Math.PI) / 180
  const { declinationDeg, hours } = answerOf(daylight, { latitudeDeg: 40, dayOfYear: 300 })
  let minutes = 0
  for (let minute = 0; minute < 1440; minute++) {
    const hourDeg = (minute + 0.5) / 4 - 180
    const up =
      Math.sin(radians(40)) * Math.sin(radians(declinationDeg)) +
      Math.cos(radians(40)) * Math.cos(radians(declinationDeg)) * Math.cos(radians(hourDeg))
    if (up > 0) minutes++
  }
  expect(minutes / 60).toBeCloseTo(hours, 1)
})
test.each([
  [91, 1, ['too-large latitudeDeg']],
  [45, 0, ['too-small dayOfYear']],
  [45, 367, ['too-large dayOfYear']],
])('%d° on day %d is refused', (latitudeDeg, dayOfYear, want) =>
  expect(refusalOf(daylight, { latitudeDeg, dayOfYear })).toEqual(want),
)
