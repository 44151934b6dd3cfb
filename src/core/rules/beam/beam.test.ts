import type { RoofLoads } from '../../frame'
import type { EaveBeam } from '../../layout'
import type { Building } from '../../model'
import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { bolts } from './bolts'
import { beamBolts } from './joint'
import { beamMember, endLoads, hardestBeam } from './member'
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

test('a truss in the middle gives each end half; a nearer one gives the nearer end more', () => {
  expect(endLoads(beam([96]), [loads()])).toEqual({ gravityLb: 2000, upliftLb: 0 })
  expect(endLoads(beam([48]), [loads()]).gravityLb).toBe(3000)
  // 0.6·3,000 − 0.6·480 = 1,512 lb, half at each end.
  expect(endLoads(beam([96]), [loads({ windUpLb: 3000 })]).upliftLb).toBeCloseTo(756, 9)
})
test('the hardest of a kind is the one its trusses bend most', () => {
  const beams = [
    beam([20], 192, 'header', 'near'),
    beam([96], 192, 'header', 'middle'),
    beam([96], 400, 'carrier', 'c'),
  ]
  expect(hardestBeam(beams, 'header', [loads()])?.id).toBe('middle')
  expect(hardestBeam([beam([])], 'header', [])).toBeNull()
})
// P·L/4 = 4,000·16/4 = 16,000 ft-lb under D+S, besides its own weight.
test('4,000 lb in the middle of 16 ft bend it with 16,000 ft-lb and what it weighs', () => {
  const own = building()
  const check = strength({ beam: beam([96]), span: beamMember(own, beam([96]), [loads()]) })
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
  expect(strength({ beam: at, span: beamMember(building(spec), at, [loads()]) }).state).toBe(state)
})
test('a header may sag 3/8 in. at most, however long it is', () => {
  const at = beam([96])
  const check = sag({ beam: at, span: beamMember(building(), at, [loads()]) })
  expect(check?.capacity).toBe(0.375)
  expect(check?.key).toEqual({ member: 'beam', rule: 'sag', place: 'header' })
})
test('without values for its lumber it is not checked, and has no sag', () => {
  const own = { beam: beam([96]), span: beamMember(building({ lumber: 'own-none' }), beam([96]), [loads()]) }
  expect([strength(own).state, sag(own)]).toEqual(['not-checked', null])
})

describe('its joint to the posts', () => {
  const joint = (downLb: number, upLb: number, truss: object = {}, spec: object = {}) => ({
    beam: beam([96]),
    building: building(spec, truss),
    downLb,
    upLb,
  })
  // A notch two plies wide over a 5.5 in. post: 1.5·2·5.5 = 16.5 in²; 565 psi hold 9,322 lb.
  test.each([
    [9000, 'close'],
    [9323, 'fails'],
  ])('%d lb on a notch of 16.5 in²: %s', (downLb, state) => {
    const check = seat(joint(downLb, 0))
    expectNear(check?.demand ?? 0, downLb / 16.5, 1e-9)
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

test('plies on both sides share the post: two of four are each side’s', () => {
  const label = (sides: 'one' | 'both') =>
    beamBolts({ beam: beam([96]), building: building({ plies: 4, sides }) } as never, 1).trace[0]?.label ?? ''
  expect(label('both')).toMatch(/twice 3\sin\./)
  expect(label('one')).toMatch(/ 6\sin\./)
})
