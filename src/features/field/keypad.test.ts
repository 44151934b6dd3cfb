import fc from 'fast-check'
import { firstKey, KEYS, stepped } from './keys'

// The ten whole inches on a phone's keypad: what is expected stands well among them, and no inch is out of reach.
const most = fc.constantFrom(144, 180, 300, 480)
test('what is expected is among the ten, two keys from either end where the rod has them (property)', () => {
  fc.assert(
    fc.property(most, fc.integer({ min: 0, max: 480 }), (m, around) => {
      fc.pre(around <= m)
      const from = firstKey(around, m)
      expect(from % 5).toBe(0)
      expect(around - from).toBeGreaterThanOrEqual(Math.min(2, around))
      expect(from + KEYS - 1 - around).toBeGreaterThanOrEqual(Math.min(2, m - around))
    }),
  )
})
test.each([144, 180, 300, 480])('steps of ten either way reach every inch up to %i from wherever they begin', (m) => {
  for (const begin of [0, 1, 47, 52, 59, m]) {
    const seen = new Set<number>()
    const show = (from: number) => {
      for (let n = from; n < from + KEYS; n++) if (n <= m) seen.add(n)
    }
    const step = (from: number, by: number) => firstKey(stepped(from, by, m), m)
    for (const by of [KEYS, -KEYS])
      for (let from = firstKey(begin, m), was = -1; from !== was; was = from, from = step(from, by)) show(from)
    expect([...seen].sort((one, other) => one - other)).toEqual(Array.from({ length: m + 1 }, (_, i) => i))
  }
})
