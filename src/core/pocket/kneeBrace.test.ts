import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { kneeBrace } from './kneeBrace'

// √(36.5² + 27²) = 45.4010; atan(36.5/27) = 53.5087°; 5.5·(1.35185 + 0.73973) = 11.5037; 45.4010 − 11.5037 = 33.8973.
test('36 1/2 down, 27 out, a board of 5 1/2', () => {
  const found = answerOf(kneeBrace, { downIn: 36.5, outIn: 27, boardIn: 5.5, sawLimitDeg: 50 })
  expect(found.longEdgeIn).toBeCloseTo(45.401, 3)
  expect(found.shortEdgeIn).toBeCloseTo(33.8973, 3)
  expect(found.cutPostDeg).toBeCloseTo(53.5087, 3)
  expect(found.cutBeamDeg).toBeCloseTo(36.4913, 3)
  expect(found.overSaw).toBe(true)
  // Past the saw: mark 5.5·36.5/27 from square; 36.5/tan 50° out and the saw reaches.
  expect(found.setbackPostIn).toBeCloseTo(7.4352, 3)
  expect(found.sawnOutAtLeastIn).toBeCloseTo(30.6271, 3)
})
test('what the saw would reach, it reaches; and just inside, nothing is over', () => {
  const given = { downIn: 36.5, outIn: 27, boardIn: 5.5, sawLimitDeg: 50 }
  const outIn = answerOf(kneeBrace, given).sawnOutAtLeastIn ?? 0
  expect(answerOf(kneeBrace, { ...given, outIn })).toMatchObject({
    overSaw: false,
    sawnOutAtLeastIn: null,
    sawnOutAtMostIn: null,
  })
  const flat = answerOf(kneeBrace, { ...given, downIn: 20, outIn: 40 })
  expect(flat.overSaw).toBe(true)
  expect(answerOf(kneeBrace, { ...given, downIn: 20, outIn: flat.sawnOutAtMostIn ?? 0 }).overSaw).toBe(false)
})
test('a saw that stops at 40 reaches no brace at all', () =>
  expect(answerOf(kneeBrace, { downIn: 30, outIn: 30, boardIn: 3.5, sawLimitDeg: 40 })).toMatchObject({
    overSaw: true,
    sawnOutAtLeastIn: null,
    sawnOutAtMostIn: null,
  }))
test('cuts that meet before the short edge are refused', () =>
  expect(refusalOf(kneeBrace, { downIn: 10, outIn: 10, boardIn: 8, sawLimitDeg: 50 })).toEqual(['no-room boardIn']))
test('by coordinates: the short edge is where a line a board’s width in meets post and beam', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 20, max: 90, noNaN: true }),
      fc.double({ min: 20, max: 90, noNaN: true }),
      (downIn, outIn) => {
        const boardIn = 3
        const { shortEdgeIn } = answerOf(kneeBrace, { downIn, outIn, boardIn, sawLimitDeg: 60 })
        // The long edge is x/out + y/down = 1 from the corner; a line nearer the corner by the board is that much less.
        const share = 1 - boardIn * Math.hypot(1 / outIn, 1 / downIn)
        expect(shortEdgeIn).toBeCloseTo(share * Math.hypot(outIn, downIn), 8)
      },
    ),
  ))
