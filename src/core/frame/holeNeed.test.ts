import { barnJob } from '../testing/barn'
import { holeNeed, sidewaysNeedIn } from './holeNeed'

const job = barnJob({ school: 'collar', padThicknessIn: 8, collarHeightIn: 12 })
const hole = {
  postIds: ['a', 'b'],
  depthIn: 60,
  digIn: 60,
  gravelIn: 0,
  lateral: null,
  uplift: { capacityLb: 1000 },
  bearing: { loadLb: 900, padLb: 100, capacityLb: 4000 },
  diameterIn: 24,
}
const needOf = (upliftLb: number, change: object = {}, given = job, wallPushLb = 0) =>
  holeNeed({ holes: [{ ...hole, ...change }], demands: { a: { upliftLb, wallPushLb } } } as never, given, 'a')

// Pad 8 and collar 12 in. leave 40 of 60 in. of soil: half the uplift of what the hole holds asks for half of it.
test.each([
  ['half of what it holds: 8 + 12 + 40/2', 500, 40],
  ['all of it', 1000, 60],
  ['more than it holds, no deeper than the hole', 4000, 60],
  ['a hair, never less than pad and collar', 1e-9, 20],
  ['none', 0, 0],
])('uplift, %s', (_, upliftLb, wanted) => expect(needOf(upliftLb)?.upliftIn).toBeCloseTo(wanted, 6))
test('what its wall lifts it by is uplift too', () =>
  expect([needOf(300, {}, job, 200)?.upliftIn, needOf(-300, {}, job, 800)?.upliftIn]).toEqual([40, 40]))
test('gravel is dug besides, for every depth that is asked for at all', () => {
  const need = needOf(500, { gravelIn: 4, lateral: { slopedFt: 3 } })
  expect([need?.upliftIn, need?.lateralIn, need?.frostIn]).toEqual([44, 48, (job.site.frostIn ?? 0) + 4])
  expect(needOf(0, { gravelIn: 4 })).toMatchObject({ upliftIn: 0, lateralIn: 0 })
})
test('bearing is the load with the pad over what the soil holds; nothing where that is unknown', () => {
  expect(needOf(0)?.bearingRatio).toBe(0.25)
  expect(needOf(0, { bearing: { loadLb: 1, padLb: 1, capacityLb: 0 } })?.bearingRatio).toBe(0)
})
test('where no depth is enough sideways, the planned depth is asked for, never none', () => {
  expect(sidewaysNeedIn({ depthIn: 60 }, null, 8)).toBe(60)
  expect(sidewaysNeedIn({ depthIn: 60 }, 4, 8)).toBe(56)
})
