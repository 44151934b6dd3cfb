import { line, sig, type TraceLine } from '@/core/result'
import type { BendingFacts } from '@/core/rules/post/bending'
import { about, IN_PER_FT, NEGLIGIBLE } from '@/core/units'
import { PLY_IN, wetFactors } from '@/core/wood'
import { actionNumbers } from '../actions'

type Worked = Extract<BendingFacts, { kind: 'worked' }>

const GRADE = 'at or below grade'

/** The action of the governing case that a moment at grade is, or null where it is none of them. */
function actionAtGrade({ result }: Worked, momentFtLb: number): 'momentFtLb' | 'fixedFtLb' | null {
  const { lateralCase } = result
  if (result.section !== GRADE || lateralCase === null) return null
  const is = (action: 'momentFtLb' | 'fixedFtLb') =>
    Math.abs(momentFtLb - Math.abs(lateralCase[action])) < NEGLIGIBLE * momentFtLb
  if (is('momentFtLb')) return 'momentFtLb'
  return is('fixedFtLb') ? 'fixedFtLb' : null
}

/** How the moment came about, with its numbers. */
function momentLine(facts: Worked): TraceLine {
  const { result, column, eccFtLb } = facts
  const moment = Math.abs(result.momentFtLb)
  const { lateralCase, section } = result
  const verify = section === GRADE ? { verify: 'C17' } : {}
  const head = { label: `Moment ${section}`, value: moment, unit: 'ft-lb' }
  if (result.clad > 0) {
    const numbers = `${sig(result.clad)} × ${sig(column.heightIn / IN_PER_FT)}²/8`
    return line({ ...head, formula: 'w·H²/8', numbers, clause: 'statics', ...verify })
  }
  if (!lateralCase) return line({ ...head, formula: 'P·e/2', numbers: `${sig(eccFtLb)}/2`, clause: 'statics' })
  const { windShare } = result.axial
  const withEcc = section === 'at mid-height' && eccFtLb !== 0
  const own = (moment - (withEcc ? eccFtLb / 2 : 0)) / windShare
  const action = actionAtGrade(facts, own)
  const parts = action === null ? sig(own) : actionNumbers(lateralCase, action)
  const windTimes = () => {
    if (windShare === 1) return parts
    return action === null ? `${sig(windShare)} × ${parts}` : `${sig(windShare)} × (${parts})`
  }
  return line({
    ...head,
    formula: `${windShare === 1 ? '' : 'share of the wind × '}M: held post × w + frame’s move${withEcc ? ' + P·e/2' : ''}`,
    numbers: `${windTimes()}${withEcc ? ` + ${sig(eccFtLb)}/2` : ''}`,
    clause: `statics: ${about(lateralCase.plf, 'plf')}, top moves ${about(lateralCase.moveIn, 'inches')}`,
    ...verify,
  })
}

/** The load along the post and the stress it makes. */
function axialLines({ result, column }: Worked): readonly TraceLine[] {
  const { axial, lateralCase } = result
  const [dead, roof, wind] = axial.parts
  const tension = axial.lb < 0
  const parts = [dead, ...(roof === 0 ? [] : [roof]), ...(wind === 0 ? [] : [wind])]
  const onePlyLess = result.areaIn2 < column.size.areaIn2
  return [
    line({
      label: `Axial load${lateralCase ? `, ${lateralCase.name}` : ''}`,
      formula: `${axial.name}: dead${roof === 0 ? '' : ' + roof'}${wind === 0 ? '' : ' + wind'}`,
      numbers: parts.map((lb) => (lb < 0 ? `(${sig(lb).replace('-', '−')})` : sig(lb))).join(' + '),
      value: axial.lb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1',
    }),
    line({
      label: tension ? 'Axial stress, tension' : 'Axial stress',
      formula: `${tension ? 'ft = T/A' : 'fc = P/A'}${onePlyLess ? ', one ply not counted' : ''}`,
      numbers: `${sig(Math.abs(axial.lb))}/${sig(result.areaIn2)}`,
      value: Math.abs(result.fc),
      unit: 'psi',
      clause: 'NDS 2018 3.6',
    }),
  ]
}

type Column = Worked['column']

/** Slenderness over the depth of a post. */
export const strongSlenderness = (column: Column, clause = 'NDS 2018 3.7.1'): TraceLine =>
  line({
    label: 'Slenderness, strong axis',
    formula: 'Ke·H/d',
    numbers: `${column.ke} × ${sig(column.lengthIn)}/${sig(column.size.depthIn)}`,
    value: (column.ke * column.lengthIn) / column.size.depthIn,
    unit: '',
    clause,
    ...(column.ke > 1 ? { verify: 'C07' } : {}),
  })

/** Slenderness across the plies of a post, over what nothing holds. */
export const weakSlenderness = (column: Column, clause = 'NDS 2018 15.3.2'): TraceLine =>
  line({
    label: 'Slenderness, weak axis',
    formula: `gap/d2${column.weakDepthIn === PLY_IN ? ', plies apart: the nailing does not meet 15.3.3' : ''}`,
    numbers: `${sig(column.gapIn)}/${sig(column.weakDepthIn)}`,
    value: column.gapIn / column.weakDepthIn,
    unit: '',
    clause,
  })

/** Whether the governing section stands in wet ground. */
const isWet = ({ result, column }: Worked): boolean => result.section === GRADE && column.wet

