import { slope } from './slope'

const hole = { kind: 'corner' as const, postIds: ['A1'] }

test.each([0, 2, 4])('ground that falls %d in. a foot is sized: nothing to say', (slopePer12) =>
  expect(slope({ hole, slopePer12 })).toBeNull(),
)
test('over 1 in 3 (4 in. a foot) it is not sized, and never reads as holding (IBC 2021 1808.7)', () =>
  expect(slope({ hole, slopePer12: 4.01 })).toMatchObject({ state: 'not-checked', ratio: null, subjects: ['A1'] }))
