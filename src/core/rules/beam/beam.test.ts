import type { BeamLoads, RoofLoads } from '../../frame'
import type { EaveBeam } from '../../layout'
import type { Building } from '../../model'
import { barnJob } from '../../testing/barn'
import { item } from '../../result'
import { expectNear } from '../../testing/near'
import { weightPlf } from '../../wood'
import { bolts } from './bolts'
import { beamBolts, beamJoint, type LoadedBeam } from './joint'
import { beamMember, endsOf } from './member'
import { sag } from './sag'
import { seat } from './seat'
import { strength } from './strength'
import { uplift } from './uplift'

const { building: barn } = barnJob()
const post = (id: string) => ({ id }) as EaveBeam['from']
const beam = (atIn: readonly number[], spanIn = 192, kind: EaveBeam['kind'] = 'header', id = 'A2–A4'): EaveBeam => ({
  id,
  side: 'south',
  kind,
  from: post('A2'),
  to: post('A4'),
  spanIn,
  trusses: atIn.map((at, i) => ({ truss: { number: i + 1, xIn: at, tributaryIn: 96, end: false }, atIn: at })),
})
const loads = (change: Partial<RoofLoads> = {}): RoofLoads => ({
  roofFt2: 160,
  deadLb: 800,
  deadMinLb: 480,
  snowLb: 3200,
  liveLb: 0,
  windDownLb: 0,
  windUpLb: 0,
  ...change,
})
const building = (spec: object = {}, truss: object = {}, joints: object = {}) =>
  ({
    ...barn,
    post: { ...barn.post, section: '3-2x6', lumber: 'SP-No.2' },
    joints: { ...barn.joints, carrier: { diameterIn: 0.625, count: 4 }, ...joints },
    roof: {
      ...barn.roof,
      truss: { ...barn.roof.truss, seat: 'notch', ...truss },
      header: { plies: 3, size: '2x12', lumber: 'SP-No.1', sides: 'one', ...spec },
    },
  }) as Building

const on = (at: EaveBeam, each: RoofLoads = loads(), change: Partial<BeamLoads> = {}): BeamLoads => ({
  beam: at,
  points: at.trusses.map(({ atIn, truss }) => ({ atIn, loads: each, name: `T${truss.number}`, holdsTop: true })),
  perFt: null,
  ...change,
})
/** A beam that weighs nothing to speak of: its ends are its trusses' alone. */
const loaded = (own: Building, given: BeamLoads): LoadedBeam => ({ loads: given, span: beamMember(own, given) })
const endLb = (given: BeamLoads, name: string, end: 0 | 1) => {
  const own = building()
  const [, ends] = item(endsOf(given, beamMember(own, given)), end)
  const weighs = (3 * weightPlf('SP-No.1', 16.875) * 16) / 2
  const found = ends.find((each) => each.name === name)
  return (found?.lb ?? NaN) - (name === '0.6D+0.6W' ? 0.6 : 1) * weighs
}

test('a truss in the middle gives each end half; a nearer one gives the nearer end more', () => {
  expect(endLb(on(beam([96])), 'D+S', 0)).toBeCloseTo(2000, 6)
  expect(endLb(on(beam([48])), 'D+S', 0)).toBeCloseTo(3000, 6)
  // 0.6·3,000 − 0.6·480 = 1,512 lb, half at each end.
  expect(endLb(on(beam([96]), loads({ windUpLb: 3000 })), '0.6D+0.6W', 1)).toBeCloseTo(-756, 6)
})
test('a rafter over a post that is left out, and a ledger over its space, load the header', () => {
  const rafter = { atIn: 96, loads: loads({ deadLb: 500, snowLb: 1500 }), name: 'rafter', holdsTop: false }
  const withRafter = on(beam([96]), loads(), { points: [...on(beam([96])).points, rafter] })
  expect(endLb(withRafter, 'D+S', 0)).toBeCloseTo(3000, 6)
  // 50 + 150 plf over 16 ft: 1,600 lb more at each end.
  const ledger = on(beam([96]), loads(), { perFt: loads({ deadLb: 50, snowLb: 150 }) })
  expect(endLb(ledger, 'D+S', 0)).toBeCloseTo(3600, 6)
})
test('only trusses hold the top edge: a rafter in the middle leaves it as free as before', () => {
  const rafter = { atIn: 96, loads: loads(), name: 'rafter', holdsTop: false }
  const free = (points: BeamLoads['points']) =>
    beamMember(building(), on(beam([]), loads(), { points })).cases.find(({ name }) => name === 'D+S')?.luIn
  expect(free([rafter])).toBe(192)
  expect(free([{ ...rafter, holdsTop: true }])).toBe(96)
})
test('the hardest of a kind is judged, not the one with the heaviest trusses', () => {
  const at = (atIn: number, id: string) => loaded(building(), on(beam([atIn], 192, 'header', id)))
  const check = strength({ beams: [at(20, 'near'), at(96, 'middle'), at(40, 'aside')] })
  if (check.facts.kind !== 'worked') throw new Error(check.facts.kind)
  expect(check.facts.judged.forces.momentAtIn).toBe(96)
})
// P·L/4 = 4,000·16/4 = 16,000 ft-lb under D+S, besides its own weight.
test('4,000 lb in the middle of 16 ft bend it with 16,000 ft-lb and what it weighs', () => {
  const own = building()
  const check = strength({ beams: [loaded(own, on(beam([96])))] })
  if (check.facts.kind !== 'worked') throw new Error(check.facts.kind)
  expect(check.combination).toBe('D+S')
  const momentFtLb = Math.abs(check.facts.judged.forces.momentInLb) / 12
  expect(momentFtLb).toBeGreaterThan(16000)
  expect(momentFtLb).toBeLessThan(16000 * 1.04)
})
test.each([
  ['one board', { plies: 1 }, 'fails'],
  ['a short span', { plies: 4 }, 'holds'],
])('%s: %s', (_, spec, state) => {
  const at = beam([state === 'holds' ? 30 : 96], state === 'holds' ? 60 : 192)
  expect(strength({ beams: [loaded(building(spec), on(at))] }).state).toBe(state)
})
test('a header may sag 3/8 in. at most, however long it is', () => {
  const check = sag({ beams: [loaded(building(), on(beam([96])))] })
  expect(check?.capacity).toBe(0.375)
  expect(check?.key).toEqual({ member: 'beam', rule: 'sag', place: 'header' })
})
test('without values for its lumber it is not checked, and has no sag', () => {
  const own = { beams: [loaded(building({ lumber: 'own-none' }), on(beam([96])))] }
  expect([strength(own).state, sag(own)]).toEqual(['not-checked', null])
})

