import { barnJob } from '../../testing/barn'
import { type PurlinLoads, purlinMember } from './member'
import { sag } from './sag'
import { strength } from './strength'

const { building: barn } = barnJob()
const building = (purlins: object = {}) => ({
  ...barn,
  roof: {
    ...barn.roof,
    purlins: {
      ...barn.roof.purlins,
      style: 'over',
      size: '2x6',
      lumber: 'SP-No.2',
      spaceIn: 24,
      skinHolds: true,
      ...purlins,
    },
  } as typeof barn.roof,
})
const loads = (change: Partial<PurlinLoads> = {}): PurlinLoads => ({
  thetaDeg: 0,
  deadPsf: 3,
  leastPsf: 1.5,
  snowPsf: 40,
  livePsf: 0,
  windInPsf: 0,
  zones: [],
  ...change,
})
const on = (spanIn: number, change: Partial<PurlinLoads> = {}, purlins: object = {}) =>
  ({ place: 'field', span: purlinMember(building(purlins), spanIn, loads(change)), skinHolds: true }) as const

// Flat roof, 24 in. apart, 8 ft: (3 + 40)·2 = 86 plf; M 688 ft-lb; fb 688·12/7.563 = 1,091.7; Fb' 1,000·1.15·1.15 = 1,322.5.
// A worker: 300·8/4 + 6·8²/8 = 648 ft-lb, 1,028.2 of 1,000·1.25·1.15 = 1,437.5: 0.7153, less.
test('86 plf on 8 ft: 0.8254', () => {
  const check = strength(on(96))
  expect(check.ratio).toBeCloseTo(0.8254, 3)
  expect(check).toMatchObject({ combination: 'D+S', state: 'holds', id: 'purlins' })
})
test.each([
  [105, 'close'],
  [106, 'fails'],
])('over %d in.: %s (96·√(1/0.8254) = 105.7)', (spanIn, state) => expect(strength(on(spanIn)).state).toBe(state))
test('a roof worker of 300 lb rules where there is little snow', () => {
  const check = strength(on(96, { snowPsf: 20 }))
  expect(check.combination).toBe('D and a worker')
  expect(check.ratio).toBeCloseTo(0.7153, 3)
})
test('wind up on a free lower edge fails what gravity lets hold; blocks at mid-span hold it', () => {
  const up = { snowPsf: 0, zones: [{ zone: '3r', upPsf: -90 }] }
  const [free, blocked] = [strength(on(120, up)), strength(on(120, up, { blocked: true }))]
  expect([free.combination, free.state]).toEqual(['0.6D+0.6W', 'fails'])
  expect(blocked.ratio).toBeLessThan(free.ratio ?? NaN)
})
test('sag is judged in the field of the roof only', () => {
  expect(sag(on(96))?.id).toBe('purlins-sag')
  expect(sag({ ...on(96), place: 'rake' })).toBeNull()
  expect(sag(on(200))?.state).toBe('fails')
})
