import fc from 'fast-check'
import {
  combine,
  fixedPost,
  framedPost,
  pinnedPost,
  shareByDiaphragm,
  simpleSpan,
  solveFrame,
  spanDiagram,
  uniform,
} from '.'
import { expectNear } from '../testing/near'

const EI = 1.4e6 * 62.39
const FIXED = { kind: 'fixed', belowIn: 0 } as const

describe('simple spans against closed forms', () => {
  const L = 96
  const w = 10 // lb/in
  const line = [{ fromIn: 0, toIn: L, startLbIn: w, endLbIn: w }]
  test.each([
    ['wL/2', simpleSpan({ lengthIn: L, points: [], lines: line }, EI).shearLb, (w * L) / 2],
    ['wL²/8', simpleSpan({ lengthIn: L, points: [], lines: line }, EI).momentInLb, (w * L * L) / 8],
    [
      '5wL⁴/384EI',
      simpleSpan({ lengthIn: L, points: [], lines: line }, EI).deflectionIn,
      (5 * w * L ** 4) / (384 * EI),
    ],
    ['PL/4', simpleSpan({ lengthIn: L, points: [{ atIn: 48, lb: 1000 }], lines: [] }, EI).momentInLb, 24000],
    [
      'PL³/48EI',
      simpleSpan({ lengthIn: L, points: [{ atIn: 48, lb: 1000 }], lines: [] }, EI).deflectionIn,
      (1000 * L ** 3) / (48 * EI),
    ],
    [
      'Pab/L',
      simpleSpan({ lengthIn: L, points: [{ atIn: 30, lb: 1000 }], lines: [] }, EI).momentInLb,
      (1000 * 30 * 66) / 96,
    ],
    [
      'triangle wL²/(9√3)',
      simpleSpan({ lengthIn: L, points: [], lines: [{ fromIn: 0, toIn: L, startLbIn: 0, endLbIn: w }] }, EI).momentInLb,
      (w * L * L) / (9 * Math.sqrt(3)),
    ],
  ])('%s', (_n, got, want) => expectNear(got, want, 1e-3))

  test('three trusses on a 12 ft carrier: 4208, 3006 lb; 11420 ft-lb; 0.3320 in. at 5.970 ft', () => {
    const spanResult = simpleSpan(
      { lengthIn: 144, points: [12, 60, 108].map((atIn) => ({ atIn, lb: 2405 })), lines: [] },
      1.6e6 * 534,
    )
    expectNear(spanResult.leftLb, 4208)
    expectNear(spanResult.rightLb, 3006, 1e-3)
    expectNear(spanResult.momentInLb / 12, 11420, 1e-3)
    expectNear(spanResult.deflectionIn, 0.332, 1e-3)
    expect(Math.abs(spanResult.deflectionAtIn / 12 - 5.97)).toBeLessThan(0.15)
  })

  test('reactions equal loads and the moment ends at nothing, whatever the loads', () => {
    const point = fc.record({
      atIn: fc.double({ min: 0.1, max: 95.9, noNaN: true }),
      lb: fc.double({ min: -3000, max: 3000, noNaN: true }),
    })
    const load = fc
      .tuple(
        fc.double({ min: 0, max: 48, noNaN: true }),
        fc.double({ min: 1, max: 48, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
      )
      .map(([fromIn, run, startLbIn, endLbIn]) => ({ fromIn, toIn: fromIn + run, startLbIn, endLbIn }))
    fc.assert(
      fc.property(fc.array(point, { maxLength: 5 }), fc.array(load, { maxLength: 4 }), (points, lines) => {
        const s = { lengthIn: L, points, lines }
        const spanResult = simpleSpan(s, EI)
        const total =
          points.reduce((sum, point) => sum + point.lb, 0) +
          lines.reduce((sum, line) => sum + ((line.startLbIn + line.endLbIn) / 2) * (line.toIn - line.fromIn), 0)
        expectNear(spanResult.leftLb + spanResult.rightLb, total, 1e-9, 1e-6)
        const diagram = spanDiagram(s, EI)
        expectNear(diagram.momentInLb[diagram.momentInLb.length - 1], 0, 1e-9, 1e-5)
      }),
    )
  })
})

describe('plane frames against closed forms', () => {
  test('cantilever under a point load: PH, PH³/3EI', () => {
    const frame = solveFrame({
      nodes: [
        { x: 0, y: 0, fix: [true, true, true] },
        { x: 0, y: 120, load: [100, 0, 0] },
      ],
      members: [{ from: 0, to: 1, ea: 1e8, ei: EI }],
    })
    expectNear(frame?.moves[1][0] ?? 0, (100 * 120 ** 3) / (3 * EI))
    expectNear(frame?.reactions[0][2] ?? 0, 12000)
  })
  test('beam fixed at one end, propped at the other, uniform load: 3wL/8 at the prop', () => {
    const frame = solveFrame({
      nodes: [
        { x: 0, y: 0, fix: [true, true, true] },
        { x: 96, y: 0, fix: [false, true, false] },
      ],
      members: [{ from: 0, to: 1, ea: 1e8, ei: EI, w: -10 }],
    })
    expectNear(frame?.reactions[1][1] ?? 0, (3 * 10 * 96) / 8)
    expectNear(frame?.reactions[0][2] ?? 0, (10 * 96 ** 2) / 8)
  })
  test.each([
    ['from', { pinFrom: true }],
    ['to', { pinTo: true }],
  ] as const)('a member pinned at its %s end carries no moment there', (_n, pin) => {
    const frame = solveFrame({
      nodes: [
        { x: 0, y: 0, fix: [true, true, true] },
        { x: 96, y: 0, fix: [true, true, true] },
      ],
      members: [{ from: 0, to: 1, ea: 1e8, ei: EI, w: -10, ...pin }],
    })
    const member = frame?.members[0]
    expectNear('pinFrom' in pin ? (member?.momentFromInLb ?? 1) : (member?.momentToInLb ?? 1), 0, 0, 1e-6)
    expectNear(
      Math.abs('pinFrom' in pin ? (member?.momentToInLb ?? 0) : (member?.momentFromInLb ?? 0)),
      (10 * 96 ** 2) / 8,
    )
  })
  test('a mechanism is refused, not solved', () =>
    expect(
      solveFrame({
        nodes: [
          { x: 0, y: 0, fix: [true, true, false] },
          { x: 0, y: 100, load: [10, 0, 0] },
        ],
        members: [{ from: 0, to: 1, ea: 1e8, ei: EI }],
      }),
    ).toBeNull())
  test('equilibrium of a two-post frame with any loads', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -500, max: 500, noNaN: true }),
        fc.double({ min: -500, max: 500, noNaN: true }),
        fc.double({ min: 60, max: 300, noNaN: true }),
        (px, py, h) => {
          const frame = solveFrame({
            nodes: [
              { x: 0, y: 0, fix: [true, true, true] },
              { x: 0, y: h, load: [px, py, 0] },
              { x: 200, y: h * 1.2 },
              { x: 200, y: 0, fix: [true, true, true] },
            ],
            members: [
              { from: 0, to: 1, ea: 1e7, ei: EI },
              { from: 1, to: 2, ea: 1e7, ei: EI },
              { from: 2, to: 3, ea: 1e7, ei: EI },
            ],
          })
          const sum = (d: 0 | 1) => (frame?.reactions[0][d] ?? 0) + (frame?.reactions[3][d] ?? 0)
          expectNear(sum(0), -px, 1e-6, 1e-4)
          expectNear(sum(1), -py, 1e-6, 1e-4)
        },
      ),
    )
  })
})

