import fc from 'fast-check'
import { barnJob } from '../../testing/barn'
import { overhang, overhangUse } from './overhang'

const { building: barn } = barnJob()
const given = (gableOverhangIn: number, change: object = {}, upPsf = 30) => ({
  building: {
    ...barn,
    gableOverhangIn,
    edgeShortcut: false,
    roof: {
      ...barn.roof,
      purlins: { ...barn.roof.purlins, style: 'over', size: '2x6', lumber: 'SP-No.2', spaceIn: 24, ...change },
    } as typeof barn.roof,
  },
  loads: { thetaDeg: 0, deadPsf: 3, leastPsf: 1.5, snowPsf: 20, livePsf: 20, windInPsf: 16, zones: [] },
  upPsf,
})

// 24 in. out, 24 in. apart: 6 plf and a worker at the end, 6·2²/2 + 300·2 = 612 ft-lb; fb 971.1. Lower edge free over 24 in.:
// le 49.44, RB 10.99, CL 0.981; Fb' 1,000·1.25·1.15·0.981 = 1,410: 0.689.
test('a worker at the end of the overhang, by hand', () => {
  const check = overhang(given(24))
  expect(check?.ratio).toBeCloseTo(0.689, 3)
  expect(check).toMatchObject({ combination: 'D and a worker', state: 'holds' })
})

// Suction of 500 psf: (0.6·500 − 0.6·1.5)·2 = 598.2 plf up, 1,196.4 ft-lb; 1,898 of 1,000·1.6·1.15 = 1,840 where the skin holds.
test('suction with the soffit under it, by hand', () => {
  const check = overhang(given(24, { skinHolds: true }, 500))
  expect(check?.ratio).toBeCloseTo(1.0317, 3)
  expect(check).toMatchObject({ combination: '0.6D+0.6W', state: 'fails' })
})

test('nothing hangs out, or nobody knows what carries it', () => {
  expect([overhang(given(0)), overhangUse(given(0))]).toEqual([null, 0])
  expect(overhang(given(12, { style: 'between' }))?.state).toBe('not-checked')
  expect(overhang(given(12, { size: '2x3' }))?.facts).toMatchObject({ kind: 'no values' })
})

test('further out is never easier, and the search uses the same figure', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 47 }), fc.integer({ min: 0, max: 200 }), (outIn, upPsf) => {
      const [near, far] = [overhang(given(outIn, {}, upPsf)), overhang(given(outIn + 1, {}, upPsf))]
      expect(far?.ratio ?? Infinity).toBeGreaterThan(near?.ratio ?? NaN)
      expect(overhangUse(given(outIn, {}, upPsf))).toBe(near?.ratio)
    }),
  ))
