import * as z from 'zod/mini'
import { BOARD_SIZES, LUMBERS, type Lumber } from '../model'
import { answer, answerOrNull, positive, zeroOrMore } from '../pocket/fields'
import { fail, item, ok, ratioOfUse } from '../result'
import { simpleSpan, uniform } from '../statics'
import { IN_PER_FT } from '../units'
import {
  beamStrength,
  boardSize,
  boardValues,
  CFU,
  columnLimits,
  columnStability,
  CURVE,
  type DesignValues,
  interaction,
  laminationFactor,
  MOST_SLENDER,
  PLY_IN,
  timberValues,
  wetFactors,
} from '../wood'
import { formula, orElse, value, within } from './formula'

const SPECIES = ['SP', 'DF-L', 'HF', 'SPF'] as const
const NOMINALS = [4, 6, 8, 10, 12] as const
const duration = within(0.5, 2, 'Load duration factor')
const wood = { species: z.enum(SPECIES), grade: z.string().check(z.minLength(1), z.maxLength(20)) }

/** A grade of a species as the tables name it: `No.2`, `No. 2` and `2` are one. */
function lumberOf(species: string, grade: string): Lumber | null {
  const plain = (text: string) => text.toLowerCase().replace(/no\.?|[^a-z0-9.&-]/g, '')
  return LUMBERS.find((lumber) => plain(lumber) === plain(`${species}-${grade}`)) ?? null
}

const noValues = fail('unknown-lumber', ['grade'])

const beam = formula({
  name: 'wood.beam',
  clause: 'NDS 2018 3.3, 3.4, 4.3',
  formula: 'M = w·L²/8; fb = M/S ≤ Fb·CD·Cr·Cfu·CL; fv = 1.5·V/A ≤ Fv·CD; 5·w·L⁴/(384·E·I)',
  input: z.strictObject({
    ...wood,
    nominal: z.literal(NOMINALS),
    w_plf: within(0, 100_000, 'Load along it, pounds a foot'),
    span_ft: within(0.5, 100, 'Span, feet'),
    cd: duration,
    lu_in: orElse(zeroOrMore('Free length of its compressed edge, inches; 0: held'), 0),
    Cr: orElse(within(1, 1.15, 'Repetitive-member factor'), 1),
    flat: z._default(z.boolean(), false),
    plies: orElse(z.int().check(z.gte(1), z.lte(6), z.describe('Plies')), 1),
    shear_at: z._default(z.enum(['support', 'd']), 'support'),
  }),
  output: z.object({
    M_lbin: answer('Moment'),
    fb_psi: answer('Bending'),
    fv_psi: answer('Shear'),
    Fb_adj_psi: answer('Bending it may take'),
    Fv_adj_psi: answer('Shear it may take'),
    CL: answer('Beam stability factor'),
    bending_ratio: answer('Bending used'),
    shear_ratio: answer('Shear used'),
    defl_in: answer('Deflection'),
  }),
  solve: (given) => {
    const lumber = lumberOf(given.species, given.grade)
    const size = item(BOARD_SIZES, NOMINALS.indexOf(given.nominal))
    const strength =
      lumber &&
      beamStrength({
        plies: given.plies,
        size,
        lumber,
        own: [],
        flat: given.flat,
        spaceIn: 0,
        sharing: given.Cr,
        luIn: given.lu_in,
        duration: given.cd,
        shortcut: false,
      })
    if (!strength) return noValues
    const { edge } = strength
    if (edge && edge.rb > MOST_SLENDER) return fail('too-slender', ['lu_in'], { found: edge.rb, most: MOST_SLENDER })
    const lengthIn = given.span_ft * IN_PER_FT
    const load = { lengthIn, points: [], lines: [uniform(lengthIn, given.w_plf)] }
    const span = simpleSpan(load, strength.values.ePsi * strength.iIn4)
    const { bIn, dIn } = boardSize(size)
    const dropIn = given.shear_at === 'd' ? Math.min(given.flat ? bIn : dIn, lengthIn / 2) : 0
    const shearLb = span.shearLb - (given.w_plf / IN_PER_FT) * dropIn
    const bendingPsi = span.momentInLb / strength.sIn3
    const shearPsi = (1.5 * shearLb) / strength.areaIn2
    return ok({
      M_lbin: span.momentInLb,
      fb_psi: bendingPsi,
      fv_psi: shearPsi,
      Fb_adj_psi: strength.fbPsi,
      Fv_adj_psi: strength.fvPsi,
      CL: strength.cl,
      bending_ratio: bendingPsi / strength.fbPsi,
      shear_ratio: shearPsi / strength.fvPsi,
      defl_in: span.deflectionIn,
    })
  },
})

