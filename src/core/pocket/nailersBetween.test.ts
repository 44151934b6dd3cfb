import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { nailersBetween } from './nailersBetween'

// 0–24 stays; 56 from 24 to 80 in three; 20 to the end.
test('rows at 24 and 80 of 100, 24 at most', () => {
  const found = answerOf(nailersBetween, { rowsIn: [24, 80], fromIn: 0, toIn: 100, maxIn: 24 })
  ;[42.6667, 61.3333].forEach((want, i) => expect(found.newRowsIn[i]).toBeCloseTo(want, 4))
  ;[24, 18.6667, 18.6667, 18.6667, 20].forEach((want, i) => expect(found.spacesIn[i]).toBeCloseTo(want, 4))
})
test('rows on both limits make no space of nothing', () =>
  expect(answerOf(nailersBetween, { rowsIn: [-6, 14], fromIn: -6, toIn: 14, maxIn: 24 })).toEqual({
    newRowsIn: [],
    spacesIn: [20],
  }))
test('no rows: the whole is shared', () =>
  expect(answerOf(nailersBetween, { rowsIn: [], fromIn: 0, toIn: 50, maxIn: 25 })).toEqual({
    newRowsIn: [25],
    spacesIn: [25, 25],
  }))
test.each([
  [{ rowsIn: [101], fromIn: 0, toIn: 100, maxIn: 24 }, ['outside rowsIn.0']],
  [{ rowsIn: [50, 40], fromIn: 0, toIn: 100, maxIn: 24 }, ['not-ascending rowsIn.1']],
  [{ rowsIn: [], fromIn: 5, toIn: 5, maxIn: 24 }, ['too-small toIn']],
])('%j is refused', (given, want) => expect(refusalOf(nailersBetween, given)).toEqual(want))
test('all rows together, sorted, are the spaces apart, none over the widest', () =>
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 200 }), { maxLength: 6 }), (rows) => {
      const rowsIn = [...rows].sort((one, other) => one - other)
      const { newRowsIn, spacesIn } = answerOf(nailersBetween, { rowsIn, fromIn: 0, toIn: 200, maxIn: 23 })
      const all = [...new Set([0, ...rowsIn, ...newRowsIn, 200])].sort((one, other) => one - other)
      expect(spacesIn).toHaveLength(all.length - 1)
      all.slice(1).forEach((row, i) => expect(row - all[i]).toBeCloseTo(spacesIn[i], 8))
      expect(Math.max(...spacesIn)).toBeLessThanOrEqual(23 + 1e-9)
    }),
  ))
