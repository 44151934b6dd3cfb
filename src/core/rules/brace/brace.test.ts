import type { BraceLine } from '../../frame'
import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { heldAtFeet } from './case'
import { couple } from './couple'
import { pull } from './pull'
import { push } from './push'

const { building: barn } = barnJob()
const brace = (change: Partial<BraceLine> = {}): BraceLine => ({
  side: 'west',
  shearLb: 2000,
  bays: 2,
  bayIn: 96,
  heightIn: 96,
  alphaDeg: 45,
  lengthIn: 135.76,
  forceLb: 1414,
  coupleLb: 1000,
  between: 'A1–B1',
  ...change,
})
const given = (change: object = {}, line: Partial<BraceLine> = {}) => ({
  building: {
    ...barn,
    bracing: { ...barn.bracing, walls: 'x-boards', size: '2x6', lumber: 'SP-No.2', nails: 8, strapLb: null, ...change },
  } as typeof barn,
  brace: brace(line),
  gapIn: 24,
  held: { demandLb: 500, capacityLb: 2000 },
})

test('the board in tension, 600·1.6·8.25 = 7,920 lb, and its nails: the less of both holds it', () => {
  const check = pull(given({ nails: 60 }))
  expect(check.capacity).toBe(7920)
  const few = pull(given({ nails: 2 }))
  if (few.facts.kind !== 'boards') throw new Error(few.facts.kind)
  expect(few.capacity).toBe(few.facts.one.lateralLb * 2)
})
test.each([
  ['at its limit', { walls: 'straps', strapLb: 1414 }, {}, 'close'],
  ['a pound over', { walls: 'straps', strapLb: 1413 }, {}, 'fails'],
  ['a strap without a rating', { walls: 'straps' }, {}, 'not-checked'],
  ['60.5° still works', { walls: 'straps', strapLb: 3000 }, { alphaDeg: 60.5 }, 'holds'],
  ['steeper does not', { walls: 'straps', strapLb: 3000 }, { alphaDeg: 60.6 }, 'not-checked'],
  ['a lumber without values', { lumber: 'own-none' }, {}, 'not-checked'],
  ['a nail that is not on the list', { nail: 'none' }, {}, 'not-checked'],
])('pulled: %s', (_, change, line, state) => expect(pull(given(change, line)).state).toBe(state))

// Held at every girt: 24/sin 45° = 33.94 in., le/d 22.63; FcE 818.8, Fc* 2,240, α 0.3655, CP 0.8535 − √(0.7284 − 0.4569) = 0.3324:
// 1,400·1.6·0.3324·8.25 = 6,143 lb.
test('pushed, a single board held at girts 24 in. apart carries 6,143 lb', () => {
  const check = push(given({ walls: 'single-boards' }))
  expect(check?.facts.slenderness).toBeCloseTo(22.627, 3)
  expectNear(check?.capacity ?? 0, 6143, 1e-3)
})
// 66/2 = 33 in. free each way, over 1 1/2: 22.
test('held in its middle where girts stand farther apart, half its length is free', () =>
  expect(push({ ...given({ walls: 'single-boards' }, { lengthIn: 66 }), gapIn: 200 })?.facts.slenderness).toBeCloseTo(
    22,
    9,
  ))
test('held nowhere but in its middle it is too limber to push at all', () =>
  expect(push({ ...given({ walls: 'single-boards' }, { lengthIn: 160 }), gapIn: 200 })).toMatchObject({
    state: 'cannot-stand',
    why: 'slender',
  }))
test('X braces are never pushed', () => expect(push(given())).toBeNull())

test('the couple adds to the roof’s uplift: 500 + 1,000 of 2,000 lb', () =>
  expect(couple(given())).toMatchObject({ demand: 1500, capacity: 2000, ratio: 0.75, state: 'holds' }))
test.each([
  [2000, 1500, 'fails'],
  [500, 1500, 'close'],
  [-900, 2000, 'close'],
])('with %d lb of uplift and a couple of %d', (demandLb, coupleLb, state) =>
  expect(couple({ ...given({}, { coupleLb }), held: { demandLb, capacityLb: 2000 } })?.state).toBe(state),
)
test('straps lift their posts as boards do', () => expect(couple(given({ walls: 'straps' }))?.demand).toBe(1500))
test('what holds least at the feet of a wall is found by what is spare, not by strength', () => {
  const hole = (kind: string, demandLb: number, capacityLb: number) =>
    ({ kind, uplift: { demandLb: demandLb + 300, coupleLb: 300, capacityLb } }) as never
  expect(heldAtFeet([hole('eave', 0, 900), hole('corner', 1500, 2000)], ['eave', 'corner'])).toMatchObject({
    demandLb: 1500,
  })
  expect(heldAtFeet([hole('gable', 0, 900)], ['eave'])).toEqual({ demandLb: 0, capacityLb: 0 })
})