/** A column's section and how it is held, and what pushes and bends it. */
interface Column {
  readonly values: DesignValues
  readonly breadthIn: number
  readonly depthIn: number
  readonly weakS: number
  readonly kf: number
  readonly bending: number
  readonly flatUse: number
  readonly le1In: number
  readonly le2In: number
  readonly luIn: number
  readonly duration: number
  readonly pushLb: number
  readonly moment1: number
  readonly moment2: number
}

/** Stresses, limits and interaction of a column that stays dry; refused past le/d of 50, naming the length. */
function columnOf(column: Column, names: readonly [le1: string, le2: string, lu: string]) {
  const limits = columnLimits({
    ...column,
    wet: wetFactors(column.values, false),
    weakIn: column.breadthIn,
    curve: CURVE.sawn,
  })
  const slender = [limits.slender1, limits.slender2, limits.rb]
  const past = slender.findIndex((found) => found > MOST_SLENDER)
  if (past >= 0) return fail('too-slender', [item(names, past)], { found: item(slender, past), most: MOST_SLENDER })
  const stresses = {
    fc: column.pushLb / (column.breadthIn * column.depthIn),
    fb1: column.moment1 / ((column.breadthIn * column.depthIn ** 2) / 6),
    fb2: column.moment2 / column.weakS,
  }
  const { first, second } = interaction(limits, stresses)
  return ok({ limits, stresses, first: ratioOfUse(first), second: ratioOfUse(second) })
}

const column = {
  P_lb: zeroOrMore('Push along it, pounds'),
  cd: duration,
}

const naillam = formula({
  name: 'wood.naillam',
  clause: 'NDS 2018 3.7, 3.9, 15.3; ASABE EP559',
  formula: "(fc/Fc')² + fb1/(Fb1'·(1−fc/FcE1)) + fb2/(Fb2'·(1−fc/FcE2−(fb1/FbE)²)); fc/FcE2 + (fb1/FbE)²",
  input: z.strictObject({
    ...wood,
    nominal: z.literal(NOMINALS),
    plies: z.int().check(z.gte(2), z.lte(5), z.describe('Plies')),
    ...column,
    M1_lbin: zeroOrMore('Moment over the depth of the plies, inch-pounds'),
    M2_lbin: zeroOrMore('Moment across them, inch-pounds'),
    le1_in: positive('Effective length over the depth, inches'),
    le2_in: positive('Effective length across the plies, inches'),
    grading: z._default(z.enum(['visual', 'machine', 'msr', 'MSR', 'mel', 'MEL']), 'visual'),
    lu_in: orElse(zeroOrMore('Free length of its compressed edge, inches; 0: held'), 0),
  }),
  output: z.object({
    Cr: answer('Factor on bending of the laminated section'),
    fc_psi: answer('Compression'),
    fb1_psi: answer('Bending over the depth'),
    fb2_psi: answer('Bending across the plies'),
    CP1: answer('Stability over the depth'),
    CP2: answer('Stability across the plies, Kf in it'),
    Fc_adj_psi: answer('Compression it may take'),
    Fb1_adj_psi: answer('Bending it may take over the depth'),
    Fb2_adj_psi: answer('Bending it may take across the plies'),
    FcE1_psi: answer('What it buckles under over the depth'),
    ratio_3_9_3: answerOrNull('Both together; null: it buckles'),
    ratio_3_9_4: answerOrNull('The two ways of buckling; null: it buckles'),
  }),
  solve: (given) => {
    const lumber = lumberOf(given.species, given.grade)
    const values = lumber && boardValues(lumber, given.nominal)
    if (!values) return noValues
    const depthIn = boardSize(item(BOARD_SIZES, NOMINALS.indexOf(given.nominal))).dIn
    const bending = laminationFactor(given.plies, true, given.grading !== 'visual')
    const found = columnOf(
      {
        values,
        breadthIn: given.plies * PLY_IN,
        depthIn,
        weakS: (given.plies * depthIn * PLY_IN ** 2) / 6,
        kf: 0.6,
        bending,
        flatUse: CFU[given.nominal] ?? 1,
        le1In: given.le1_in,
        le2In: given.le2_in,
        luIn: given.lu_in,
        duration: given.cd,
        pushLb: given.P_lb,
        moment1: given.M1_lbin,
        moment2: given.M2_lbin,
      },
      ['le1_in', 'le2_in', 'lu_in'],
    )
    if (!found.ok) return found
    const { limits, stresses, first, second } = found.value
    return ok({
      Cr: bending,
      fc_psi: stresses.fc,
      fb1_psi: stresses.fb1,
      fb2_psi: stresses.fb2,
      CP1: limits.cp1,
      CP2: limits.cp2,
      Fc_adj_psi: limits.fcAllowed,
      Fb1_adj_psi: limits.fb1Allowed,
      Fb2_adj_psi: limits.fb2Allowed,
      FcE1_psi: limits.fce1,
      ratio_3_9_3: first,
      ratio_3_9_4: second,
    })
  },
})

