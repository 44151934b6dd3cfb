import type { Job } from '@/core/model'
import { demo } from '@/core/testing/demos'
import { idNamed } from '@/core/testing/named'
import { createJobStore } from './store'

// The store of an open job without an interface: edits, refusals, undo, and what keeps its identity so that it is not
// drawn again.
const quillback = demo('quillback').job
/** With no reading typed in the office: a reading would have every move of its post asked about. */
const job: Job = { ...quillback, levels: { ...quillback.levels, readingsIn: {} } }
const open = (present: Job = job) =>
  createJobStore(
    {
      id: 'j',
      revision: 3,
      doc: present,
      archived: false,
      deleted: false,
      createdAt: '',
      updatedAt: '2026-05-04T08:00:00Z',
    },
    present,
    'building',
  )
type Store = ReturnType<typeof open>
const settled = async (store: Store) => {
  for (let i = 0; i < 200 && store.getState().judged !== store.getState().history.present; i++)
    await new Promise((r) => setTimeout(r, 5))
  expect(store.getState().judged).toBe(store.getState().history.present)
}
const heel =
  (heelIn: number) =>
  (job: Job): Job => ({ ...job, building: { ...job.building, heelIn } })
const door =
  (by: number) =>
  (job: Job): Job => ({
    ...job,
    building: {
      ...job.building,
      openings: job.building.openings.map((opening) =>
        opening.kind === 'slider' ? { ...opening, positionIn: opening.positionIn + by } : opening,
      ),
    },
  })
const now = (store: Store) => store.getState().history.present.building.heelIn

describe('edits', () => {
  test.each<[string, (job: Job) => Job, RegExp | null]>([
    ['taken', heel(150), null],
    ['nothing changed', (job) => job, null],
    ['not a number', heel(NaN), /not-finite/],
    ['absurd', heel(9e9), /too-large/],
    ['zero', heel(0), /too-small/],
    [
      'text',
      (job) => ({ ...job, building: { ...job.building, heelIn: '12 ft' as unknown as number } }),
      /not-a-number|wrong-type/,
    ],
    [
      'a door wider than its wall',
      (job) => ({ ...job, building: { ...job.building, openings: [{ ...job.building.openings[0], widthIn: 590 }] } }),
      /opening/,
    ],
    [
      'bays that do not close',
      (job) => ({ ...job, building: { ...job.building, bays: { mode: 'hand', spacingsIn: [100, 100] } } }),
      /bays-do-not-close/,
    ],
  ])('%s', (_, change, refused) => {
    const store = open()
    const before = store.getState()
    const issues = store.getState().edit('x', change)
    if (refused) {
      expect(issues.map((issue) => issue.code).join(' ')).toMatch(refused)
      expect(issues[0].path[0]).toBe('building')
      expect(store.getState().history).toBe(before.history)
      expect(store.getState().derived).toBe(before.derived)
    } else {
      expect(issues).toEqual([])
      expect(store.getState().history.present).toEqual(change(job))
    }
  })
  test('edits with one key are one undo until the gesture ends; undo and redo lead back and forth', async () => {
    const store = open()
    for (const h of [145, 146, 147]) store.getState().edit('heel', heel(h), 'g1')
    store.getState().done()
    store.getState().edit('heel', heel(150), 'g1')
    expect(store.getState().history.past.map((step) => step.label)).toEqual(['heel', 'heel'])
    store.getState().undo()
    expect(now(store)).toBe(147)
    store.getState().undo()
    expect(now(store)).toBe(144)
    store.getState().undo()
    expect(now(store)).toBe(144)
    store.getState().redo()
    store.getState().redo()
    store.getState().redo()
    expect(now(store)).toBe(150)
    await settled(store)
    expect(store.getState().derived.posts.find((post) => post.name === 'A2')?.heightIn).toBe(150)
  })
})

describe('the judgement follows the plan', () => {
  test('the plan is there at once, the checks when they come; both are those of the whole core', async () => {
    const store = open()
    store.getState().edit('heel', heel(180))
    expect(store.getState().derived.posts[0].heightIn).toBe(180)
    await settled(store)
    const whole = demo('quillback')
    expect(store.getState().derived.checks.map((check) => check.id)).toEqual(whole.d.checks.map((check) => check.id))
    expect(store.getState().derived.checks.find((check) => check.id === 'column-eave')?.ratio).toBeGreaterThan(
      whole.d.checks.find((check) => check.id === 'column-eave')?.ratio ?? 9,
    )
    store.getState().undo()
    await settled(store)
    expect(store.getState().derived.checks.map((check) => [check.id, check.ratio])).toEqual(
      whole.d.checks.map((check) => [check.id, check.ratio]),
    )
    expect(store.getState().derived.tally).toEqual(whole.d.tally)
  })
  test('many edits in a row end on the judgement of the last', async () => {
    const store = open()
    for (let h = 145; h < 175; h++) store.getState().edit('heel', heel(h), 'g')
    await settled(store)
    const alone = open({ ...job, building: { ...job.building, heelIn: 174 } })
    expect(store.getState().derived.checks).toEqual(alone.getState().derived.checks)
  })
  test('ground that is measured lower is judged too, though nothing of the building changed', async () => {
    const { job: tansy } = demo('tansy')
    const store = open(tansy)
    const before = store.getState().derived.tally.fails
    store.getState().edit('spot', (job) => ({
      ...job,
      ground: {
        ...job.ground,
        spots: job.ground.spots.map((spot) => (spot.id === 'S1' ? { ...spot, heightIn: -60 } : spot)),
      },
    }))
    await settled(store)
    expect(store.getState().derived.tally.fails).toBeGreaterThan(before)
  })
  test('a reading typed is not a new building: nothing is judged again', async () => {
    const store = open()
    const { checks, holes, posts } = store.getState().derived
    const a1 = idNamed(posts, 'A1')
    store
      .getState()
      .edit('rod', (job) => ({ ...job, levels: { ...job.levels, readingsIn: { ...job.levels.readingsIn, [a1]: 54 } } }))
    await settled(store)
    expect(store.getState().derived.checks).toBe(checks)
    expect(store.getState().derived.holes).toBe(holes)
    expect(store.getState().derived.rods.offsets[a1].readingIn).toBe(54)
  })
})

describe('what did not change is the same object', () => {
  test('a dragged door leaves every post but its own, every other opening and every other wall as they were', async () => {
    const store = open()
    const before = store.getState().derived
    store.getState().edit('door', door(2), 'd')
    const after = store.getState().derived
    const moved = after.posts.filter((post, i) => post !== before.posts[i]).map((post) => post.kind)
    expect(new Set(moved)).toEqual(new Set(['jamb']))
    expect(after.placed.filter((placed, i) => placed !== before.placed[i])).toHaveLength(1)
    expect(
      ['east', 'north', 'west'].map((text) => after.walls[text as 'east'] === before.walls[text as 'east']),
    ).toEqual([true, true, true])
    expect(after.grid).toBe(before.grid)
    await settled(store)
    store.getState().edit('door', door(-2), 'd')
    await settled(store)
    expect(store.getState().derived.checks).toEqual(before.checks)
  })
  test('picking and going about change no number', () => {
    const store = open()
    const { derived, history } = store.getState()
    store.getState().pick({ post: 'A3' })
    store.getState().go('roof')
    expect(store.getState().derived).toBe(derived)
    expect(store.getState().history).toBe(history)
    expect(store.getState()).toMatchObject({ stage: 'roof', picked: { post: 'A3', mark: null } })
  })
})
