import { barnJob, opening } from '../testing/barn'
import type { Building } from '../model'
import { expectNear } from '../testing/near'
import { layOutGrid, spacesBetween } from './grid'
import { bindPosts, effectsOn, isBound, type PostDecision, settlePosts, type Standings, standingsOf } from './identity'
import { placePosts } from './posts'

// The reference barn: 64 × 40 ft, eight bays of 8 ft, gable posts every 10 ft at most.
let made = 0
const newId = () => `p-test${++made}`
const laid = (building: Building): Standings => {
  const standings = standingsOf(building)
  if (!standings) throw new Error('not laid out')
  return standings
}
const bound = (change: Partial<Building> = {}) => bindPosts(barnJob(change).building, null, { newId })
const rebound = (before: Building, change: Partial<Building>) =>
  bindPosts({ ...before, ...change }, laid(before), { newId })
const named = (building: Building, name: string) => {
  const post = laid(building).posts.find((each) => each.name === name)
  if (!post) throw new Error(`no ${name}`)
  return post
}
const idOf = (building: Building, name: string) => named(building, name).id
const atOf = (building: Building, id: string) => laid(building).posts.find((post) => post.id === id)?.atIn
const effects = (before: Building, after: Building, ids: readonly string[]) =>
  effectsOn(new Set(ids), laid(before), laid(after))
const decided = (before: Building, after: Building, decisions: Readonly<Record<string, PostDecision>>) => {
  const stood = { ...laid(before), building: before }
  const found = effectsOn(new Set(Object.keys(decisions)), stood, laid(after))
  const settled = settlePosts(after, stood, found, new Map(Object.entries(decisions)))
  return bindPosts(settled, stood, { newId })
}
const issuesOf = (building: Building) => {
  const grid = layOutGrid(building)
  return grid.ok ? placePosts(building, grid.value).issues.map((issue) => issue.code) : ['no grid']
}
const KEEP = { kind: 'keep' } as const
const GIVE = { kind: 'give up', reason: 'dug in the wrong place' } as const

describe('identities', () => {
  test('every place has one of its own, and binding again changes nothing', () => {
    const building = bound()
    const { posts } = laid(building)
    expect(isBound(building, laid(building))).toBe(true)
    expect(new Set(building.posts.map(({ id }) => id)).size).toBe(posts.length)
    expect(bindPosts(building, laid(building), { newId })).toBe(building)
  })
  test('they do not change with a size that moves every post', () => {
    const before = bound({ bays: { mode: 'count', count: 8 } })
    const after = rebound(before, { lengthIn: 800 })
    expect(after.posts.map(({ id }) => id)).toEqual(before.posts.map(({ id }) => id))
  })
  test('a post that goes and a post that comes later at the same place are two', () => {
    const before = bound()
    const gone = idOf(before, 'A9')
    const fewer = rebound(before, { bays: { mode: 'count', count: 7 } })
    const again = rebound(fewer, { bays: { mode: 'count', count: 8 } })
    expect(fewer.posts).toHaveLength(before.posts.length - 2)
    // The east corner stays the east corner through both: it is a line between that comes and goes.
    expect(idOf(fewer, 'A8')).toBe(gone)
    expect(idOf(again, 'A9')).toBe(gone)
    const others = new Set(before.posts.map(({ id }) => id))
    expect(again.posts.filter(({ id }) => !others.has(id))).toHaveLength(2)
  })
  test('a post that becomes the jamb of a door where it stands is the same post', () => {
    const before = bound()
    const at = named(before, 'A3').atIn
    const edge = at + 4.5 / 2
    const after = rebound(before, {
      openings: [opening({ kind: 'overhead', positionIn: edge, widthIn: 90, heightIn: 96, sillIn: 0 })],
    })
    expect(named(after, 'A3')).toMatchObject({ id: idOf(before, 'A3'), kind: 'jamb' })
  })
})

