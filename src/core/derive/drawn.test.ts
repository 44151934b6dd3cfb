import { addCoverage, type Coverage, seldomDrawn } from '../testing/fuzz/coverage'
import { faultsOf } from '../testing/fuzz/faults'
import { randomJob } from '../testing/fuzz/randomJob'

// Buildings drawn by lot over the whole range of every field; `npm run fuzz` draws two thousand, `npm run mutants` sixty.
const DRAWN = Number(process.env.BURDOCK_DRAWN ?? 120)
const PARTS = 6
/** Least share of the drawn that must be buildings at all. */
const LEAST_ACCEPTED = 0.6

const seeds = (part: number) => Array.from({ length: DRAWN / PARTS }, (_, i) => 1 + part * (DRAWN / PARTS) + i)

test.each(Array.from({ length: PARTS }, (_, part) => part))(
  'buildings drawn by lot, part %d: no number that is none, mirrored alike, more load and smaller holes never ease',
  (part) => {
    const found = seeds(part).map((seed) => ({ seed, ...faultsOf(randomJob(seed)) }))
    expect(found.flatMap(({ seed, faults }) => faults.map((fault) => `${seed}: ${fault}`))).toEqual([])
    expect(found.filter(({ accepted }) => accepted).length).toBeGreaterThan(LEAST_ACCEPTED * found.length)
    // Some of them stand throughout: only of those a worst ratio can be eased.
    expect(found.filter(({ standing }) => standing).length).toBeGreaterThan(0)
  },
  120_000,
)
test('every value of every choice is drawn', () => {
  const coverage: Coverage = new Map()
  for (let seed = 1; seed <= 2000; seed++) addCoverage(randomJob(seed), coverage)
  expect(coverage.size).toBeGreaterThan(50)
  expect(seldomDrawn(coverage, 20)).toEqual([])
})
