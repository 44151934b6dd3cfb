import { deriveJob, jobSticks } from '../derive'
import { turnOf } from '../geometry'
import type { Job } from '../model'
import { demo } from '../testing/demos'
import { barnJob } from '../testing/barn'
import { cutBy, PLAN, seenOn, type View } from './projection'

function sticksOf(job: Job) {
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error('no building')
  return jobSticks(job, derived.value).sticks
}
const ACROSS: View = { at: [0, 0, 0], right: [0, 1, 0], up: [0, 0, 1], toward: [1, 0, 0] }
const ALONG: View = { at: [0, 0, 0], right: [1, 0, 0], up: [0, 0, 1], toward: [0, -1, 0] }

const jobs = [demo('quillback').job, demo('marl').job, demo('tansy').job, barnJob()]
test.each(jobs.map((job) => [job.name, sticksOf(job)] as const))('%s: what is nearer is drawn later', (_, sticks) => {
  for (const view of [PLAN, ACROSS, ALONG]) {
    const seen = seenOn(view, sticks)
    expect(seen).toHaveLength(sticks.length)
    for (let i = 1; i < seen.length; i++) expect(seen[i].nearIn).toBeGreaterThanOrEqual(seen[i - 1].nearIn)
  }
})

// A square board that lies level along the view shows its length and its depth, whatever else is in the building.
test('girts of the south wall show as long and as deep as they are', () => {
  const girts = sticksOf(demo('quillback').job).filter(
    ({ kind, place, ends, cuts }) =>
      kind === 'girt' && place.side === 'south' && cuts.length === 0 && ends.every(({ cut }) => cut === 'square'),
  )
  expect(girts.length).toBeGreaterThan(10)
  for (const { stick, pieces } of seenOn(ALONG, girts)) {
    const area = pieces.reduce((sum, piece) => sum + turnOf(piece) / 2, 0)
    expect(area).toBeCloseTo(stick.cutLengthIn * stick.board.depthIn, 3)
  }
})

test('a cut square to a level board is its section: width times depth', () => {
  const purlins = sticksOf(demo('quillback').job).filter(
    ({ kind, place }) => kind === 'purlin' && place.part === 'main',
  )
  const cut = cutBy({ ...ACROSS, at: [100, 0, 0] }, purlins)
  expect(cut.length).toBeGreaterThanOrEqual(20)
  for (const { stick, pieces } of cut)
    expect(pieces.reduce((sum, piece) => sum + turnOf(piece) / 2, 0)).toBeCloseTo(
      stick.board.widthIn * stick.board.depthIn,
      3,
    )
})
test('what the paper does not reach is not cut', () =>
  expect(cutBy({ ...ACROSS, at: [-500, 0, 0] }, sticksOf(demo('quillback').job))).toEqual([]))
