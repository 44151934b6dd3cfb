import fc from 'fast-check'
import { writePlaceIn } from '.'

const post = (marksIn: readonly number[], seatIn = 200, footToGradeIn = 40) => ({
  footToGradeIn,
  seatIn,
  marks: marksIn.map((fromBottomIn, i) => ({
    key: `${i}`,
    name: 'girt',
    kind: 'girt' as const,
    face: null,
    fromBottomIn,
    fromHeelIn: 0,
    upIn: 0,
  })),
})
test.each([
  [[], 94],
  [[94], 81],
  [[60, 128], 94],
])('marks at %j: written at %d, as near to eye height as leaves them a board', (marks, at) =>
  expect(writePlaceIn(post(marks))).toBe(at),
)
test('no room between soil and seat is said', () => expect(writePlaceIn(post([], 60))).toBeNull())
test('it lies between soil and seat, and clear of every mark where that can be (property)', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 220 }), { maxLength: 5 }), (marks) => {
      const at = writePlaceIn(post(marks)) ?? NaN
      expect(at).toBeGreaterThanOrEqual(52)
      expect(at).toBeLessThanOrEqual(186)
      const clear = (place: number) => Math.min(...marks.map((mark) => Math.abs(mark - place)), 13)
      const best = Math.max(...Array.from({ length: 135 }, (_, k) => clear(52 + k)))
      expect(clear(at)).toBe(best)
    }),
  )
})