describe('posts', () => {
  const prop = fixedPost(14, 0, EI)
  const w = 104
  test.each([
    ['top 3wH/8', prop.held.topLb * w, 545.8],
    ['shear 5wH/8', prop.held.shearLb * w, 909.6],
    ['moment wH²/8', prop.held.momentFtLb * w, 2547],
    ['field 9wH²/128', prop.held.fieldMomentFtLb * w, 1433],
    ['k = 3EI/H³', prop.stiffnessLbIn, 55.26],
    ['fixed 5/3 ft down: top', fixedPost(14, 5 / 3, EI).held.topLb * w, 609.8],
    ['grade shear', fixedPost(14, 5 / 3, EI).held.shearLb * w, 845.6],
    ['at the fixed point', fixedPost(14, 5 / 3, EI).held.fixedFtLb * w, 3060],
  ])('%s', (_n, got, want) => expectNear(got, want, 7e-4))
  test('the sway frame of the reference barn: 9.840 in., 10160 ft-lb', () => {
    const r = (3 / 8) * 14 * (104 + 29.62) + 386.4
    const sway = r / (2 * prop.stiffnessLbIn)
    expectNear(sway, 9.84, 1e-3)
    expectNear(combine(prop.held, 104, prop.perInch, sway).momentFtLb, 10160, 1e-3)
  })
  test.each([[0], [20]])('the frame solver agrees with the closed form, fixed %d in. down', (belowIn) => {
    const unit = fixedPost(14, belowIn / 12, EI)
    const b = framedPost({ heightFt: 14, ei: EI, ea: 1e9, foot: { kind: 'fixed', belowIn }, knee: null })
    for (const k of ['topLb', 'shearLb', 'momentFtLb', 'fixedFtLb'] as const) {
      expectNear(b?.held[k] ?? 0, unit.held[k], 1e-4, 1e-6)
      expectNear(b?.perInch[k] ?? 0, unit.perInch[k], 1e-4)
    }
    expectNear(b?.held.fieldMomentFtLb ?? 0, unit.held.fieldMomentFtLb, 2e-2)
    expectNear(b?.stiffnessLbIn ?? 0, unit.stiffnessLbIn, 1e-4)
  })
  test('a pinned post carries half its wind to each end', () =>
    expect(pinnedPost(12, 0.5).held).toMatchObject({ topLb: 5.75, shearLb: 5.75 }))
  test('knee brace at 45°, pinned base: Bh = V·H/a, F = Bh/cos 45°, M = V·(H − a)', () => {
    const k = framedPost({
      heightFt: 14,
      ei: EI,
      ea: 1e9,
      foot: { kind: 'pinned', bracketIn: 0 },
      knee: { downIn: 36, outIn: 36, ea: 1e9, trussSpanIn: 480 },
    })
    const v = 600 / (k?.stiffnessLbIn ?? 1)
    expectNear(Math.abs((k?.perInchBraceLb ?? 0) * v), 3960, 1e-2)
    expectNear((k?.perInch.kneeMomentFtLb ?? 0) * v, 6600, 1e-2)
  })
  test('knee brace on a fixed base moves the inflection near the middle of the free height', () => {
    const k = framedPost({
      heightFt: 14,
      ei: EI,
      ea: 1e9,
      foot: FIXED,
      knee: { downIn: 36, outIn: 36, ea: 1e9, trussSpanIn: 480 },
    })
    const v = 600 / (k?.stiffnessLbIn ?? 1)
    expectNear(Math.abs((k?.perInchBraceLb ?? 0) * v), 2404, 0.12)
    expectNear((k?.perInch.kneeMomentFtLb ?? 0) * v, 3300, 0.12)
  })
  test('very stiff soil springs come near a post fixed at grade; soft ones turn more', () => {
    const at = (lbIn3: number) =>
      framedPost({
        heightFt: 14,
        ei: EI,
        ea: 1e9,
        foot: { kind: 'springs', belowIn: 60, lbIn3, slab: false },
        knee: null,
      })?.stiffnessLbIn ?? 0
    expect(at(1e7)).toBeLessThan(prop.stiffnessLbIn)
    expect(at(1e7)).toBeGreaterThan(0.8 * prop.stiffnessLbIn)
    expect(at(1)).toBeLessThan(0.7 * at(1e7))
  })
})

