import { type Formula, FORMULAS } from '.'
import type { LpSolver } from '../columns'
import { solved } from '../pocket'

// Numbers worked by hand from the clauses, or by a second way; none is what the code printed.
const noSolver: LpSolver = {
  solve: () => {
    throw new Error('nothing here is cut')
  },
}
const of = (name: string, given: object) => {
  const formula = FORMULAS.find((each) => each.name === name) as unknown as Formula<object, object>
  const result = solved({ input: formula.input, solve: (checked) => formula.solve(checked, noSolver) }, given)
  return result.ok ? result.value.answer : result.issues.map(({ code, path }) => [code, ...path])
}
const roof = { pg: 30, Ce: 1, Ct: 1.2, Is: 1, rise_per_12: 4, slippery: true }
const wall = { qh: 20, zone: 4, area_ft2: 10 }
const pine = { species: 'SP', grade: 'No.2', nominal: 6, cd: 1.6 }
const pole = { P_lb: 909.6, h_ft: 2.8, b_ft: 0.5303, s_psf_per_ft: 150, factor: 2 }
const ei = 1e6

describe.each([
  // 18.43°, cold and slippery: Cs = 1 − (18.43 − 15)/55; pf = 0.7·1.2·30.
  ['snow.balanced', roof, { pf_psf: 25.2, cs: 0.93755, ps_psf: 23.626, pm_psf: 0, uniform_psf: 23.626 }],
  // Warm and slippery falls from 5°: 1 − 13.435/65.
  ['snow.balanced', { ...roof, Ct: 1 }, { pf_psf: 21, cs: 0.79331 }],
  // 9.46° is under 15°: pm = 1.2·20 where the ground has 40.
  ['snow.balanced', { ...roof, pg: 40, Is: 1.2, rise_per_12: 2 }, { pm_psf: 24, cs: 1 }],
  // hd = 0.43·∛20·∜40 − 1.5; surcharge hd·17.9/√3 over (8/3)·hd·√3.
  [
    'snow.unbalanced_gable',
    { ...roof, W_ft: 20 },
    { required: true, windward_psf: 7.0879, hd_ft: 1.4354, surcharge_psf: 14.834, surcharge_ft: 6.6296 },
  ],
  ['snow.unbalanced_gable', { ...roof, W_ft: 20, simple_rafter: true }, { leeward_psf: 30, windward_psf: 0 }],
  ['snow.unbalanced_gable', { ...roof, W_ft: 20, rise_per_12: 8 }, { required: false, leeward_psf: null }],
  [
    'snow.drift_on_lower',
    { pg: 30, ps_lower: 25.2, lu_upper_ft: 40, lower_ft: 12, drop_ft: 4 },
    {
      required: true,
      governing: 'leeward',
      hc_ft: 2.5922,
      height_ft: 2.1983,
      pd_psf: 39.35,
      width_ft: 8.7932,
      edge_psf: 0,
    },
  ],
  // The same drift on 6 ft of roof: 39.35·(1 − 6/8.7932) is left at its edge.
  ['snow.drift_on_lower', { pg: 30, ps_lower: 25.2, lu_upper_ft: 40, lower_ft: 6, drop_ft: 4 }, { edge_psf: 12.5 }],
  [
    'snow.sliding',
    { pf_upper: 25.2, upper_rise_per_12: 4, slippery: true, W_upper_ft: 20, lower_ft: 12 },
    { plf: 201.6, psf: 13.44, extent_ft: 12, on_lower_plf: 161.28 },
  ],
  [
    'snow.sliding',
    { pf_upper: 25.2, upper_rise_per_12: 2, slippery: false, W_upper_ft: 20, lower_ft: 12 },
    { required: false },
  ],
  // Kz = 2.01·(15/900)^(2/9.5); q = 0.00256·Kz·0.85·115².
  ['wind.q', { V_mph: 115, z_ft: 10, exposure: 'C' }, { value: 24.43 }],
  ['wind.q', { V_mph: 115, z_ft: 10, exposure: 'C', Kd: 1, Kzt: 2 }, { value: 57.483 }],
  // Zone 4 at 10 ft²: +1.0 and −1.1, inside 0.18; a flat roof takes nine tenths of the outside ones.
  ['wind.cc_wall', wall, { pos_psf: 23.6, neg_psf: -25.6 }],
  ['wind.cc_wall', { ...wall, theta_deg: 5 }, { pos_psf: 21.6, neg_psf: -23.4 }],
  ['wind.cc_wall', { ...wall, enclosure: 'partially' }, { pos_psf: 31, neg_psf: -33 }],
  ['wind.cc_wall', { ...wall, qh: 5 }, { pos_psf: 16, neg_psf: -16 }],
  [
    'wind.mwfrs_transverse',
    { V_mph: 115, exposure: 'C', eave_ft: 14, rise_per_12: 4, width_ft: 40, length_ft: 64 },
    {
      h_ft: 17.333,
      windward_wall_psf: 17.125,
      leeward_wall_psf: -10.703,
      walls_sum_psf: 27.828,
      cp_leeward_wall: -0.5,
    },
  ],
  // The guide's purlin under uplift: Fb' 1,294 psi, CL 0.7033; w·L²/8 = 60·64/8·12.
  [
    'wood.beam',
    { ...pine, w_plf: 60, span_ft: 8, lu_in: 96, Cr: 1.15 },
    { M_lbin: 5760, CL: 0.70327, Fb_adj_psi: 1294, Fv_adj_psi: 280, fv_psi: 43.636, defl_in: 0.18992 },
  ],
  // Shear a depth of 5.5 in from the support: 240 − 5·5.5 = 212.5 lb.
  ['wood.beam', { ...pine, w_plf: 60, span_ft: 8, shear_at: 'd' }, { fv_psi: 38.636, CL: 1 }],
  // Flat: Cfu 1.15, S = 5.5·1.5²/6.
  ['wood.beam', { ...pine, w_plf: 60, span_ft: 8, flat: true }, { Fb_adj_psi: 1840, fb_psi: 2792.7 }],
  [
    'wood.naillam',
    { ...pine, plies: 3, P_lb: 4242, M1_lbin: 30036, M2_lbin: 0, le1_in: 134.4, le2_in: 24 },
    { Cr: 1.35, CP1: 0.28977, CP2: 0.58002, Fc_adj_psi: 649.09, FcE1_psi: 702.05, ratio_3_9_3: 0.8806, ratio_3_9_4: 0 },
  ],
  // Each ply of its own across them: 3·5.5·1.5²/6 = 6.1875 in³; 3.9-4 is fc/FcE2 = 171.4/14,738.
  [
    'wood.naillam',
    { ...pine, plies: 3, P_lb: 4242, M1_lbin: 0, M2_lbin: 618.75, le1_in: 134.4, le2_in: 24 },
    { fb2_psi: 100, Fb2_adj_psi: 1840, ratio_3_9_4: 0.01163 },
  ],
  // (132.23/550.47)² + 360.63/(1,360·(1 − 132.23/759.8)).
  [
    'wood.timber_post',
    { grade: 'No.2', size_in: 5.5, P_lb: 4000, M_lbin: 10000, le_in: 120, cd: 1.6 },
    { ratio_3_9_3: 0.37875 },
  ],
  ['wood.CP', { Fc_star: 2240, Emin_p: 510000, le: 134.4, d: 5.5 }, { value: 0.28977 }],
  ['wood.CP', { Fc_star: 2240, Emin_p: 510000, le: 24, d: 4.5, Kf: 0.6 }, { value: 0.58002 }],
  ['embed.ibc_nonconstrained', pole, { value: 7.5128 }],
  ['embed.ibc_constrained', pole, { value: 4.0824 }],
  // Past 12 ft the pressure stands: d = √(4.25·M/(S·12·b)) of 120,000 ft-lb.
  ['embed.ibc_constrained', { ...pole, P_lb: 10000, h_ft: 12 }, { value: 16.344 }],
  ['embed.ep486_nonconstrained', { Va_lb: 909.6, Ma_lbft: 2547, b_ft: 0.5303, S_psf_per_ft: 300 }, { value: 7.215 }],
  ['embed.ep486_constrained', { Ma_lbft: 2547, b_ft: 0.5303, S_psf_per_ft: 300 }, { value: 4.0008 }],
  [
    'embed.uplift',
    { collar_dia_in: 24, collar_top_in: 42, collar_thick_in: 12, post_area_in2: 24.75, cone_deg: 15, soil_pcf: 100 },
    { soil_ft3: 23.929, concrete_ft3: 2.9697, resistance_lb: 2823.6 },
  ],
  ['embed.depth_in', { required_ft: 3, frost_in: 42, minimum_in: 40 }, { value: 42 }],
  // 16d common in pine: 1380·0.55^2.5·0.162.
  ['fasten.withdrawal', { G: 0.55, D: 0.162, kind: 'smooth' }, { value: 50.153 }],
  ['fasten.withdrawal', { G: 0.55, D: 0.12, kind: 'ring' }, { value: 65.34 }],
  // Im = D·lm·Fe/KD = 0.162·2·5,526/2.2; IV = D²/KD·√(2·Fe·Fyb/6).
  ['fasten.single_shear', { D: 0.162, lm: 2, ls: 1.5, Fem: 5526, Fes: 5526, Fyb: 90000 }, { Z_lb: 153.59, mode: 'IV' }],
  // Two equal spans: 3/8, 10/8, 3/8 of w·L; w·L²/8 over the middle; 9/128·w·L² in the spans; w·L⁴/(185·EI).
  [
    'frame.beam',
    { spans: [96, 96], E: 1.4e6, I: 20.8, w: 5 },
    { reactions: [180, 600, 180], M_min: -5760, M_max: 3240, V_max: 300, defl_max: 0.07898 },
  ],
  // P·b/L, P·a·b/L, and P·b·(L²−b²)^1.5/(9√3·L·EI) of a load off the middle.
  [
    'frame.beam',
    { spans: [100], E: 1e6, I: 1, points: [[30, 1000]] },
    { reactions: [700, 300], M_max: 21000, defl_max: 16.7064 },
  ],
  // One load each span: the moment over the middle is w·L²/16 where one span alone is loaded.
  ['frame.beam', { spans: [100, 100], E: 1e6, I: 1, w: [8, 0] }, { M_min: -5000, reactions: [350, 500, -50] }],
  // Two posts fixed at the ground, pinned to the truss: k = 2·3EI/H³, R = 3/8·H·(w1 + w2); M = w·H²/8 + k·Δ·H/2.
  [
    'frame.post_frame',
    { height_in: 100, span_in: 300, EI: ei * 100, w_wind: 8, w_lee: 0 },
    { eave_in: 0.5, M_grade_lbin: [25000, 15000], V_grade_lb: [650, 150] },
  ],
  // Pinned feet under a rigid truss without bending of its own: each post takes half of P at H/2… M = 0 at the ground.
  [
    'frame.post_frame',
    {
      height_in: 100,
      span_in: 300,
      EI: ei,
      w_wind: 0,
      w_lee: 0,
      eave_load: 200,
      top: 'rigid',
      EI_truss: 1e12,
      base: 'pinned',
    },
    { eave_in: 33.333, M_grade_lbin: [0, 0], V_grade_lb: [100, 100] },
  ],
  // Two frames and a roof: as far as each other where each has its own load.
  [
    'frame.diaphragm',
    { k: [100, 100], R: [50, 50], C: 1000 },
    { eave_in: [0.5, 0.5], share: [1, 1], diaphragm_lb: [0] },
  ],
  ['frame.diaphragm', { k: [100, 300], R: [40, 0], C: [150] }, { eave_in: [0.2, 0.0666667], force_lb: [20, 20] }],
  [
    'layout.fit_quad',
    { AB: 480, BC: 360, CD: 480, DA: 360, AC: 600, BD: 600 },
    {
      corners_in: [
        [0, 0],
        [480, 0],
        [480, 360],
        [0, 360],
      ],
      rms_in: 0,
    },
  ],
  [
    'layout.moves_to_rectangle',
    {
      corners: [
        [0, 0],
        [480, 0],
        [481, 360],
        [0.5, 360],
      ],
      length_in: 480,
      width_in: 360,
      hold: 'A',
    },
    {
      moves_in: [
        [0, 0],
        [0, 0],
        [-1, 0],
        [-0.5, 0],
      ],
      worst: 1,
    },
  ],
  ['spacing.girt_rows', { bottom: 0, top: 144, max_gap: 24 }, { possible: true, rows: 7 }],
  ['spacing.girt_rows', { bottom: 0, top: 100, max_gap: 20, forbidden: [[30, 60]] }, { possible: false, rows: null }],
  ['length.parse', { text: `12' 6 5/8"` }, { value: 150.625 }],
  ['length.format', { inches: 150.625 }, { text: `12' 6 5/8"` }],
  ['length.format', { inches: 6.5 }, { text: '6 1/2"' }],
] as const)('%s of %j', (name, given, wanted) => {
  test.each(Object.entries(wanted))('%s', (key, want) => {
    const found = (of(name, given) as Record<string, unknown>)[key]
    const near = (one: unknown, other: unknown): void => {
      if (typeof other !== 'number') return expect(one).toEqual(other)
      expect(Math.abs(Number(one) - other)).toBeLessThanOrEqual(2e-4 * Math.abs(other) + 1e-7)
    }
    if (!Array.isArray(want)) return near(found, want)
    const flat = (list: unknown): unknown[] => (list as unknown[]).flat(2)
    flat(want).forEach((each, i) => near(flat(found)[i], each))
  })
})

