import { barnJob } from '../testing/barn'
import { byStock, holeVolumes } from '.'

test('pieces are counted by the stock they are cut from, other lengths of the same stock with them', () => {
  // 9 ft and 9 ft 6 in. both come of 10 ft boards; 11 ft of 12.
  expect(byStock([108, 108, 114, 132], 0)).toEqual([
    { stockIn: 120, count: 3 },
    { stockIn: 144, count: 1 },
  ])
})
test('a piece longer than every board comes last, of no stock', () =>
  expect(byStock([400, 108], 0)).toEqual([
    { stockIn: 120, count: 1 },
    { stockIn: null, count: 1 },
  ]))
test('a wider hole of the same depth takes concrete by the square of its width', () => {
  const { building } = barnJob({ school: 'collar', collarHeightIn: 0, padThicknessIn: 12 })
  const padAt = (diameterIn: number) => holeVolumes(building, diameterIn, 60).padFt3
  expect(padAt(24)).toBeCloseTo(Math.PI, 9)
  expect(padAt(48)).toBeCloseTo(4 * padAt(24), 9)
})
