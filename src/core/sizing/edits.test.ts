import { deriveJob } from '../derive'
import type { Job } from '../model'
import { opening } from '../testing/barn'
import { demo } from '../testing/demos'
import { editsFor } from './edits'

const { job } = demo('quillback')
const key = { key: { member: 'post', rule: 'bending', place: '' } as never, subjects: [] }
const gable = (gableMaxIn: number) =>
  editsFor({ ...job, building: { ...job.building, gableMaxIn } }, key).find((edit) => edit.key === 'gable')

// Under 6 ft gable posts come no closer: the next step would crowd them.
test.each([
  [96, 72],
  [73, 55],
  [72, null],
  [60, null],
])('gable posts at most %d in. apart: closer by a quarter, or not at all', (now, then) =>
  expect(gable(now)?.job.building.gableMaxIn ?? null).toBe(then),
)

const edits = (member: string, rule: string, change: object = {}) =>
  editsFor(
    { ...job, building: { ...job.building, ...change } },
    { key: { member, rule, place: '' } as never, subjects: [] },
  )
test('a hole whose width was set may be left to Burdock, one that is left to it may not', () => {
  const auto = (holeDiameterIn: number | null) =>
    edits('hole', 'sideways', { holeDiameterIn }).find((edit) => edit.key === 'auto')?.job.building.holeDiameterIn
  expect([auto(24), auto(null)]).toEqual([null, undefined])
})
test('bolts go up by one and two, to twelve', () => {
  const counts = (count: number) =>
    edits('truss', 'bolts', { joints: { ...job.building.joints, truss: { ...job.building.joints.truss, count } } })
      .filter((edit) => edit.key.startsWith('count-'))
      .map((edit) => edit.job.building.joints.truss.count)
  expect([counts(4), counts(10), counts(11), counts(12)]).toEqual([[5, 6], [11, 12], [12], []])
})
test('a brace gets two or four nails more, and says so', () => {
  const { bracing } = job.building
  const nails = edits('brace', 'pull').filter((edit) => edit.key.startsWith('nails-'))
  expect(nails.map((edit) => [edit.job.building.bracing.nails, edit.detail])).toEqual(
    [2, 4].map((more) => [bracing.nails + more, `${bracing.nails + more} at each end`]),
  )
})
test('for two holes too near each other: one moved away, or one common footing under both', () => {
  const jamb = opening({
    id: 'op-9',
    kind: 'overhead',
    side: 'south',
    corner: 'SW',
    positionIn: 40,
    widthIn: 120,
    heightIn: 96,
  })
  const near: Job = { ...job, building: { ...job.building, openings: [jamb], leanTos: [] } }
  const judged = deriveJob(near)
  if (!judged.ok) throw new Error(judged.issues[0]?.code)
  const check = judged.value.checks.find(({ id }) => id === 'holes-apart')
  expect(check).toMatchObject({ state: 'fails' })
  const found = check ? editsFor(near, check) : []
  expect(found.map(({ label }) => label)).toEqual(expect.arrayContaining(['Opening moved', 'One common footing']))
  const after = (label: string) =>
    found
      .filter((each) => each.label === label)
      .map((each) => {
        const result = deriveJob(each.job)
        return result.ok ? result.value.checks.find(({ id }) => id === 'holes-apart')?.state : 'refused'
      })
  // Far enough away there is earth between them; on one footing there is nothing left to judge here.
  expect(after('Opening moved')).toEqual(expect.arrayContaining(['holds']))
  expect(after('One common footing')).toEqual(['not-checked'])
})
