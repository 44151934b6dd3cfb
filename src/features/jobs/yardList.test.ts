import type { JobSummary } from '../job'
import { shelfOf, shownJobs } from './yardList'

const job = (id: string, name: string, change: Partial<JobSummary> = {}, note = ''): JobSummary => ({
  id,
  revision: 1,
  name,
  note,
  units: 'us',
  widthIn: 360,
  lengthIn: 480,
  heelIn: 144,
  pitchPer12: 4,
  archived: false,
  deleted: false,
  createdAt: `2026-05-0${id}T08:00:00Z`,
  updatedAt: `2026-06-0${9 - Number(id)}T08:00:00Z`,
  ...change,
})
const jobs = [
  job('1', 'Barn 10'),
  job('2', 'barn 9', {}, 'by the creek'),
  job('3', 'Åkesson shed', { archived: true }),
  job('4', 'Old barn', { archived: true, deleted: true }),
]
const ids = (list: readonly JobSummary[]) => list.map(({ id }) => id).join('')

test.each([
  ['work', '', 'changed', '12'],
  ['work', '', 'made', '21'],
  ['work', '', 'name', '21'],
  ['work', 'BARN creek', 'changed', '2'],
  ['work', 'shed', 'changed', ''],
  ['away', '', 'name', '3'],
  ['thrown', 'old', 'name', '4'],
] as const)('on the shelf “%s”, looking for “%s”, by %s: %s', (shelf, find, sort, expected) =>
  expect(ids(shownJobs(jobs, { shelf, find, sort }))).toBe(expected),
)
test('a job that is thrown away is on no other shelf', () =>
  expect(jobs.map(shelfOf)).toEqual(['work', 'work', 'away', 'thrown']))
