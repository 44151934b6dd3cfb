import { demo } from '../testing/demos'
import { editsFor } from './edits'

const { job } = demo('quillback')
const key = { member: 'post', rule: 'bending', place: '' } as never
const gable = (gableMaxIn: number) =>
  editsFor({ ...job, building: { ...job.building, gableMaxIn } }, { key }).find((edit) => edit.key === 'gable')

// Under 6 ft gable posts come no closer: the next step would crowd them.
test.each([
  [96, 72],
  [73, 55],
  [72, null],
  [60, null],
])('gable posts at most %d in. apart: closer by a quarter, or not at all', (now, then) =>
  expect(gable(now)?.job.building.gableMaxIn ?? null).toBe(then),
)