/** Stability of a post that is pushed (NDS 2018 3.7.1, 15.3.2). */
function stabilityLines(facts: Worked): readonly TraceLine[] {
  const { result, column } = facts
  const { values } = column
  const { fcStar, fce, curve, cp, kf } = result.limits
  const alpha = sig(fce / fcStar)
  const half = `(1 + ${alpha})/(2 × ${curve})`
  return [
    strongSlenderness(column),
    weakSlenderness(column),
    line({
      label: 'Before stability',
      formula: 'Fc* = Fc·CD·CM',
      numbers: `${sig(values.fc)} × ${result.axial.duration} × ${wetFactors(values, isWet(facts)).fc}`,
      value: fcStar,
      unit: 'psi',
      clause: values.table,
      ...(values.verify === undefined ? {} : { verify: values.verify }),
    }),
    line({
      label: 'Stability of the weaker axis',
      formula: 'CP from α = FcE/Fc*',
      numbers: `${half} − √((${half})² − ${alpha}/${curve})`,
      value: cp,
      unit: '',
      clause: `NDS 2018 3.7.1.5, FcE ${about(fce, 'psi')}`,
    }),
    line({
      label: 'Allowed axial',
      formula: kf < 1 ? "Fc' = Fc*·Kf·CP" : "Fc' = Fc*·CP",
      numbers: `${sig(fcStar)}${kf < 1 ? ` × ${kf}` : ''} × ${sig(cp)}`,
      value: result.fcAllowed,
      unit: 'psi',
      clause: kf < 1 ? 'NDS 2018 15.3.2' : 'NDS 2018 3.7',
    }),
  ]
}

const tensionLine = ({ result, column }: Worked): TraceLine =>
  line({
    label: 'Allowed tension',
    formula: "Ft' = Ft·CD",
    numbers: `${sig(column.values.ft)} × ${result.axial.duration}`,
    value: result.fcAllowed,
    unit: 'psi',
    clause: `${column.values.table}; NDS 2018 3.8`,
    ...(column.values.verify === undefined ? {} : { verify: column.values.verify }),
  })

/** Bending in the plane of the plies (NDS 2018 3.3, 4.3). */
function bendingLines(facts: Worked): readonly TraceLine[] {
  const { result, column } = facts
  if (result.momentFtLb === 0) return []
  const { values, lamination } = column
  const splice = result.share < 1
  const verify = lamination > 1 ? 'C08' : values.verify
  return [
    momentLine(facts),
    line({
      label: 'Bending stress',
      formula: 'fb = 12·M/S',
      numbers: `12 × ${sig(Math.abs(result.momentFtLb))}/${sig(column.size.sIn3)}`,
      value: result.fb,
      unit: 'psi',
      clause: 'NDS 2018 3.3',
    }),
    line({
      label: 'Allowed bending',
      formula: `Fb' = Fb·CD·CM·lamination${splice ? '·splice' : ''}`,
      numbers:
        `${sig(values.fb)} × ${result.axial.duration} × ${wetFactors(values, isWet(facts)).fb} × ` +
        `${lamination}${splice ? ` × ${sig(result.share)}` : ''}`,
      value: result.fbAllowed,
      unit: 'psi',
      clause: `${values.table}; NDS 2018 4.3, ASABE EP559`,
      ...(verify === undefined ? {} : { verify }),
    }),
  ]
}

const weakLine = ({ result, column }: Worked): TraceLine =>
  line({
    label: 'Bending across the plies',
    formula: 'fb2 = 12·M2/ΣSy',
    numbers: `12 × ${sig(result.weakFtLb)}/${sig(column.weakS)}`,
    value: result.fb2,
    unit: 'psi',
    clause: 'NDS 2018 3.9.2',
  })

/** How load and bending come together (NDS 2018 3.9). */
function togetherLine({ result }: Worked): TraceLine {
  const { fc, fb, fb2, fcAllowed, fbAllowed, limits } = result
  const head = { value: result.ratio, unit: '' }
  if (result.section === 'at the truss seat')
    return line({
      ...head,
      label: 'Outer plies beside the pocket',
      formula: 'fc/Fc*',
      numbers: `${sig(fc)}/${sig(fcAllowed)}`,
      clause: 'NDS 2018 3.10.1',
    })
  const weak = result.weakFtLb !== 0
  if (result.axial.lb < 0) {
    const sideways = weak ? ` + ${sig(fb2)}/${sig(limits.fb2Allowed)}` : ''
    return line({
      ...head,
      label: 'Together',
      formula: `ft/Ft' + fb/Fb*${weak ? ' + fb2/Fb2*' : ''}`,
      numbers: `${sig(-fc)}/${sig(fcAllowed)} + ${sig(fb)}/${sig(fbAllowed)}${sideways}`,
      clause: 'NDS 2018 3.9.1',
    })
  }
  const room = (fce: number) => `(1 − ${sig(fc)}/${sig(fce)})`
  const sideways = weak ? ` + ${sig(fb2)}/(${sig(limits.fb2Allowed)} × ${room(limits.fce2)})` : ''
  return line({
    ...head,
    label: 'Together',
    formula: `(fc/Fc')² + fb/(Fb'·(1−fc/FcE1))${weak ? " + fb2/(Fb2'·(1−fc/FcE2))" : ''}`,
    numbers: `(${sig(fc)}/${sig(fcAllowed)})² + ${sig(fb)}/(${sig(fbAllowed)} × ${room(limits.fce1)})` + sideways,
    clause: 'NDS 2018 3.9.2',
  })
}

/** The arithmetic of the hardest worked post, from its load to how load and bending come together. */
export function bendingTrace(facts: Worked): readonly TraceLine[] {
  const { result } = facts
  const tension = result.axial.lb < 0
  const pushed = !tension && result.section !== 'at the truss seat'
  return [
    ...axialLines(facts),
    ...(pushed ? stabilityLines(facts) : []),
    ...(tension ? [tensionLine(facts)] : []),
    ...bendingLines(facts),
    ...(result.weakFtLb !== 0 ? [weakLine(facts)] : []),
    togetherLine(facts),
  ]
}
