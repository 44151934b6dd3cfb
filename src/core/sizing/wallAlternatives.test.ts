import { deriveJob } from '../derive'
import type { Job } from '../model'
import { demo } from '../testing/demos'
import { wallAlternatives } from './wallAlternatives'

const { job } = demo('quillback')
const withGap = (maxGapIn: number): Job => ({
  ...job,
  building: { ...job.building, girts: { ...job.building.girts, maxGapIn, meetOpenings: true, walls: {} } },
})
function waysOf(given: Job, side: 'south' | 'north', widestHoldsIn?: number | null) {
  const derived = deriveJob(given)
  if (!derived.ok) throw new Error('demo')
  const { walls } = derived.value
  const wall = widestHoldsIn === undefined ? walls[side] : { ...walls[side], widestHoldsIn }
  return wallAlternatives(given, { ...derived.value, walls: { ...walls, [side]: wall } }, side)
}
const keysOf = (...given: Parameters<typeof waysOf>) => waysOf(...given).map(({ key }) => key)

test('a wall with openings has rows on them, and even ones with blocks; one without has the first alone', () => {
  expect(keysOf(withGap(24), 'south', null)).toEqual(['landing', 'even'])
  expect(keysOf(withGap(24), 'north', null)).toEqual(['landing'])
})
test.each([
  ['wider than now', 30.04, 30],
  ['narrower than now', 20.99, 20.9375],
  ['the same to the sixteenth', 24.01, null],
  ['nothing holds', null, null],
  ['too narrow to set', 7.9, null],
])('the widest space that holds, %s: rounded down to the sixteenth', (_, holdsIn, wanted) => {
  const widest = waysOf(withGap(24), 'south', holdsIn).find(({ key }) => key === 'widest')
  expect(widest?.maxGapIn ?? null).toBe(wanted)
})
test('wider spaces take fewer rows and pieces, and ask more of the girt', () => {
  const [narrow] = waysOf(withGap(18), 'south')
  const [wide] = waysOf(withGap(30), 'south')
  expect(wide.rows).toBeLessThan(narrow.rows)
  expect(wide.pieces).toBeLessThan(narrow.pieces)
  expect(wide.widestIn).toBeGreaterThan(narrow.widestIn)
  expect(wide.worst).toBeGreaterThan(narrow.worst ?? Infinity)
})
