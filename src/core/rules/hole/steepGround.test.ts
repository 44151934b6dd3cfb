import { steepGround } from './steepGround'

test.each([0, 3.9, 4])('%d in. a foot between the spots is not steep', (steepestPer12) =>
  expect(steepGround({ steepestPer12 })).toBeNull(),
)
test('steeper than 1 in 3 is said, not sized', () =>
  expect(steepGround({ steepestPer12: 4.1 })).toMatchObject({ id: 'ground-steep', state: 'not-checked' }))
test('a slope that is no number is not steep ground', () => expect(steepGround({ steepestPer12: NaN })).toBeNull())
