import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { girtCut } from './girtCut'
import { kneeBrace } from './kneeBrace'
import { sticksFor } from './sticks'

const sticks = (pieceIn: number, stickIn?: number, pieces?: number) => {
  const found = sticksFor(pieceIn, stickIn, pieces)
  return found.ok ? found.value : null
}
// 96 in. hold two of 45.4 in. with a kerf between: 90.9; a third kerf takes the rest to 4.95.
test.each([
  [45.4, 96, 8, { perStick: 2, sticks: 4, stickLeftIn: 4.95 }],
  [48, 96, 2, { perStick: 1, sticks: 2, stickLeftIn: 47.875 }],
  [47.9375, 96, 3, { perStick: 2, sticks: 2, stickLeftIn: 0 }],
  [96, 96, 1, { perStick: 1, sticks: 1, stickLeftIn: 0 }],
])('%d in. out of %d in., %i of them', (pieceIn, stickIn, pieces, want) =>
  expect(sticks(pieceIn, stickIn, pieces)).toEqual({ ...want, stickLeftIn: expect.closeTo(want.stickLeftIn, 9) }),
)
test('sawn one after another, a stick gives as many and no more (second way)', () => {
  fc.assert(
    fc.property(fc.integer({ min: 16, max: 4000 }), fc.integer({ min: 16, max: 4000 }), (pieceParts, more) => {
      const [pieceIn, stickIn] = [pieceParts / 16, (pieceParts + more) / 16]
      let leftIn = stickIn
      let count = 0
      while (leftIn >= pieceIn - 1e-9) {
        count++
        leftIn -= pieceIn + 0.125
      }
      expect(sticks(pieceIn, stickIn)?.perStick).toBe(count)
    }),
  )
})
test('nothing is bought where no stick is named; a stick that is too short is refused', () => {
  expect(answerOf(girtCut, { gapIn: 50, playIn: 0 })).toMatchObject({ perStick: null, sticks: null, stickLeftIn: null })
  expect(refusalOf(girtCut, { gapIn: 150, playIn: 0, stickIn: 144, pieces: 2 })).toEqual(['no-room stickIn'])
  const brace = { downIn: 36.5, outIn: 27, boardIn: 5.5, sawLimitDeg: 50 }
  expect(answerOf(kneeBrace, { ...brace, stickIn: 96, pieces: 8 })).toMatchObject({ perStick: 2, sticks: 4 })
  expect(refusalOf(kneeBrace, { ...brace, stickIn: 40 })).toEqual(['no-room stickIn'])
})
