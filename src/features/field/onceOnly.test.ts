import { SAME_TAP_MS, tapGate } from './onceOnly'

test.each([
  [
    [0, SAME_TAP_MS - 1, SAME_TAP_MS],
    [true, false, true],
  ],
  [
    [0, 399, 799, 801],
    [true, false, true, false],
  ],
])('of taps at %j ms these are of their own: %j', (times, own) => {
  let ms = 0
  const isOwn = tapGate(() => ms)
  expect(
    times.map((time) => {
      ms = time
      return isOwn()
    }),
  ).toEqual(own)
})
