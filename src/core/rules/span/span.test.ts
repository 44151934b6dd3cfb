import { uniform } from '../../statics'
import { expectNear } from '../../testing/near'
import { judgeSpan, type SpanCase, type SpanMember, spanWorst } from './member'
import { spanSag } from './sag'
import { spanStrength } from './strength'

const plain = (plf: number, change: Partial<SpanCase> = {}, lengthIn = 120): SpanCase => ({
  name: 'D+S',
  duration: 1.15,
  luIn: 0,
  loads: { lengthIn, points: [], lines: [uniform(lengthIn, plf, 'snow')] },
  ...change,
})
const member = (cases: readonly SpanCase[], change: Partial<SpanMember> = {}): SpanMember => ({
  plies: 1,
  size: '2x8',
  lumber: 'SP-No.2',
  own: [],
  flat: false,
  spaceIn: 99,
  shortcut: false,
  cases,
  sags: [{ name: 'D+S', over: 240, loads: cases[0]?.loads ?? plain(0).loads }],
  ...change,
})
const name = { member: 'test', place: 'here', id: 't', group: 'beam', subjects: ['A1'], about: {} } as const

// 40 plf on 10 ft: M 500 ft-lb, fb 500·12/13.14 = 456.6; Fb' 925·1.15 = 1,063.8: 0.4292.
// Sag 5·w·L⁴/(384·E·I) = 5·(40/12)·120⁴/(384·1.4e6·47.63) = 0.1350 in. of 120/240 = 0.5.
test('a 2×8 of Southern Pine No.2 under 40 plf over 10 ft: 0.4292, sag 0.135 in.', () => {
  const span = member([plain(40)])
  expectNear(spanStrength(name, span).ratio, 0.4292, 5e-4)
  const sag = spanSag(name, span)
  expectNear(sag?.demand ?? 0, 0.135, 1e-3)
  expect([sag?.capacity, sag?.state, sag?.id]).toEqual([0.5, 'holds', 't-sag'])
  expect(spanWorst(span)).toBe(spanStrength(name, span).ratio)
})
test.each([
  [93, 'close'],
  [94, 'fails'],
])('%d plf: %s (the limit is 40/0.4292 = 93.2)', (plf, state) =>
  expect(spanStrength(name, member([plain(plf)])).state).toBe(state),
)
test('the hardest of its combinations governs, by ratio, not by load: a long load counts less', () => {
  const cases = [plain(70, { name: 'D', duration: 0.9 }), plain(80)]
  expect(spanStrength(name, member(cases)).combination).toBe('D')
})
// V 1,000 lb on a 4 ft span of 500 plf: fv 1.5·1000/10.88 = 137.9 of 175·1.15 = 201.3; bending 0.94 is more; with a
// notch that leaves half, shear rules: 1.370.
test('a notch at its end halves its shear', () => {
  const short = [plain(500, {}, 48)]
  const whole = spanStrength(name, member(short))
  const notched = spanStrength(name, member(short, { notchShare: 0.5 }))
  expect(whole.facts).toMatchObject({ bends: true })
  expect(notched.facts).toMatchObject({ bends: false, notchShare: 0.5 })
  expectNear(notched.ratio, 1.3705, 1e-3)
})
test('bending about both axes adds up, the weak one worth less room (NDS 2018 3.9.2)', () => {
  const both = judgeSpan(member([]), plain(40, { weak: plain(5).loads }))
  const one = judgeSpan(member([]), plain(40))
  const across = (both?.weak?.fb ?? NaN) / (both?.weak?.fbAllowed ?? NaN)
  expect(Number(both?.bending)).toBeGreaterThanOrEqual(Number(one?.bending) + across - 1e-9)
})
test('a free edge past RB 50 cannot stand, whatever the load', () => {
  const span = member([plain(1, { luIn: 2000 })], { size: '2x12' })
  expect(spanStrength(name, span)).toMatchObject({ state: 'cannot-stand', why: 'free edge' })
})
test.each([
  ['no values', member([plain(40)], { lumber: 'own-none' }), 'no values'],
  ['no load', member([]), 'no load'],
])('%s: not checked, and no sag', (_, span, kind) => {
  expect(spanStrength(name, span)).toMatchObject({ state: 'not-checked', facts: { kind } })
  expect(spanSag(name, span)).toBeNull()
})
test('the stricter of a share of the span and a fixed limit counts', () => {
  const loads = plain(40).loads
  const limit = (mostIn?: number) =>
    spanSag(name, member([plain(40)], { sags: [{ name: 'D+S', over: 240, loads, ...(mostIn ? { mostIn } : {}) }] }))
  expect([limit()?.capacity, limit(0.375)?.capacity, limit(0.13)?.state]).toEqual([0.5, 0.375, 'fails'])
})

test('the limit drawn on the moment is Fb′·S: 1,063.8 psi by 13.14 in³', () => {
  const drawn = spanStrength(name, member([plain(40)])).diagram
  const diagram = typeof drawn === 'function' ? (drawn as () => { limits?: unknown })() : drawn
  expect(JSON.stringify(diagram)).toMatch(/1397\d|13978|1398\d/)
})