test.each([
  ['wood.CP', { Fc_star: 2240, Emin_p: 510000, le: 600, d: 5.5 }, [['too-slender', 'le']]],
  [
    'wood.naillam',
    { ...pine, plies: 3, P_lb: 1, M1_lbin: 0, M2_lbin: 0, le1_in: 400, le2_in: 24 },
    [['too-slender', 'le1_in']],
  ],
  ['wood.beam', { ...pine, grade: 'No.9', w_plf: 1, span_ft: 8 }, [['unknown-lumber', 'grade']]],
  [
    'frame.post_frame',
    { height_in: 100, span_in: 300, EI: 1, w_wind: 1, w_lee: 0, base: 'pinned' },
    [['mechanism', 'base']],
  ],
  [
    'frame.post_frame',
    { height_in: 100, span_in: 300, EI: 1, w_wind: 1, w_lee: 0, base: 'soil' },
    [['missing', 'embed_in']],
  ],
  ['frame.diaphragm', { k: [1, 1], R: [1], C: 1 }, [['unlike-count', 'R']]],
  ['layout.fit_quad', { AB: 480, BC: 360, CD: 480, DA: 360, AC: 2000, BD: 600 }, [['triangle-cannot-close', 'AC']]],
  ['length.parse', { text: 'twelve' }, [['not-a-length', 'text']]],
  ['wind.q', { V_mph: -1, z_ft: 10, exposure: 'C' }, [['too-small', 'V_mph']]],
  ['snow.balanced', { ...roof, pg: 'x' }, [['wrong-type', 'pg']]],
  ['cutstock.solve', { lengths: [300], demand: [1], stocks: [[144, 10]] }, [['too-large', 'lengths', 0]]],
])('%s of %j is refused', (name, given, wanted) => expect(of(name, given)).toEqual(wanted))