describe('its joint to the posts', () => {
  const joint = (downLb: number, upLb: number, truss: object = {}, spec: object = {}) => ({
    kind: 'header' as const,
    building: building(spec, truss),
    down: { lb: downLb, endLb: downLb, name: 'D+S', duration: 1.15, post: { id: 'A2', name: 'A2' } },
    up: { lb: -upLb, endLb: -upLb, name: '0.6D+0.6W', duration: 1.6, post: { id: 'A4', name: 'A4' } },
  })
  test('a post between two beams takes an end of each; uplift is judged where it is worst, not where gravity is', () => {
    const own = building()
    const other = { ...beam([96], 192, 'header', 'b'), from: post('A4'), to: post('A6') }
    const light = on(other, loads({ deadLb: 100, deadMinLb: 60, snowLb: 0, windUpLb: 9000 }))
    const found = beamJoint('header', own, [loaded(own, on(beam([96]))), loaded(own, light)])
    // A4: 2,000 + 50 of the trusses, and an end of each beam; A6 alone is lifted by 0.6·9,000 − 0.6·60 over two.
    expect([found.down.post.id, found.down.name]).toEqual(['A4', 'D+S'])
    expect(found.down.lb).toBeGreaterThan(2050)
    expect(found.up.post.id).toBe('A6')
    expect(found.up.name).toBe('0.6D+0.6W')
  })
  // A notch across a post of three plies, 4.5 in. along the wall, for a beam of four: 1.5·4·4.5 = 27 in²; 565 psi hold 15,255 lb.
  test.each([
    [15000, 4, 27, 'close'],
    [15256, 4, 27, 'fails'],
    [2700, 2, 13.5, 'holds'],
  ])('%d lb of a beam of %i plies on a notch of %d in²: %s', (downLb, plies, areaIn2, state) => {
    const check = seat(joint(downLb, 0, {}, { plies }))
    expectNear(check?.demand ?? 0, downLb / areaIn2, 1e-9)
    expect(check?.state).toBe(state)
  })
  test('bolted to a face the bolts carry it, and it has no seat', () => {
    const face = joint(2000, 0, { seat: 'face' })
    expect([seat(face), bolts(face)?.demand, bolts(joint(2000, 0))]).toEqual([null, 2000, null])
    expect(bolts(joint(90000, 0, { seat: 'face' }))?.state).toBe('fails')
  })
  test('uplift is always on the bolts; nothing lifted, no check', () => {
    expect(uplift(joint(0, 0))).toBeNull()
    expect([uplift(joint(0, 500))?.demand, uplift(joint(0, 90000))?.state]).toEqual([500, 'fails'])
  })
})

const NO_LOAD = { lb: 0, endLb: 0, name: '', duration: 1, post: { id: 'A2', name: 'A2' } }

// 2x10s of Fv 175: two 5/8 in. bolts above one another, de 9.25 − 4·0.625 = 6.75; three plies 4.5 in. thick:
// (2/3·175·1.15·4.5·6.75)·(6.75/9.25)² = 2,170 lb for the end of one beam, twice that for two that bring the same.
test('the end of a beam at its bolts takes less than they do (NDS 3.4.3.3)', () => {
  const own = building({ plies: 3, size: '2x10', lumber: 'SP-No.2', sides: 'one' }, { seat: 'face' })
  const held = (endLb: number) => {
    const joints = { ...own.joints, wetPosts: false, carrier: { diameterIn: 0.625 as const, count: 4 } }
    return beamBolts({ kind: 'header', building: { ...own, joints } }, { ...NO_LOAD, lb: 2000, endLb, duration: 1.15 })
  }
  expectNear(held(2000).capacityLb, 2170, 1e-3)
  expectNear(held(1000).capacityLb, Math.min(4340, held(1000).bolt.groupLb), 1e-3)
})

test('plies on both sides share the post: two of four are each side’s', () => {
  const label = (sides: 'one' | 'both') =>
    beamBolts({ kind: 'header', building: building({ plies: 4, sides }) }, NO_LOAD).bolt.trace[0]?.label ?? ''
  expect(label('both')).toMatch(/twice 3\sin\./)
  expect(label('one')).toMatch(/ 6\sin\./)
})
