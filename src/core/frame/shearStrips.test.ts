import { layOutGrid } from '../layout'
import { barnJob, opening } from '../testing/barn'
import { shearLengthFt, shearStrips } from './shearStrips'

const at = (positionIn: number, widthIn: number, change: object = {}) =>
  opening({ id: `op-${positionIn}`, side: 'south', corner: 'SW', positionIn, widthIn, ...change })
const stripsOf = (openings: ReturnType<typeof at>[], change: object = {}) => {
  // 64 ft long, 14 ft to the heel: a strip counts in full from 7 ft, in part from 4 ft.
  const { building } = barnJob({ openings, ...change })
  const grid = layOutGrid(building)
  if (!grid.ok) throw new Error('barn')
  return shearStrips(building, grid.value, 'south')
}
const tested = { skin: { ...barnJob().building.skin, narrowStrips: true } }

test('a wall without openings is one strip', () => expect(shearLengthFt(stripsOf([]))).toBe(64))
test('strips lie between openings, each with the share that its width leaves', () =>
  expect(stripsOf([at(100, 48), at(208, 96), at(350, 60)])).toEqual([
    { fromIn: 0, toIn: 100, share: 1 },
    // 60 in. of 168: 2·60/168.
    { fromIn: 148, toIn: 208, share: 120 / 168 },
    // 46 in. is under 168/3.5 = 48.
    { fromIn: 304, toIn: 350, share: 0 },
    { fromIn: 410, toIn: 768, share: 1 },
  ]))
test.each([
  ['a strip of height/3.5', 48, 96 / 168],
  ['a sixteenth less', 47.9375, 0],
  ['of height/2', 84, 1],
] as const)('%s', (_, widthIn, share) =>
  expect(stripsOf([at(100, 48), at(148 + widthIn, 48)])[1]?.share).toBeCloseTo(share, 9),
)
test('values tested on narrow strips count them in full', () =>
  expect(stripsOf([at(100, 48), at(160, 48)], tested)[1]?.share).toBe(1))
test('openings over each other are one gap', () => {
  const stacked = [at(100, 48, { sillIn: 24, heightIn: 24 }), at(110, 60, { sillIn: 60, heightIn: 24 })]
  expect(stripsOf(stacked).map(({ fromIn, toIn }) => [fromIn, toIn])).toEqual([
    [0, 100],
    [170, 768],
  ])
})
test('an open wall has none', () => expect(stripsOf([], { openSides: ['south'] })).toEqual([]))
