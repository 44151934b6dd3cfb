import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { solved } from './figure'
import { stairs } from './stairs'

const porch = { riseIn: 43.625, maxRiserIn: 7.75, treadRunIn: 10.5, treadIn: 1, widthIn: 48, stringersEveryIn: 16 }
// 43.625/7.75 = 5.63: 6 of 7.27083; first cut 6.27083; 5 treads, run 52.5; √(43.625² + 52.5²) = 68.2600; 48/16 + 1 = 4.
// A notch leaves 11.25 − 7.27083·10.5/12.77171 = 5.2725.
test('43 5/8 up', () => {
  const found = answerOf(stairs, porch)
  expect(found).toMatchObject({ risers: 6, treads: 5, runIn: 52.5, stringers: 4 })
  expect(found.riserIn).toBeCloseTo(7.27083, 5)
  expect(found.firstCutIn).toBeCloseTo(6.27083, 5)
  expect(found.stringerIn).toBeCloseTo(68.26, 3)
  expect(found.woodLeftIn).toBeCloseTo(5.2725, 3)
  expect(found.stepMarksIn[2]).toBeCloseTo(25.5434, 3)
})
test('one riser has no tread and no run', () =>
  expect(answerOf(stairs, { ...porch, riseIn: 7.75 })).toMatchObject({
    risers: 1,
    treads: 0,
    runIn: 0,
    stringerIn: 7.75,
    woodLeftIn: null,
  }))
test('treads as thick as a riser are refused', () =>
  expect(refusalOf(stairs, { ...porch, treadIn: 43.625 / 6 })).toEqual(['too-large treadIn']))
test('going up step by step ends on the deck; one riser fewer would be too high', () =>
  fc.assert(
    fc.property(fc.double({ min: 3, max: 200, noNaN: true }), (riseIn) => {
      const { risers, riserIn, firstCutIn } = answerOf(stairs, { ...porch, riseIn })
      const upIn = Array.from({ length: risers - 1 }).reduce<number>((sum) => sum + riserIn, firstCutIn + porch.treadIn)
      expect(upIn).toBeCloseTo(riseIn, 8)
      expect(riserIn).toBeLessThanOrEqual(porch.maxRiserIn + 1e-9)
      if (risers > 1) expect(riseIn / (risers - 1)).toBeGreaterThan(porch.maxRiserIn)
    }),
  ))

test('so many risers that nobody counts them are refused, with the least that is accepted', () => {
  const given = { riseIn: 100_000, maxRiserIn: 1, treadRunIn: 10, treadIn: 0.5, widthIn: 48, stringersEveryIn: 16 }
  const result = solved(stairs, given)
  expect(result.ok ? null : result.issues[0]).toMatchObject({
    code: 'too-small',
    path: ['maxRiserIn'],
    facts: { minimum: 10 },
  })
})