describe('what a change does to recorded posts', () => {
  const before = bound()
  const [a3, b1, corner] = ['A3', 'B1', 'A9'].map((name) => idOf(before, name))
  test.each<[string, Partial<Building>, readonly string[], readonly object[]]>([
    ['nothing by another heel', { heelIn: 180 }, [a3, b1, corner], []],
    [
      'moved by other bays',
      { bays: { mode: 'count', count: 6 } },
      [a3],
      [{ name: 'A3', kind: 'moved', keepable: true }],
    ],
    [
      'nothing where the line stays',
      { bays: { mode: 'count', count: 4 } },
      [idOf(before, 'A5')],
      [{ name: 'A5', kind: 'renamed', toName: 'A3' }],
    ],
    ['a corner moved by the length', { lengthIn: 800 }, [corner], [{ name: 'A9', kind: 'moved', byIn: 32 }]],
    [
      'a row that moves away cannot be kept',
      { widthIn: 500 },
      [idOf(before, 'E2')],
      [{ kind: 'moved', keepable: false }],
    ],
    [
      'dropped under a door',
      { openings: [opening({ kind: 'overhead', positionIn: 160, widthIn: 120, heightIn: 96, sillIn: 0 })] },
      [a3],
      [{ name: 'A3', kind: 'dropped' }],
    ],
    ['dropped where it is bridged', { bridged: [a3] }, [a3], [{ name: 'A3', kind: 'dropped' }]],
    ['nobody asks for posts without a record', { bays: { mode: 'count', count: 6 } }, [], []],
  ])('%s', (_, change, ids, expected) => {
    const found = effects(before, rebound(before, change), ids)
    expect(found).toHaveLength(expected.length)
    expect(found).toMatchObject(expected)
  })
})

describe('kept where it stood', () => {
  test('a line holds: six bays of 128 in. become two and four about the post at 192 in.', () => {
    const before = bound()
    const id = idOf(before, 'A3')
    const after = decided(before, rebound(before, { bays: { mode: 'count', count: 6 } }), { [id]: KEEP })
    const grid = layOutGrid(after)
    // Gaps of 192 and 576 in.: six bays always to the widest are 2 of 96 and 4 of 144.
    expect(grid.ok && [...grid.value.baysIn].map((bay) => Math.round(bay))).toEqual([96, 96, 144, 144, 144, 144])
    expectNear(atOf(after, id) ?? 0, 192, 1e-9)
    expect(named(after, 'A3').id).toBe(id)
    expect(issuesOf(after)).toEqual([])
    expect(effects(before, after, [id])).toEqual([])
  })
  test('both eaves stand on the kept line, so the truss is square', () => {
    const before = bound()
    const after = decided(before, rebound(before, { bays: { mode: 'count', count: 6 } }), {
      [idOf(before, 'A3')]: KEEP,
    })
    expectNear(named(after, 'E3').x, 192, 1e-9)
  })
  test('bays by a widest bay: the kept line splits the wall, each gap by the rule', () => {
    const before = bound({ bays: { mode: 'max', maxIn: 96 } })
    const id = idOf(before, 'A3')
    const after = decided(before, rebound(before, { bays: { mode: 'max', maxIn: 120 } }), { [id]: KEEP })
    const grid = layOutGrid(after)
    expect(grid.ok && grid.value.baysIn).toEqual([96, 96, 115.2, 115.2, 115.2, 115.2, 115.2])
  })
  test('bays by hand: the nearest line moves to the post', () => {
    const before = bound()
    const id = idOf(before, 'A3')
    const spacingsIn = [100, 100, 100, 100, 92, 92, 92, 92]
    const after = decided(before, rebound(before, { bays: { mode: 'hand', spacingsIn } }), { [id]: KEEP })
    const grid = layOutGrid(after)
    expect(grid.ok && grid.value.baysIn).toEqual([100, 92, 108, 100, 92, 92, 92, 92])
  })
  test('it keeps its name, and no other post bears it', () => {
    const before = bound()
    const id = idOf(before, 'A5')
    const after = decided(before, rebound(before, { bays: { mode: 'count', count: 4 } }), { [id]: KEEP })
    const names = laid(after).posts.map((post) => post.name)
    expect(named(after, 'A5').id).toBe(id)
    expect(new Set(names).size).toBe(names.length)
    // The east corner is the fifth post now; the name is taken.
    expect(names).toContain('A5b')
  })
  test('a gable post holds its own wall alone', () => {
    const before = bound()
    const id = idOf(before, 'C1')
    const after = decided(before, rebound(before, { gableMaxIn: 96 }), { [id]: KEEP })
    expectNear(atOf(after, id) ?? 0, 240, 1e-9)
    expect(spacesBetween([240], 480, 96)).toEqual([80, 160, 240, 320, 400])
    // Five equal spaces of 96 in. on the other wall: no post stands in its middle.
    expect(
      laid(after)
        .posts.filter((post) => post.side === 'east')
        .map((post) => post.atIn),
    ).toEqual([96, 192, 288, 384])
  })
  test('a jamb whose door moves away stays as a post of the wall', () => {
    const door = opening({ kind: 'overhead', positionIn: 150, widthIn: 96, heightIn: 96, sillIn: 0 })
    const before = bound({ openings: [door] })
    const id = idOf(before, 'J1')
    const after = decided(before, rebound(before, { openings: [{ ...door, positionIn: 400 }] }), { [id]: KEEP })
    expect(laid(after).posts.find((post) => post.id === id)).toMatchObject({
      name: 'J1',
      openingId: null,
      pinned: true,
    })
    expect(issuesOf(after)).toEqual([])
  })
  test.each<[string, Partial<Building>, string, string]>([
    [
      'a door stands there',
      { openings: [opening({ kind: 'overhead', positionIn: 160, widthIn: 120, heightIn: 96, sillIn: 0 })] },
      'A3',
      'post-cannot-stay',
    ],
    [
      'too near the end of a shorter wall',
      { lengthIn: 690, bays: { mode: 'count', count: 6 } },
      'A8',
      'kept-too-narrow',
    ],
    ['too wide a bay beside it', { lengthIn: 1000, bays: { mode: 'count', count: 2 } }, 'A3', 'kept-too-wide'],
  ])('refused: %s', (_, change, name, code) => {
    const before = bound()
    expect(issuesOf(decided(before, rebound(before, change), { [idOf(before, name)]: KEEP }))).toContain(code)
  })
})

