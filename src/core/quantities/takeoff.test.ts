import { barnJob } from '../testing/barn'
import { holeVolumes } from '.'

test('a wider hole of the same depth takes concrete by the square of its width', () => {
  const { building } = barnJob({ school: 'collar', collarHeightIn: 0, padThicknessIn: 12 })
  const padAt = (diameterIn: number) => holeVolumes(building, diameterIn, 60).padFt3
  expect(padAt(24)).toBeCloseTo(Math.PI, 9)
  expect(padAt(48)).toBeCloseTo(4 * padAt(24), 9)
})