const timber = formula({
  name: 'wood.timber_post',
  clause: 'NDS 2018 Eq. 3.9-3',
  formula: "(fc/Fc')² + fb/(Fb'·(1−fc/FcE))",
  input: z.strictObject({
    species: z._default(z.enum(SPECIES), 'SP'),
    grade: wood.grade,
    size_in: within(4.5, 12, 'Side of the square, dressed, inches'),
    ...column,
    M_lbin: zeroOrMore('Moment, inch-pounds'),
    le_in: positive('Effective length, inches'),
  }),
  output: z.object({
    fc_psi: answer('Compression'),
    fb_psi: answer('Bending'),
    CP: answer('Column stability factor'),
    Fc_adj_psi: answer('Compression it may take'),
    Fb_adj_psi: answer('Bending it may take'),
    ratio_3_9_3: answerOrNull('Both together; null: it buckles'),
  }),
  solve: (given) => {
    const lumber = lumberOf(given.species, given.grade)
    const values = lumber && timberValues(lumber)
    if (!values) return noValues
    const found = columnOf(
      {
        values,
        breadthIn: given.size_in,
        depthIn: given.size_in,
        weakS: given.size_in ** 3 / 6,
        kf: 1,
        bending: 1,
        flatUse: 1,
        le1In: given.le_in,
        le2In: given.le_in,
        luIn: 0,
        duration: given.cd,
        pushLb: given.P_lb,
        moment1: given.M_lbin,
        moment2: 0,
      },
      ['le_in', 'le_in', 'le_in'],
    )
    if (!found.ok) return found
    const { limits, stresses, first } = found.value
    return ok({
      fc_psi: stresses.fc,
      fb_psi: stresses.fb1,
      CP: limits.cp1,
      Fc_adj_psi: limits.fcAllowed,
      Fb_adj_psi: limits.fb1Allowed,
      ratio_3_9_3: first,
    })
  },
})

const stability = formula({
  name: 'wood.CP',
  clause: 'NDS 2018 Eq. 3.7-1, 15.3-1',
  formula: 'CP = Kf·(a − √(a² − (FcE/Fc*)/c)), a = (1 + FcE/Fc*)/(2·c)',
  input: z.strictObject({
    Fc_star: positive('Compression with every factor but CP, psi'),
    Emin_p: positive('Emin with its factors, psi'),
    le: positive('Effective length, inches'),
    d: positive('Side that it buckles over, inches'),
    c: orElse(within(0.5, 1, 'Curve: 0.8 sawn, 0.9 glue-laminated'), 0.8),
    Kf: orElse(within(0.1, 1, 'Of nailed or bolted plies across their faces'), 1),
  }),
  output: value('Column stability factor'),
  solve: (given) => {
    const slenderness = given.le / given.d
    if (slenderness > MOST_SLENDER) return fail('too-slender', ['le'], { found: slenderness, most: MOST_SLENDER })
    const { cp } = columnStability({ slenderness, eMinPsi: given.Emin_p, fcStarPsi: given.Fc_star, curve: given.c })
    return ok({ value: given.Kf * cp })
  },
})

/** Wood members, NDS 2018. */
export const WOOD = [beam, naillam, timber, stability] as const