test('a post past the new end of its wall cannot be kept: it would be dropped all the same', () => {
  const before = bound()
  const id = idOf(before, 'A8')
  const after = decided(before, rebound(before, { lengthIn: 600 }), { [id]: KEEP })
  expect(effects(before, after, [id])).toMatchObject([{ name: 'A8', kind: 'dropped' }])
})

test('given up: another post stands in its place, the reason with the record', () => {
  const before = bound()
  const id = idOf(before, 'A3')
  const after = decided(before, rebound(before, { bays: { mode: 'count', count: 6 } }), { [id]: GIVE })
  expect(after.givenUp).toEqual([
    { id, name: 'A3', xIn: 192, yIn: named(before, 'A3').y, formerNames: [], reason: 'dug in the wrong place' },
  ])
  expect(atOf(after, id)).toBeUndefined()
  expect(named(after, 'A3').id).not.toBe(id)
})

test('names are unique where rows run past J, S and X: 80 ft with gable posts every 3 ft, a door, a south lean-to', () => {
  const { leanTo } = { leanTo: barnJob().building.leanTos }
  const building = bound({
    widthIn: 960,
    gableMaxIn: 36,
    leanTos: leanTo,
    openings: [opening({ kind: 'overhead', positionIn: 150, widthIn: 96, heightIn: 96, sillIn: 0 })],
  })
  const names = laid(building).posts.map((post) => post.name)
  expect(new Set(names).size).toBe(names.length)
  expect(names).toContain('J1')
  expect(names.filter((name) => /^[IOJSX]\d/.test(name))).toEqual(['J1', 'J2'])
})

describe('whether a building is bound', () => {
  const whole = bound()
  const [first, ...rest] = whole.posts
  test.each([
    ['every place has its identity', whole.posts, true],
    ['a place is without one', rest, false],
    ['an identity is without a place', [...whole.posts, { ...first, id: 'p-more', place: 'line-99' }], false],
    ['an identity stands elsewhere', [{ ...first, place: 'line-99' }, ...rest], false],
    ['two identities have one place', [...rest, { ...rest[0], id: 'p-twin' }], false],
  ])('%s', (_, posts, wanted) => expect(isBound({ ...whole, posts }, laid(whole))).toBe(wanted))
})

test('a post of an end wall that moves along its wall may be kept', () => {
  const before = bound()
  const gables = laid(before).posts.filter((post) => post.string === 'east' && post.kind === 'gable')
  const found = effects(
    before,
    rebound(before, { gableMaxIn: 72 }),
    gables.map(({ id }) => id),
  )
  expect(found.length).toBeGreaterThan(0)
  expect(found.every(({ keepable }) => keepable)).toBe(true)
})
