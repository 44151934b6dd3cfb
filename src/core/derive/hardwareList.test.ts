import { newBuying } from '../model'
import { type Fastener, type Join, skinScrews } from '../sticks'
import { demo } from '../testing/demos'
import { hardwareList, jointList, nailLb } from './hardwareList'
import { jobSticks } from './jobSticks'

const join = (fastener: Fastener, count: number): Join => ({
  kind: 'girt to post',
  stick: 'a',
  to: 'b',
  atIn: 0,
  upIn: null,
  fastener,
  count,
})
const listOf = (joins: readonly Join[], change: object = {}) => hardwareList(joins, 0, { ...newBuying(), ...change })

// A 16d common nail, 0.162 by 3 1/2 in.: π/4·0.162²·3.5 = 0.07214 in³ of steel at 0.284, heads 4 %: 47 to the pound.
test('nails to the pound', () => expect(1 / nailLb('16d-common')).toBeCloseTo(46.93, 1))
test('nails are ordered by the box: a thousand of 16d and a twentieth to spare weigh 22.4 lb, five boxes of 5', () =>
  expect(listOf([join({ by: 'nail', nail: '16d-common' }, 1000)])).toMatchObject([
    { what: '16d common 0.162 × 3.5', needed: 1000, pounds: 25, boxes: 5, order: 5 * 234 },
  ]))
test('hangers: a twentieth more, and two at least', () => {
  expect(listOf([join({ by: 'hanger' }, 40)])[0]).toMatchObject({ needed: 40, order: 42 })
  expect(listOf([join({ by: 'hanger' }, 100)])[0]).toMatchObject({ needed: 100, order: 105 })
  expect(listOf([join({ by: 'hanger' }, 4)])[0]).toMatchObject({ needed: 4, order: 6 })
})
// 1,000 of 16d and 400 to spare weigh 29.8 lb: six boxes of 5. Without any, 21.3 lb: five.
test('an item is bought to spare by its own rule where it has one, none too; the others by theirs', () => {
  const spares = { ...newBuying().spares, own: { 'hanger for 2×6': 10, '16d common 0.162 × 3.5': 400, tie: 0 } }
  const joins = [
    join({ by: 'hanger', fits: '2×6' }, 40),
    join({ by: 'hanger', fits: '2×8' }, 40),
    join({ by: 'tie' }, 40),
    join({ by: 'nail', nail: '16d-common' }, 1000),
  ]
  expect(listOf(joins, { spares }).map(({ what, spare, order, boxes }) => [what, spare, boxes ?? order])).toEqual([
    ['16d common 0.162 × 3.5', 400, 6],
    ['hanger for 2×6', 10, 50],
    ['hanger for 2×8', 2, 42],
    ['tie', 0, 40],
  ])
})
test('bolts of one diameter are told apart by their length', () =>
  expect(
    listOf([
      join({ by: 'bolt', diameterIn: 0.625, lengthIn: 8.5 }, 4),
      join({ by: 'bolt', diameterIn: 0.625, lengthIn: 10 }, 4),
    ]).map(({ what, item }) => [what, item]),
  ).toEqual([
    ['bolt 5/8 × 8 1/2', 'bolt 5/8'],
    ['bolt 5/8 × 10', 'bolt 5/8'],
  ]))
test('ties are told apart by what they hold down, hangers and brackets by what they are made for', () =>
  expect(
    listOf([
      { ...join({ by: 'tie' }, 4), kind: 'truss to post' },
      { ...join({ by: 'tie' }, 2), kind: 'truss to carrier' },
      { ...join({ by: 'tie' }, 40), kind: 'purlin to rafter' },
      { ...join({ by: 'hanger', fits: '2 of 2×6, sloped' }, 8), kind: 'rafter to ledger' },
      { ...join({ by: 'bracket', fits: '3-ply 2×6' }, 5), kind: 'post to bracket' },
    ]).map(({ what, item, needed }) => [what, item, needed]),
  ).toEqual([
    ['hanger for 2 of 2×6, sloped', 'hanger', 8],
    ['post bracket for 3-ply 2×6', 'post bracket', 5],
    ['purlin tie', 'tie', 40],
    ['truss tie', 'tie', 6],
  ]))
test('joints of one kind and fastener are counted together', () =>
  expect(jointList([join({ by: 'tie' }, 1), join({ by: 'tie' }, 2), join({ by: 'hanger' }, 1)])).toEqual([
    { joint: 'girt to post', fastener: 'tie', each: 2, joints: 2, total: 3 },
    { joint: 'girt to post', fastener: 'hanger', each: 1, joints: 1, total: 1 },
  ]))
test('screws stand at the start of a board and at every space', () => {
  const { job, d } = demo('marl')
  const [purlin] = jobSticks(job, d).sticks.filter(({ kind }) => kind === 'purlin')
  // 9 in. apart: a board of 108 in. takes thirteen.
  expect(skinScrews([{ ...purlin, cutLengthIn: 108 }], 9)).toBe(13)
})
test.each(['quillback', 'tansy', 'marl'] as const)('%s: everything that holds it is on the list', (name) => {
  const { job, d } = demo(name)
  const { joins } = jobSticks(job, d)
  expect(joins.filter(({ count }) => count <= 0)).toEqual([])
  const needed = d.takeoff.hardware.filter(({ item }) => item !== 'screw').reduce((sum, line) => sum + line.needed, 0)
  expect(needed).toBe(joins.reduce((sum, { count }) => sum + count, 0))
  for (const line of d.takeoff.hardware) expect(line.order).toBeGreaterThanOrEqual(line.needed)
})
