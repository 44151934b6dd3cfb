import fc from 'fast-check'
import { byClock, clockAt, clockMs, CLOCK_PATTERN, nextClock } from './clock'

const NOON = Date.UTC(2026, 4, 4, 12)
const DAY = 24 * 3_600_000

test.each([
  ['nothing was seen: the time it is', null, NOON, clockAt(NOON)],
  ['what was seen is older: the time it is', clockAt(NOON - 1), NOON, clockAt(NOON)],
  ['the same moment: the next within it', clockAt(NOON), NOON, `${String(NOON).padStart(15, '0')}-0001`],
  [
    'a device a day ahead was seen: after it',
    clockAt(NOON + DAY),
    NOON,
    `${String(NOON + DAY).padStart(15, '0')}-0001`,
  ],
  ['a moment that is full: the next moment', `${String(NOON).padStart(15, '0')}-9999`, NOON - 5, clockAt(NOON + 1)],
])('%s', (_, last, now, expected) => {
  expect(nextClock(last, now)).toBe(expected)
  expect(nextClock(last, now)).toMatch(CLOCK_PATTERN)
})
test('a clock says its moment', () => expect(clockMs(clockAt(NOON))).toBe(NOON))
test('a clock of before 1970 is the first there is', () => expect(clockAt(-5)).toBe(`${'0'.repeat(15)}-0000`))

test('devices whose clocks are days apart: whoever has seen a record makes none that sorts before it', () => {
  const device = fc.constantFrom('a', 'b', 'c')
  const step = fc.record({ device, hears: fc.option(device), atMs: fc.integer({ min: 0, max: 10 * DAY }) })
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      const seen: Record<string, string | null> = { a: null, b: null, c: null }
      const made: Record<string, string[]> = { a: [], b: [], c: [] }
      for (const { device: own, hears, atMs } of steps) {
        const heard = hears === null ? null : seen[hears]
        if (heard !== null && (seen[own] === null || heard > seen[own])) seen[own] = heard
        const before = seen[own]
        const clock = nextClock(before, atMs)
        if (before !== null) expect(clock > before).toBe(true)
        seen[own] = clock
        made[own].push(clock)
      }
      for (const clocks of Object.values(made)) expect([...clocks].sort()).toEqual(clocks)
    }),
  )
})
test('what two devices made in one instant has one order everywhere', () => {
  const all = ['b', 'a'].flatMap((device) => ['2', '1'].map((id) => ({ clock: clockAt(NOON), device, id })))
  expect([...all].sort(byClock).map(({ device, id }) => device + id)).toEqual(['a1', 'a2', 'b1', 'b2'])
  expect([...all, { clock: clockAt(NOON - 1), device: 'z', id: '9' }].sort(byClock)[0].device).toBe('z')
})