describe('sharing by the roof diaphragm', () => {
  const bays = Array.from({ length: 8 }, () => 14230)
  const k = [8571, ...Array.from({ length: 7 }, () => 110.5), 8571]
  const load = [544, ...Array.from({ length: 7 }, () => 1088), 544]
  const diaphragmResult = shareByDiaphragm({ frameLbIn: k, bayLbIn: bays, loadLb: load })
  test.each([
    [0, 0.4677],
    [1, 0.7112],
    [2, 0.8838],
    [3, 0.9868],
    [4, 1.021],
  ])('frame %d moves %d in.', (i, want) => expectNear(diaphragmResult?.moveIn[i] ?? 0, want, 1e-3))
  test('end bay 3465 lb, end wall 4009 lb, middle frame 112.9 lb', () => {
    expectNear(Math.abs(diaphragmResult?.bayShearLb[0] ?? 0), 3465, 1e-3)
    expectNear(diaphragmResult?.frameLb[0] ?? 0, 4009, 1e-3)
    expectNear(diaphragmResult?.frameLb[4] ?? 0, 112.9, 1e-3)
  })
  test('what the frames and end walls carry is what was put on; a symmetric row moves symmetrically', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 500, noNaN: true }), { minLength: 2, maxLength: 12 }),
        fc.double({ min: 10, max: 1e5, noNaN: true }),
        (half, c) => {
          const frameLbIn = [...half, ...[...half].reverse()]
          const loadLb = frameLbIn.map((_, i) => 100 + Math.min(i, frameLbIn.length - 1 - i))
          const diaphragmResult = shareByDiaphragm({ frameLbIn, bayLbIn: frameLbIn.slice(1).map(() => c), loadLb })
          expectNear(
            diaphragmResult?.frameLb.reduce((sum, value) => sum + value, 0) ?? 0,
            loadLb.reduce((sum, value) => sum + value, 0),
            1e-6,
          )
          diaphragmResult?.moveIn.forEach((d, i) =>
            expectNear(d, diaphragmResult.moveIn[frameLbIn.length - 1 - i], 1e-6),
          )
        },
      ),
    )
  })
  test('nothing that resists: no answer', () =>
    expect(shareByDiaphragm({ frameLbIn: [0, 0], bayLbIn: [10], loadLb: [1, 1] })).toBeNull())
  // P/k on one frame of 1 lb/in: a row that moves more than 100,000 in. has come loose.
  test.each([
    [95_000, [95_000]],
    [105_000, undefined],
  ])('%d lb on a frame of 1 lb/in', (loadLb, want) =>
    expect(shareByDiaphragm({ frameLbIn: [1], bayLbIn: [], loadLb: [loadLb] })?.moveIn).toEqual(want),
  )
})

