import fc from 'fast-check'
import { recordedPosts, withEnvelope } from '@/core/field'
import type { PostDecision } from '@/core/layout'
import type { Building, Job } from '@/core/model'
import { demo } from '@/core/testing/demos'
import { createJobStore } from './store'

// What a change of the plan may do to posts that have a record: nothing, unless it was asked and answered.
const quillback = demo('quillback').job
/** The honey house with no reading typed in the office. */
const barn: Job = { ...quillback, levels: { ...quillback.levels, readingsIn: {} } }
/** The honey house without its doors, seven lines of posts. */
const job: Job = { ...barn, building: { ...barn.building, openings: [], bays: { mode: 'count', count: 6 } } }
const open = (recorded: readonly string[], job: Job) => {
  const store = createJobStore(
    {
      id: 'j',
      revision: 1,
      doc: job,
      archived: false,
      deleted: false,
      createdAt: '',
      updatedAt: '2026-05-04T08:00:00Z',
    },
    job,
    'building',
  )
  const all = recorded.map((post, i) =>
    withEnvelope({
      id: `r${i}`,
      at: '2026-05-04T08:00:00Z',
      device: 'd',
      who: '',
      body: { kind: 'state', post, state: 'set' },
    }),
  )
  store.getState().set({ field: { all, voided: new Set() } })
  return store
}
type Store = ReturnType<typeof open>
const present = (store: Store) => store.getState().history.present
const placesOf = (store: Store) =>
  new Map(store.getState().derived.posts.map(({ id, name, x, y }) => [id, { name, x, y }]))
const building =
  (change: (building: Building) => Partial<Building>) =>
  (job: Job): Job => ({ ...job, building: { ...job.building, ...change(job.building) } })
const bays = (count: number) => building(() => ({ bays: { mode: 'count', count } }))
const idOf = (store: Store, name: string) =>
  store.getState().derived.posts.find((post) => post.name === name)?.id ?? 'none'
const KEEP: PostDecision = { kind: 'keep' }
const GIVE: PostDecision = { kind: 'give up', reason: 'the plan changed' }
const answer = (store: Store, decision: PostDecision) =>
  store.getState().decide(new Map(store.getState().asking?.effects.map(({ id }) => [id, decision])))

describe('a change that would move a recorded post', () => {
  const a3 = idOf(open([], job), 'A3')
  test('is not taken: it asks first, with the post named', () => {
    const store = open([a3], job)
    const before = present(store)
    const issues = store.getState().edit('bays', bays(5))
    expect(issues).toMatchObject([{ code: 'recorded-post', facts: { post: 'A3' } }])
    expect(present(store)).toBe(before)
    expect(store.getState().asking).toMatchObject({ open: true, label: 'bays', effects: [{ id: a3 }] })
    store.getState().leave()
    expect(store.getState().asking).toBeNull()
    expect(present(store)).toBe(before)
  })
  test('during a drag it is asked at its end, and not at all where the drag ends clear', () => {
    const store = open([a3], job)
    store.getState().edit('bays', bays(5), 'drag')
    expect(store.getState().asking?.open).toBe(false)
    store.getState().done()
    expect(store.getState().asking?.open).toBe(true)
    store.getState().leave()
    store.getState().edit('bays', bays(5), 'drag')
    store.getState().edit(
      'heel',
      building(() => ({ heelIn: 150 })),
      'drag',
    )
    store.getState().done()
    expect(store.getState().asking).toBeNull()
    expect(present(store).building.heelIn).toBe(150)
  })
  test('kept, it stands where it stood; undo brings the plan of before back, redo the kept one', () => {
    const store = open([a3], job)
    const where = placesOf(store).get(a3)
    store.getState().edit('bays', bays(5))
    expect(answer(store, KEEP)).toEqual([])
    const kept = present(store)
    expect(placesOf(store).get(a3)).toEqual(where)
    expect(kept.building.bays).toEqual({ mode: 'count', count: 5 })
    store.getState().undo()
    expect(present(store)).toEqual(job)
    store.getState().redo()
    expect(present(store)).toBe(kept)
    expect(store.getState().asking).toBeNull()
  })
  test('given up, its reason stands in the plan; undo brings it back to its place', () => {
    const store = open([a3], job)
    const where = placesOf(store).get(a3)
    store.getState().edit('bays', bays(5))
    expect(answer(store, GIVE)).toEqual([])
    expect(placesOf(store).has(a3)).toBe(false)
    expect(present(store).building.givenUp).toMatchObject([{ id: a3, name: 'A3', reason: 'the plan changed' }])
    store.getState().undo()
    expect(placesOf(store).get(a3)).toEqual(where)
    expect(present(store).building.givenUp).toEqual([])
    store.getState().redo()
    expect(store.getState().asking).toBeNull()
    expect(placesOf(store).has(a3)).toBe(false)
  })
  test('a record made after a change is asked about by its undo', () => {
    const store = open([], job)
    store.getState().edit('bays', bays(5))
    const moved = idOf(store, 'A3')
    const where = placesOf(store).get(moved)
    const record = withEnvelope({
      id: 'late',
      at: '2026-05-05T08:00:00Z',
      device: 'd',
      who: '',
      body: { kind: 'hole', post: moved, depthIn: 60, setup: null, bottomReadingIn: null, found: 'nothing', note: '' },
    })
    store.getState().set({ field: { all: [record], voided: new Set() } })
    store.getState().undo()
    expect(store.getState().asking).toMatchObject({ label: 'undo bays', effects: [{ id: moved, kind: 'moved' }] })
    expect(placesOf(store).get(moved)).toEqual(where)
  })
  test('a post that cannot stay is named, and nothing is taken', () => {
    const corner = idOf(open([], job), 'A7')
    const store = open([corner], job)
    store.getState().edit(
      'length',
      building((before) => ({ lengthIn: before.lengthIn - 96 })),
    )
    const before = present(store)
    expect(answer(store, KEEP)).toMatchObject([{ code: 'post-cannot-stay', facts: { post: 'A7' } }])
    expect(present(store)).toBe(before)
    expect(store.getState().asking).not.toBeNull()
  })
  test('names kept from printed paper go when it is printed anew, without a question', () => {
    const a7 = idOf(open([], job), 'A7')
    const store = open([a7], job)
    store.getState().edit(
      'length',
      building((before) => ({ lengthIn: before.lengthIn + 144 })),
    )
    expect(answer(store, KEEP)).toEqual([])
    expect(placesOf(store).get(a7)?.name).toBe('A7')
    store.getState().takeNames()
    expect(store.getState().asking).toBeNull()
    expect(present(store).building.posts.every((post) => post.keptName === null)).toBe(true)
  })
})

