import type { Job } from '@/core/model'
import { demo } from '@/core/testing/demos'
import { createJobStore } from './store'

// The store of an open job without an interface: edits, refusals, undo, and what keeps its identity so that it is not drawn again.
const { job } = demo('quillback')
const open = (present: Job = job) =>
  createJobStore(
    { id: 'j', revision: 3, doc: present, archived: false, createdAt: '', updatedAt: '2026-05-04T08:00:00Z' },
    present,
    'building',
  )
type Store = ReturnType<typeof open>
const settled = async (s: Store) => {
  for (let i = 0; i < 200 && s.getState().judged !== s.getState().history.present; i++)
    await new Promise((r) => setTimeout(r, 5))
  expect(s.getState().judged).toBe(s.getState().history.present)
}
const heel =
  (heelIn: number) =>
  (j: Job): Job => ({ ...j, building: { ...j.building, heelIn } })
const door =
  (by: number) =>
  (j: Job): Job => ({
    ...j,
    building: {
      ...j.building,
      openings: j.building.openings.map((o) => (o.kind === 'slider' ? { ...o, positionIn: o.positionIn + by } : o)),
    },
  })
const now = (s: Store) => s.getState().history.present.building.heelIn

describe('edits', () => {
  test.each<[string, (j: Job) => Job, RegExp | null]>([
    ['taken', heel(150), null],
    ['nothing changed', (j) => j, null],
    ['not a number', heel(NaN), /not-a-number|wrong-type/],
    ['absurd', heel(9e9), /too-large/],
    ['zero', heel(0), /too-small/],
    [
      'text',
      (j) => ({ ...j, building: { ...j.building, heelIn: '12 ft' as unknown as number } }),
      /not-a-number|wrong-type/,
    ],
    [
      'a door wider than its wall',
      (j) => ({ ...j, building: { ...j.building, openings: [{ ...j.building.openings[0], widthIn: 590 }] } }),
      /opening/,
    ],
    [
      'bays that do not close',
      (j) => ({ ...j, building: { ...j.building, bays: { mode: 'hand', spacingsIn: [100, 100] } } }),
      /bays-do-not-close/,
    ],
  ])('%s', (_, change, refused) => {
    const s = open()
    const before = s.getState()
    const issues = s.getState().edit('x', change)
    if (refused) {
      expect(issues.map((i) => i.code).join(' ')).toMatch(refused)
      expect(issues[0].path[0]).toBe('building')
      expect(s.getState().history).toBe(before.history)
      expect(s.getState().derived).toBe(before.derived)
    } else {
      expect(issues).toEqual([])
      expect(s.getState().history.present).toEqual(change(job))
    }
  })
  test('edits with one key are one undo until the gesture ends; undo and redo lead back and forth', async () => {
    const s = open()
    for (const h of [145, 146, 147]) s.getState().edit('heel', heel(h), 'g1')
    s.getState().done()
    s.getState().edit('heel', heel(150), 'g1')
    expect(s.getState().history.past.map((p) => p.label)).toEqual(['heel', 'heel'])
    s.getState().undo()
    expect(now(s)).toBe(147)
    s.getState().undo()
    expect(now(s)).toBe(144)
    s.getState().undo()
    expect(now(s)).toBe(144)
    s.getState().redo()
    s.getState().redo()
    s.getState().redo()
    expect(now(s)).toBe(150)
    await settled(s)
    expect(s.getState().derived.posts.find((p) => p.id === 'A2')?.heightIn).toBe(150)
  })
})

describe('the judgement follows the plan', () => {
  test('the plan is there at once, the checks when they come; both are those of the whole core', async () => {
    const s = open()
    s.getState().edit('heel', heel(180))
    expect(s.getState().derived.posts[0].heightIn).toBe(180)
    await settled(s)
    const whole = demo('quillback')
    expect(s.getState().derived.checks.map((c) => c.id)).toEqual(whole.d.checks.map((c) => c.id))
    expect(s.getState().derived.checks.find((c) => c.id === 'column-eave')?.ratio).toBeGreaterThan(
      whole.d.checks.find((c) => c.id === 'column-eave')?.ratio ?? 9,
    )
    s.getState().undo()
    await settled(s)
    expect(s.getState().derived.checks.map((c) => [c.id, c.ratio])).toEqual(whole.d.checks.map((c) => [c.id, c.ratio]))
    expect(s.getState().derived.tally).toEqual(whole.d.tally)
  })
  test('many edits in a row end on the judgement of the last', async () => {
    const s = open()
    for (let h = 145; h < 175; h++) s.getState().edit('heel', heel(h), 'g')
    await settled(s)
    const alone = open({ ...job, building: { ...job.building, heelIn: 174 } })
    expect(s.getState().derived.checks).toEqual(alone.getState().derived.checks)
  })
  test('ground that is measured lower is judged too, though nothing of the building changed', async () => {
    const { job: tansy } = demo('tansy')
    const s = open(tansy)
    const before = s.getState().derived.tally.fails
    s.getState().edit('spot', (j) => ({
      ...j,
      ground: { ...j.ground, spots: j.ground.spots.map((q) => (q.id === 'S1' ? { ...q, heightIn: -60 } : q)) },
    }))
    await settled(s)
    expect(s.getState().derived.tally.fails).toBeGreaterThan(before)
  })
  test('a reading typed is not a new building: nothing is judged again', async () => {
    const s = open()
    const { checks, holes } = s.getState().derived
    s.getState().edit('rod', (j) => ({ ...j, levels: { ...j.levels, readingsIn: { ...j.levels.readingsIn, A1: 54 } } }))
    await settled(s)
    expect(s.getState().derived.checks).toBe(checks)
    expect(s.getState().derived.holes).toBe(holes)
    expect(s.getState().derived.rods.offsets.A1.readingIn).toBe(54)
  })
})

describe('what did not change is the same object', () => {
  test('a dragged door leaves every post but its own, every other opening and every other wall as they were', async () => {
    const s = open()
    const before = s.getState().derived
    s.getState().edit('door', door(2), 'd')
    const after = s.getState().derived
    const moved = after.posts.filter((p, i) => p !== before.posts[i]).map((p) => p.kind)
    expect(new Set(moved)).toEqual(new Set(['jamb']))
    expect(after.placed.filter((o, i) => o !== before.placed[i])).toHaveLength(1)
    expect(['east', 'north', 'west'].map((k) => after.walls[k as 'east'] === before.walls[k as 'east'])).toEqual([
      true,
      true,
      true,
    ])
    expect(after.grid).toBe(before.grid)
    await settled(s)
    s.getState().edit('door', door(-2), 'd')
    await settled(s)
    expect(s.getState().derived.checks).toEqual(before.checks)
  })
  test('picking and going about change no number', () => {
    const s = open()
    const { derived, history } = s.getState()
    s.getState().pick({ post: 'A3' })
    s.getState().go('roof')
    expect(s.getState().derived).toBe(derived)
    expect(s.getState().history).toBe(history)
    expect(s.getState()).toMatchObject({ stage: 'roof', picked: { post: 'A3', mark: null } })
  })
})