test('a uniform load in plf is a twelfth in lb/in', () =>
  expect(uniform(60, 24)).toEqual({ fromIn: 0, toIn: 60, startLbIn: 2, endLbIn: 2 }))
test('magnitudes of moments in the field and at the knee add, whatever their signs', () => {
  const one = { topLb: 1, shearLb: 2, momentFtLb: 3, fixedFtLb: 4, fieldMomentFtLb: -5, kneeMomentFtLb: 6 }
  const other = { topLb: 1, shearLb: 1, momentFtLb: 1, fixedFtLb: 1, fieldMomentFtLb: 10, kneeMomentFtLb: -10 }
  expect(combine(one, 2, other, 0.5)).toEqual({
    topLb: 2.5,
    shearLb: 4.5,
    momentFtLb: 6.5,
    fixedFtLb: 8.5,
    fieldMomentFtLb: 15,
    kneeMomentFtLb: 17,
  })
})
test('a truss shorter than twice the knee’s reach is taken as that long: its far end never lies within the knee', () => {
  const ei = 1.2e6 * 62
  const stiffness = (trussSpanIn: number) =>
    framedPost({
      heightFt: 14,
      ei,
      ea: 1e9,
      foot: { kind: 'fixed', belowIn: 24 },
      knee: { downIn: 36, outIn: 60, ea: 1e9, trussSpanIn },
    })?.stiffnessLbIn ?? NaN
  expectNear(stiffness(70), stiffness(120), 1e-9)
  expectNear(stiffness(31), stiffness(120), 1e-9)
  expect(stiffness(480)).not.toBe(stiffness(120))
})
test('a line load says what it comes from where that was given', () =>
  expect(uniform(60, 24, 'snow')).toEqual({ fromIn: 0, toIn: 60, startLbIn: 2, endLbIn: 2, name: 'snow' }))

describe('members with one pinned end, P/(3EI/l³ + 3EI/l³)', () => {
  const [l, ea] = [100, 1e9]
  const node = (y: number, held: boolean, load = 0) => ({
    x: 0,
    y,
    ...(held ? { fix: [true, true, true] as const } : { load: [load, 0, 0] as const }),
  })
  // Fixed at both far ends: each member is a cantilever to the middle where its end there is pinned.
  test.each([
    ['from', { from: 1, to: 2, pinFrom: true }],
    ['to', { from: 2, to: 1, pinTo: true }],
  ])('pinned where it comes %s the middle', (_, pinned) => {
    const result = solveFrame({
      nodes: [node(0, true), node(l, false, 1000), node(2 * l, true)],
      members: [
        { from: 0, to: 1, ea, ei: EI },
        { ...pinned, ea, ei: EI },
      ],
    })
    expectNear(result?.moves[1]?.[0] ?? 0, (1000 * l ** 3) / (6 * EI), 1e-9)
  })
})
// Soil that stiffens with depth against a post that cannot bend: the resultant of the pressure is ∫k·y·dy·(a + b·y), and
// turning about the grade line (a slab holds it there) it must give back the moment: b·k·∫y³ = M, the moment at grade.
test('a stiff post held at grade turns in its soil by M/(k·d⁴/4)', () => {
  const [d, k, heightIn] = [60, 2, 144]
  const foot = { kind: 'springs', belowIn: d, lbIn3: k, slab: true } as const
  const stiff = framedPost({ heightFt: heightIn / 12, ei: 1e13, ea: 1e12, foot, knee: null })
  expectNear(stiff?.stiffnessLbIn ?? 0, (k * d ** 4) / 4 / heightIn ** 2, 1e-3)
})
