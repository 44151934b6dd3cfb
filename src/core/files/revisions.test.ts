import { diffPaths, type Job, newJob } from '../model'
import { jobAt, type StoredRevision } from './revisions'

const first = newJob('a job')
const building = (job: Job, change: Partial<Job['building']>): Job => ({
  ...job,
  building: { ...job.building, ...change },
})
const door = {
  id: 'op-1',
  kind: 'overhead',
  name: 'big door',
  side: 'south',
  corner: 'SW',
  positionIn: 150,
  widthIn: 96,
  heightIn: 96,
  sillIn: 0,
  weightLb: null,
} as const
const window = {
  ...door,
  id: 'op-2',
  kind: 'window',
  name: '',
  positionIn: 400,
  widthIn: 36,
  sillIn: 40,
  heightIn: 36,
} as const
// A job as it grew: numbers, a group that becomes another, entries of lists and open groups added, changed and taken out.
const jobs: readonly Job[] = [
  first,
  building(first, { heelIn: 150 }),
  building(first, { heelIn: 150, openings: [door] }),
  building(first, { heelIn: 150, openings: [{ ...door, widthIn: 120 }, window] }),
  building(first, { heelIn: 150, openings: [window, { ...door, widthIn: 120 }], bays: { mode: 'count', count: 5 } }),
  {
    ...building(first, { heelIn: 150, openings: [window], bays: { mode: 'hand', spacingsIn: [100, 92] } }),
    levels: { ...first.levels, readingsIn: { 'p-one': 50 } },
    site: { ...first.site, frostIn: 48 },
    sizing: { ...first.sizing, prices: { '2x6 at 8 ft. long': 9 } },
  },
  {
    ...building(first, { heelIn: 150, openings: [] }),
    levels: { ...first.levels, readingsIn: { 'p-one': 51, 'p-two': 52 } },
    sizing: { ...first.sizing, prices: { '2x6 at 8 ft. long': 10, 'a.b': 1 } },
  },
]
const stored = (kept: readonly number[]): StoredRevision[] =>
  jobs.map((job, i) => ({
    revision: i + 1,
    changes: i === 0 ? [] : diffPaths(jobs[i - 1], job),
    doc: kept.includes(i + 1) ? JSON.parse(JSON.stringify(job)) : null,
  }))

test.each(jobs.map((_, i) => i + 1))('revision %i reads back as it was, with only the last kept whole', (revision) =>
  expect(jobAt(stored([7]), revision)).toEqual({ ok: true, value: jobs[revision - 1] }),
)
test('the nearest kept document is enough: what is wrong after it does not matter', () => {
  const spoiled = stored([3, 7]).map((each) => (each.revision > 3 ? { ...each, changes: [], doc: 'spoiled' } : each))
  expect(jobAt(spoiled, 2)).toEqual({ ok: true, value: jobs[1] })
})
test.each([
  ['one after the last', 8, stored([7])],
  ['none kept', 2, stored([])],
  ['only earlier ones kept', 5, stored([2])],
])('refused: %s', (_, revision, revisions) =>
  expect(jobAt(revisions, revision)).toMatchObject({ ok: false, issues: [{ code: 'no-such-revision' }] }),
)
test('what was read backward and is no job is refused at its field', () => {
  const [one, two] = stored([2])
  const wrong = { ...two, changes: [{ path: 'building.heelIn', before: 'high', after: 150 }] }
  expect(jobAt([one, wrong], 1)).toMatchObject({ ok: false, issues: [{ path: ['building', 'heelIn'] }] })
})
