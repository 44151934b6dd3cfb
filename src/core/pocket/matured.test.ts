import fc from 'fast-check'
import { answerOf } from '../testing/pocket'
import { matured } from './matured'

// 1 + 1 + 18/51 + 0 + 0 + 2 = 4.35294; 32, 14 and 10 °F freeze it before it has 24 h.
test('two warm hours, three of frost, one hot', () => {
  const found = answerOf(matured, { tempsF: [65, 65, 32, 14, 10, 116] })
  expect(found.maturedH).toBeCloseTo(4.35294, 5)
  expect(found.frozenHours).toBe(3)
})
test('frost after a day at 65 °F does no harm; just before it does', () => {
  const day = Array.from({ length: 24 }, () => 65)
  expect(answerOf(matured, { tempsF: [...day, 20] }).frozenHours).toBe(0)
  expect(answerOf(matured, { tempsF: [...day.slice(1), 32] }).frozenHours).toBe(1)
})
test('nothing yet: nothing', () => expect(answerOf(matured, { tempsF: [] })).toEqual({ maturedH: 0, frozenHours: 0 }))
test('two stretches one after the other come to both together', () =>
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: -20, max: 110 })),
      fc.array(fc.integer({ min: -20, max: 110 })),
      (one, other) => {
        const hours = (tempsF: number[]) => answerOf(matured, { tempsF }).maturedH
        expect(hours([...one, ...other])).toBeCloseTo(hours(one) + hours(other), 8)
      },
    ),
  ))
