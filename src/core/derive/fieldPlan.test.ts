import { measure } from '../field'
import { holeNeed } from '../frame'
import { columnHead, isOfPost } from '../sticks'
import { demo, demoOnPhone } from '../testing/demos'
import { record, said, setUp } from '../testing/records'
import { isFieldPlan, measuredSticks, pieceLengthIn, readPieces } from './index'

const NAMES = ['quillback', 'marl', 'tansy'] as const

/** Feet that were found deeper and higher than planned, post after post, on pads or brackets; rods on stakes besides. */
function feetAsRead(ids: readonly string[], pier: boolean) {
  const found = [0, 3.25, -2, 7.5, -5.125]
  const feet = Object.fromEntries(ids.map((id, i) => [id, 60 + (found[i % found.length] ?? 0)]))
  if (pier) return setUp('s', 0, null, feet)
  const stakes = setUp('s', 0, null, Object.fromEntries(ids.map((id) => [id, 52])))
  const pads = ids.map((target, i) =>
    record(ids.length + i + 1, { kind: 'reading', setup: 's', target, of: 'footing', inches: feet[target] ?? 0 }),
  )
  return [...stakes, ...pads]
}

describe.each(NAMES)('%s on a phone', (name) => {
  const { job, d } = demo(name)
  const plan = demoOnPhone(name)

  test('it comes through JSON as it went', () => {
    const told: unknown = JSON.parse(JSON.stringify(plan))
    expect(told).toEqual(plan)
    expect(isFieldPlan(told)).toBe(true)
  })

  test('it holds nothing of the customer, the prices or the loads', () =>
    expect(Object.keys(plan.job).sort()).toEqual([
      'building',
      'buying',
      'fieldwork',
      'ground',
      'levels',
      'name',
      'practice',
    ]))

  test('what is asked of each hole is what the office asks', () =>
    expect(plan.derived.needs).toEqual(
      Object.fromEntries(d.posts.flatMap(({ id }) => [[id, holeNeed(d, job, id)]].filter(([, need]) => need))),
    ))

  test('what is cut and bored at the head of a post is what the office has', () =>
    expect(Object.entries(plan.derived.columns).map(([id, { head }]) => [id, head])).toEqual(
      d.posts.map(({ id }) => [id, columnHead(job.building, d.columns[id])]),
    ))

  test.each([
    ['as planned', false],
    ['from feet as they were read', true],
  ])('cards and pieces are the office’s, %s', (_, read) => {
    const ids = d.posts.map(({ id }) => id)
    const { state, levels } = said(read ? feetAsRead(ids, job.building.school === 'pier') : [])
    const office = measure(job, d, state, levels)
    const phone = measure(plan.job, plan.derived, state, levels)
    expect(phone).toEqual(office)
    expect(office.asBuilt.some(({ measured }) => measured)).toBe(read)

    const foot = new Map(phone.asBuilt.map((built) => [built.id, built.footToGradeIn]))
    const lengths = readPieces(plan.pieces).flatMap((piece) => {
      const at = isOfPost(piece) ? (foot.get(piece.of ?? '') ?? null) : null
      const lengthIn = pieceLengthIn(plan.job, plan.derived, piece, at)
      return lengthIn === null ? [] : [[piece.id, lengthIn] as const]
    })
    const planned = new Map(measuredSticks(job, d, office).sticks.map(({ id, cutLengthIn }) => [id, cutLengthIn]))
    expect(lengths.length).toBeGreaterThan(100)
    for (const [id, lengthIn] of lengths) expect([id, lengthIn]).toEqual([id, expect.closeTo(planned.get(id) ?? 0, 9)])
  })
})

test.each([
  ['nothing', null],
  ['a job file', { format: 'burdock-job', version: 1 }],
  ['a plan of another build', { ...demoOnPhone('tansy'), version: 99 }],
  ['a word', 'plan'],
])('%s is no plan', (_, value) => expect(isFieldPlan(value)).toBe(false))
