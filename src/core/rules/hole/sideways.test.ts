import type { LateralCase, LateralNeed } from '../../frame'
import { sideways } from './sideways'

const actions = { shearLb: 500, momentFtLb: 1500, name: 'wind in', moveIn: 0 } as LateralCase
const need = (neededFt: number | null, slopedFt = neededFt): LateralNeed => ({
  actions,
  load: { shearLb: 500, momentFtLb: 1500, bFt: 0.53, lateralPsfPerFt: 300 },
  constrained: false,
  depthFreeFt: neededFt,
  depthSlabFt: 2,
  neededFt,
  slopedFt,
})
const given = (change: {
  readonly lateral?: LateralNeed | null
  readonly school?: 'pad' | 'pier'
  readonly shearLb?: number
  readonly relied?: 'frames alone' | 'roof checked'
  readonly knee?: boolean
  readonly falling?: readonly string[]
}) => ({
  hole: {
    kind: 'eave' as const,
    postIds: ['A2', 'A3'],
    depthIn: 60,
    embedIn: 48,
    diameterIn: 18,
    lateral: change.lateral === undefined ? need(3.6) : change.lateral,
    governing: {
      lateral: { id: 'A3', name: 'A3' },
      bearing: { id: 'A2', name: 'A2' },
      uplift: { id: 'A2', name: 'A2' },
    },
  },
  lateral: {
    relied: change.relied ?? 'roof checked',
    lacks: null,
    knee: change.knee ?? false,
    falling: change.falling ?? [],
    cases: Object.fromEntries(['A2', 'A3'].map((id) => [id, [{ ...actions, shearLb: change.shearLb ?? 500 }]])),
  },
  building: { school: change.school ?? 'pad' } as const,
  wind: { trace: [] },
  soil: { bearingPsf: 2000, lateralPsfPerFt: 150, source: 'IBC 2021 Table 1806.2' } as never,
  doubled: true,
  slopePer12: 0,
})

test('3.6 ft asked of 48 in. in the ground: 3.6/4 = 0.9 is close, and the post that asks stands first', () =>
  expect(sideways(given({}))).toMatchObject({
    demand: 3.6,
    capacity: 4,
    ratio: 0.9,
    state: 'close',
    subjects: ['A3', 'A2'],
  }))
test.each([
  ['all the depth there is', need(4), 'pad', 'close'],
  ['a hair more', need(4.0001), 'pad', 'fails'],
  ['level ground holds, falling ground does not', need(3.9, 4.2), 'pad', 'fails'],
  ['a pier counts to its bottom, 60 in.', need(4.4), 'pier', 'holds'],
] as const)('%s', (_, lateral, school, state) => expect(sideways(given({ lateral, school }))?.state).toBe(state))
test('where no depth is enough it cannot stand: there is no ratio that could read as a figure', () =>
  expect(sideways(given({ lateral: need(null) }))).toMatchObject({
    state: 'cannot-stand',
    why: 'no depth',
    ratio: null,
  }))
test('posts that nothing pushes on have no such check', () => expect(sideways(given({ shearLb: 0 }))).toBeNull())
test('a load that could not be computed is not checked', () =>
  expect(sideways(given({ lateral: null }))).toMatchObject({
    state: 'not-checked',
    facts: { kind: 'unknown', turnsOnBracket: false },
  }))
test('a post that has nothing to stand by cannot stand, and is named', () =>
  expect(sideways(given({ lateral: null, school: 'pier', relied: 'frames alone', falling: ['A3'] }))).toMatchObject({
    state: 'cannot-stand',
    why: 'mechanism',
    subjects: ['A3'],
    facts: { kind: 'unknown', turnsOnBracket: true },
  }))
