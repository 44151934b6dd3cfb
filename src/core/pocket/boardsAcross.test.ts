import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { boardsAcross } from './boardsAcross'

const deck = { boardIn: 5.5, gapIn: 0.125, overLast: 4, gapLimitIn: 0.5 }
const at = (depthIn: number, change: Partial<typeof deck> = {}) =>
  answerOf(boardsAcross, { ...deck, ...change, depthIn })
test.each([
  // 10 boards and 9 gaps are 56.125: nothing left; 1/32 more still closes.
  [56.125, { count: 10, way: 'fits', leftIn: 0, sharedGapIn: null, ripIn: null, ripCount: 0 }],
  [56.15625, { count: 10, way: 'fits' }],
  // 1/2 left over four gaps: 1/8 + 1/8.
  [56.625, { count: 10, way: 'share', leftIn: 0.5, sharedGapIn: 0.25 }],
  // 1 1/2 left is just what four gaps of 1/2 take.
  [57.625, { count: 10, way: 'share', sharedGapIn: 0.5 }],
  // 1 7/8 left: one board of 1 3/4. 1 9/16 left, less the gap, is 1 7/16.
  [58, { count: 10, way: 'rip', leftIn: 1.875, ripIn: 1.75, ripCount: 1 }],
  [57.6875, { count: 10, way: 'rip', ripIn: 1.4375, ripCount: 1 }],
  // Less than a board: it is all one rip.
  [3, { count: 0, way: 'rip', leftIn: 3, ripIn: 3, ripCount: 1 }],
])('%d in. deep', (depthIn, want) => expect(at(depthIn)).toMatchObject(want))
test.each([
  // One gap only, 1/4 at most: 1 1/8 left is a board of just 1; 1 in. left makes two of (5.5 + 1 − 1/8)/2.
  [57.25, { ripIn: 1, ripCount: 1 }],
  [57.125, { ripIn: 3.1875, ripCount: 2 }],
])('%d in. deep where gaps may not share', (depthIn, want) =>
  expect(at(depthIn, { overLast: 1, gapLimitIn: 0.25 })).toMatchObject({ way: 'rip', ...want }),
)
test('no more gaps share than there are', () =>
  expect(at(11.5, { overLast: 9 })).toMatchObject({ count: 2, way: 'share', sharedGapIn: 0.5 }))
test.each([
  [{ ...deck, depthIn: 50, gapLimitIn: 0.1 }, ['too-small gapLimitIn']],
  [{ ...deck, depthIn: 50, overLast: 0 }, ['too-small overLast']],
  [{ ...deck, depthIn: 50, overLast: 1.5 }, ['not-whole overLast']],
  [{ depthIn: 1.1, boardIn: 1, gapIn: 5, overLast: 1, gapLimitIn: 5 }, ['no-room gapIn']],
])('%j is refused', (given, want) => expect(refusalOf(boardsAcross, given)).toEqual(want))
test('laid one after the other, boards and gaps come to the depth', () =>
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 3000 }), (sixteenths) => {
      const depthIn = sixteenths / 16
      const found = at(depthIn)
      const { count, way, leftIn, sharedGapIn, ripIn, ripCount } = found
      const shared = Math.min(deck.overLast, count - 1)
      const across = {
        fits: count * 5.5 + (count - 1) * 0.125 + leftIn,
        share: count * 5.5 + (count - 1 - shared) * 0.125 + shared * (sharedGapIn ?? 0),
        rip: (count + 1 - ripCount) * 5.5 + count * 0.125 + ripCount * (ripIn ?? 0),
      }
      expect(across[way]).toBeCloseTo(depthIn, 8)
    }),
  ))
