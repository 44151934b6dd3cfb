import { record, said } from '../testing/records'
import type { CureClock } from './holeLog'
import { type Footing, heldOn, holdOf, INSPECTIONS, isPassed, POST_STATES, type PostState, type RecordBody } from '.'

const cure = (may: readonly string[], next: CureClock['next'] = null): CureClock => ({
  hours: 1,
  matureHours: 1,
  may,
  next,
  cautions: [],
  say: '',
})
const sound: Footing = { hasConcrete: true, verdict: null, isDug: true, cure: cure(['stand a post on it']) }
const state = (...bodies: RecordBody[]) => said(bodies.map((body, i) => record(i, body))).state
const lines = { kind: 'lines' as const, reference: 'ticket', marked: '2026-05-04' }
const at = (post: string, ...states: PostState[]) =>
  states.map((each) => ({ kind: 'state' as const, post, state: each }))
const sign = (inspection: (typeof INSPECTIONS)[number], passed = true, posts = ['A']) => ({
  kind: 'sign' as const,
  inspection,
  posts,
  passed,
  seen: 'looked at',
  name: 'an inspector',
})

test.each<[string, PostState, RecordBody[], Partial<Footing>, string | null]>([
  ['a hole before buried lines are marked', 'hole dug', [], {}, 'lines'],
  ['a hole after', 'hole dug', [lines], {}, null],
  ['concrete in a hole nobody measured', 'footing ready', at('A', 'hole dug'), { isDug: false }, 'depth'],
  [
    'concrete on what was found',
    'footing ready',
    [...at('A', 'hole dug'), sign('footing')],
    { verdict: { state: 'stop', depthIn: 48, say: 'Water', note: null, remedies: [] } },
    'stop',
  ],
  ['concrete before the inspection', 'footing ready', at('A', 'hole dug'), {}, 'inspection'],
  ['concrete after it', 'footing ready', [...at('A', 'hole dug'), sign('footing')], {}, null],
  ['after one that did not pass', 'footing ready', [...at('A', 'hole dug'), sign('footing', false)], {}, 'inspection'],
  ['after another post’s', 'footing ready', [...at('A', 'hole dug'), sign('footing', true, ['B'])], {}, 'inspection'],
  ['a post on concrete not poured', 'set', at('A', 'cut'), { cure: null }, 'pour'],
  ['a post on fresh concrete', 'set', at('A', 'cut'), { cure: cure([]) }, 'cure'],
  ['a post on concrete of a day', 'set', at('A', 'cut'), {}, null],
  ['a post where no concrete is planned', 'set', at('A', 'cut'), { hasConcrete: false, cure: null }, null],
  ['a brace a day after the pour', 'braced', at('A', 'set'), {}, 'cure'],
  ['a set before a cut', 'set', at('A', 'footing ready'), {}, 'order'],
  ['called inspected without one', 'inspected', at('A', 'braced'), {}, 'inspection'],
  ['with one of two', 'inspected', [...at('A', 'braced'), sign('set')], {}, 'inspection'],
  ['with both', 'inspected', [...at('A', 'braced'), sign('set'), sign('braced')], {}, null],
])('%s (%s): held by', (_, next, bodies, footing, why) =>
  expect(holdOf('A', next, state(...bodies), { ...sound, ...footing })?.why ?? null).toBe(why),
)

test('a lead’s reason lets one step of one post go on, and no other', () => {
  const now = state({ kind: 'override', post: 'A', state: 'hole dug', reason: 'no lines within a mile' })
  expect(holdOf('A', 'hole dug', now, sound)).toBeNull()
  expect(holdOf('B', 'hole dug', now, sound)).toEqual({ why: 'lines' })
  expect(holdOf('A', 'footing ready', now, sound)).not.toBeNull()
})
test('nothing at all is true of a new post: every step is held', () => {
  const footing = { hasConcrete: true, verdict: null, isDug: false, cure: null }
  for (const next of POST_STATES.slice(1)) expect(holdOf('A', next, state(), footing)).not.toBeNull()
})
test('the newest inspection of a post counts', () => {
  expect(isPassed(state(sign('set', false), sign('set')), 'A', 'set')).toBe(true)
  expect(isPassed(state(sign('set'), sign('set', false)), 'A', 'set')).toBe(false)
})
test('how long concrete still takes is said where it is known', () => {
  const young = cure([], { what: 'stand a post on it', inHours: 7 })
  expect(holdOf('A', 'set', state(...at('A', 'cut')), { ...sound, cure: young })).toEqual({
    why: 'cure',
    what: 'stand a post on it',
    inHours: 7,
  })
  const cold = cure([], { what: 'stand a post on it', inHours: Infinity })
  expect(holdOf('A', 'set', state(...at('A', 'cut')), { ...sound, cure: cold })).toMatchObject({ inHours: null })
})

test('on the way over several steps each one is asked, but not for the one before it; back it goes by itself', () => {
  const bare = { hasConcrete: true, verdict: null, isDug: false, cure: null }
  const held = heldOn({ id: 'A', state: 'planned' }, 'set', state(), bare)
  expect(held.map(({ state: step, hold }) => [step, hold.why])).toEqual([
    ['hole dug', 'lines'],
    ['footing ready', 'depth'],
    ['set', 'pour'],
  ])
  expect(heldOn({ id: 'A', state: 'set' }, 'planned', state(), bare)).toEqual([])
})
