import { frost } from './frost'

const hole = (depthIn: number) => ({ kind: 'eave' as const, postIds: ['A2', 'A3'], depthIn })

test('frost of 42 in. over a hole of 48 in.: 42/48 = 0.875 holds', () =>
  expect(frost({ hole: hole(48), frostIn: 42 })).toMatchObject({
    key: { member: 'hole', rule: 'frost', place: 'eave' },
    state: 'holds',
    demand: 42,
    capacity: 48,
    ratio: 0.875,
    subjects: ['A2', 'A3'],
  }))
test.each([
  ['just at frost', 42, 42, 'close'],
  ['a sixteenth short', 41.9375, 42, 'fails'],
  ['no frost: 12 in. are asked for all the same (IBC 2021 1809.4)', 12, 0, 'close'],
  ['no frost and a hole of 11 in.', 11, 0, 'fails'],
])('%s', (_, depthIn, frostIn, state) => expect(frost({ hole: hole(depthIn), frostIn }).state).toBe(state))