// Random changes, undos and redos over random records, each question answered at random: the place of a recorded post
// changes only where it was given up, and comes back with it.
const change = fc.oneof(
  fc.integer({ min: 2, max: 9 }).map((count) => bays(count)),
  fc.integer({ min: 48, max: 200 }).map((maxIn) => building(() => ({ bays: { mode: 'max', maxIn } }))),
  fc.integer({ min: 300, max: 1200 }).map((lengthIn) => building(() => ({ lengthIn }))),
  fc.integer({ min: 200, max: 700 }).map((widthIn) => building(() => ({ widthIn }))),
  fc.integer({ min: 40, max: 200 }).map((gableMaxIn) => building(() => ({ gableMaxIn }))),
  fc
    .constantFrom('3-2x6' as const, '3-2x8' as const, '6x6' as const)
    .map((section) => building((before) => ({ post: { ...before.post, section } }))),
  fc.tuple(fc.nat(3), fc.integer({ min: 0, max: 400 })).map(([i, positionIn]) =>
    building((before) => ({
      openings: before.openings.map((opening, k) => (k === i ? { ...opening, positionIn } : opening)),
    })),
  ),
  fc.constant(building(() => ({ openings: [] }))),
  fc.nat(20).map((i) => building((before) => ({ bridged: before.posts.slice(i, i + 1).map((post) => post.id) }))),
)
type Step = { readonly kind: 'edit'; readonly change: (job: Job) => Job } | { readonly kind: 'undo' | 'redo' }
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 4, arbitrary: change.map((change) => ({ kind: 'edit' as const, change })) },
  { weight: 1, arbitrary: fc.constant({ kind: 'undo' as const }) },
  { weight: 1, arbitrary: fc.constant({ kind: 'redo' as const }) },
)
const choice = fc.constantFrom('keep', 'give up', 'leave', 'some')

test('no edit, undo or redo changes the place of a recorded post unless it was asked (property)', () => {
  let asked = 0
  let kept = 0
  fc.assert(
    fc.property(
      fc.array(fc.nat(28), { minLength: 1, maxLength: 8 }),
      fc.array(fc.tuple(step, choice), { minLength: 3, maxLength: 14 }),
      (indexes, steps) => {
        const all = placesOf(open([], barn))
        const recorded = [...new Set(indexes.map((i) => [...all.keys()][i % all.size]))]
        const store = open(recorded, barn)
        const where = new Map(recorded.map((id) => [id, all.get(id)]))
        for (const [each, how] of steps) {
          const before = placesOf(store)
          if (each.kind === 'edit') store.getState().edit('x', each.change)
          else if (each.kind === 'undo') store.getState().undo()
          else store.getState().redo()
          const { asking } = store.getState()
          if (asking) {
            asked++
            expect(placesOf(store)).toEqual(before)
            if (how === 'leave') store.getState().leave()
            else {
              const decisions = asking.effects.map(({ id, keepable }, i): [string, PostDecision] => [
                id,
                how === 'give up' || !keepable || (how === 'some' && i % 2) ? GIVE : KEEP,
              ])
              if (store.getState().decide(new Map(decisions)).length > 0) store.getState().leave()
              else kept++
            }
          }
          const now = placesOf(store)
          for (const [id, place] of where) {
            const stands = now.get(id)
            if (stands) {
              expect(Math.hypot(stands.x - (place?.x ?? 0), stands.y - (place?.y ?? 0))).toBeLessThan(1 / 32)
              expect(stands.name).toBe(place?.name)
            } else expect(present(store).building.givenUp.map((post) => post.id)).toContain(id)
          }
          const names = [...now.values()].map((post) => post.name)
          expect(new Set(names).size).toBe(names.length)
          expect(recordedPosts(store.getState().field, {}).size).toBe(recorded.length)
        }
      },
    ),
    { numRuns: 30 },
  )
  // The property is about questions: there were some, and some were answered.
  expect(asked).toBeGreaterThan(30)
  expect(kept).toBeGreaterThan(10)
})