test('rows are where they may be, and one fewer cannot do', () => {
  const given = { bottom: 0, top: 144, required: [80], max_gap: 24, min_gap: 10, forbidden: [[30, 50]] }
  const { rows_in: rowsIn } = of('spacing.girt_rows', given) as { rows_in: number[] }
  expect(rowsIn).toContain(80)
  expect(rowsIn.every((row) => row <= 30 || row >= 50)).toBe(true)
  const gaps = rowsIn.slice(1).map((row, i) => row - rowsIn[i])
  expect(Math.max(...gaps)).toBeLessThanOrEqual(24 + 1e-9)
  expect(Math.min(...gaps)).toBeGreaterThanOrEqual(10 - 1e-9)
  // 80 in. are four gaps of 24 at least, and 64 three; the place that none may have takes one more.
  expect(rowsIn.length).toBe(1 + 5 + 3)
})

describe('a post in soil, by the closed form of a long beam on springs that grow with depth', () => {
  // With T = (EI/nh)^(1/5) and a post over 4T long: y0 = 2.435·P·T³/EI + 1.623·M·T²/EI at the ground.
  const given = { height_in: 100, span_in: 300, EI: 5e7, w_wind: 0, w_lee: 0, eave_load: 1000, base: 'soil', nh: 40 }
  test('moves at the ground by what the tables say', () => {
    const long = of('frame.post_frame', { ...given, embed_in: 120 }) as { grade_in: number[] }
    const T = (5e7 / 40) ** 0.2
    const want = (2.435 * 500 * T ** 3 + 1.623 * 500 * 100 * T ** 2) / 5e7
    expect(Math.abs(long.grade_in[0] / want - 1)).toBeLessThan(0.01)
  })
})
