import { line, sig, stands, type TraceLine } from '@/core/result'
import type { BendingFacts } from '@/core/rules/post/bending'
import { about, NEGLIGIBLE, upTo } from '@/core/units'
import { edgeLines, PLY_IN, uniformLeIn, wetFactors } from '@/core/wood'
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

/** Moments of what bears beside the middle of the post, ft-lb: half of each at mid-height, all where it bears. */
function besideParts({ result, eccFtLb, hangingFtLb }: Worked): readonly (readonly [ftLb: number, over: 1 | 2])[] {
  switch (result.section) {
    case 'at mid-height':
      return [
        [eccFtLb, 2],
        [hangingFtLb, 2],
      ]
    case 'under the beam':
      return [[eccFtLb, 1]]
    case 'at the lean-to':
      return [
        [result.lateralCase ? 0 : eccFtLb, 1],
        [hangingFtLb, 1],
      ]
    default:
      return []
  }
}
const besideFtLb = (facts: Worked): number => besideParts(facts).reduce((sum, [ftLb, over]) => sum + ftLb / over, 0)
const besideNumbers = (facts: Worked): string =>
  besideParts(facts)
    .filter(([ftLb]) => ftLb !== 0)
    .map(([ftLb, over]) => (over === 1 ? sig(ftLb) : `${sig(ftLb)}/${over}`))
    .join(' + ') || '0'

/** How the moment came about, with its numbers. */
function momentLine(facts: Worked): TraceLine {
  const { result } = facts
  const moment = Math.abs(result.momentFtLb)
  const { lateralCase, section } = result
  const verify = section === GRADE ? { verify: 'C17' } : {}
  const head = { label: `Moment ${section}`, value: moment, unit: 'ft-lb' }
  if (result.clad > 0) {
    const share = moment / result.clad
    return line({
      ...head,
      formula: 'w × the held post’s own',
      numbers: `${sig(result.clad)} × ${sig(share)}`,
      clause: `statics: ${sig(share)} ft-lb for each plf`,
      ...verify,
    })
  }
  const beside = besideFtLb(facts)
  if (!lateralCase)
    return line({ ...head, formula: 'P·e beside its middle', numbers: besideNumbers(facts), clause: 'statics' })
  const { windShare } = result.axial
  const withEcc = beside !== 0
  const own = (moment - beside) / windShare
  const action = actionAtGrade(facts, own)
  const parts = action === null ? sig(own) : actionNumbers(lateralCase, action)
  const windTimes = () => {
    if (windShare === 1) return parts
    return action === null ? `${sig(windShare)} × ${parts}` : `${sig(windShare)} × (${parts})`
  }
  return line({
    ...head,
    formula: `${windShare === 1 ? '' : 'share of the wind × '}M: held post × w + frame’s move${withEcc ? ' + P·e' : ''}`,
    numbers: `${windTimes()}${withEcc ? ` + ${besideNumbers(facts)}` : ''}`,
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
    formula: 'Ke·L/d, L from its fixity',
    numbers: `${sig(column.ke)} × ${sig(column.lengthIn)}/${sig(column.size.depthIn)}`,
    value: (column.ke * column.lengthIn) / column.size.depthIn,
    unit: '',
    clause,
    verify: 'C07',
  })

/** Slenderness across the plies of a post, over what nothing holds. */
export const weakSlenderness = (column: Column, clause = 'NDS 2018 15.3.2'): TraceLine =>
  line({
    label: 'Slenderness, weak axis',
    formula: `gap/d2${column.actingIn === PLY_IN ? ', plies apart: the nailing does not meet 15.3.3' : ''}`,
    numbers: `${sig(column.gapIn)}/${sig(column.actingIn)}`,
    value: column.gapIn / column.actingIn,
    unit: '',
    clause,
  })

/** Stability of a post that is pushed (NDS 2018 3.7.1, 15.3.2). */
function stabilityLines(facts: Worked): readonly TraceLine[] {
  const { result, column } = facts
  const { values } = column
  const { curve } = column
  const { limits } = result
  const { fcStar } = limits
  const weaker = limits.cp2 < limits.cp1
  const fce = weaker ? limits.fce2 : limits.fce1
  const kf = weaker ? column.kf : 1
  const cp = (weaker ? limits.cp2 : limits.cp1) / kf
  const alpha = sig(fce / fcStar)
  const half = `(1 + ${alpha})/(2 × ${curve})`
  return [
    strongSlenderness(column),
    weakSlenderness(column),
    line({
      label: 'Before stability',
      formula: 'Fc* = Fc·CD·CM',
      numbers: `${sig(values.fc)} × ${result.axial.duration} × ${wetFactors(values, result.wet).fc}`,
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
    formula: "Ft' = Ft·CD·CM",
    numbers: `${sig(column.values.ft)} × ${result.axial.duration} × ${wetFactors(column.values, result.wet).ft}`,
    value: result.fcAllowed,
    unit: 'psi',
    clause: `${column.values.table}; NDS 2018 3.8`,
    ...(column.values.verify === undefined ? {} : { verify: column.values.verify }),
  })

/** Stability of the edge that bending compresses, between what holds it (NDS 2018 3.3.3). */
function edgeOfPost({ result, column }: Worked): readonly TraceLine[] {
  const { limits } = result
  if (limits.fbe === null) return []
  const { depthIn } = column.size
  return edgeLines({
    leIn: uniformLeIn(column.gapIn, depthIn),
    dIn: depthIn,
    bIn: column.actingIn,
    fbePsi: limits.fbe,
    fbStarPsi: limits.fb1Star,
    rb: limits.rb,
    cl: limits.cl,
  })
}

/** Bending in the plane of the plies (NDS 2018 3.3, 4.3). */
function bendingLines(facts: Worked): readonly TraceLine[] {
  const { result, column } = facts
  if (result.momentFtLb === 0) return []
  const { values, lamination } = column
  const { limits } = result
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
      label: 'Before stability of its edge',
      formula: 'Fb* = Fb·CD·CM·lamination',
      numbers: `${sig(values.fb)} × ${result.axial.duration} × ${wetFactors(values, result.wet).fb} × ${lamination}`,
      value: limits.fb1Star,
      unit: 'psi',
      clause: `${values.table}; NDS 2018 4.3, ASABE EP559`,
      ...(verify === undefined ? {} : { verify }),
    }),
    ...edgeOfPost(facts),
    line({
      label: 'Allowed bending',
      formula: `Fb' = Fb*·CL${splice ? '·splice' : ''}`,
      numbers: `${sig(limits.fb1Star)} × ${sig(limits.cl)}${splice ? ` × ${sig(result.share)}` : ''}`,
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

/** What the post buckles under, where its load is past that. */
const bucklesLine = ({ result: { fc, limits } }: Worked): TraceLine =>
  line({
    label: 'Load it buckles under',
    formula: 'the least of FcE1, FcE2: less than fc',
    numbers: `min(${sig(limits.fce1)}, ${sig(limits.fce2)})`,
    value: Math.min(limits.fce1, limits.fce2),
    unit: 'psi',
    clause: `NDS 2018 3.9.3; fc ${about(fc, 'psi')}`,
  })

/** A share of what a post buckles under is written finer where little is left of it: four figures would not tell. */
const NEAR_BUCKLING = 0.9
const finer = (psi: number): string => upTo(psi, 4, { ascii: true }).replaceAll(',', '')
const over = (fc: number, fce: number): string =>
  fc < NEAR_BUCKLING * fce ? `${sig(fc)}/${sig(fce)}` : `${finer(fc)}/${finer(fce)}`

/** How load and bending come together (NDS 2018 3.9). */
function togetherLine(facts: Worked): TraceLine {
  const { result } = facts
  const { fc, fb, fb2, fcAllowed, fbAllowed, limits, use } = result
  if (!stands(use)) return bucklesLine(facts)
  if (stands(result.second) && use === result.second && use !== result.first) return secondLine(facts, use)
  const head = { value: use, unit: '' }
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
      numbers: `${sig(-fc)}/${sig(fcAllowed)} + ${sig(fb)}/${sig(limits.fb1Star * result.share)}${sideways}`,
      clause: 'NDS 2018 3.9.1',
    })
  }
  const edge = limits.fbe === null ? '' : ` − (${sig(fb)}/${sig(limits.fbe)})²`
  const room2 = `(1 − ${over(fc, limits.fce2)}${edge})`
  const sideways = weak ? ` + ${sig(fb2)}/(${sig(limits.fb2Allowed)} × ${room2})` : ''
  return line({
    ...head,
    label: 'Together',
    formula: `(fc/Fc')² + fb/(Fb'·(1−fc/FcE1))${weak ? " + fb2/(Fb2'·(1−fc/FcE2−(fb/FbE)²))" : ''}`,
    numbers:
      `(${sig(fc)}/${sig(fcAllowed)})² + ${sig(fb)}/(${sig(fbAllowed)} × (1 − ${over(fc, limits.fce1)}))` + sideways,
    clause: 'NDS 2018 3.9.2',
  })
}

/** The other equation, where it governs: both ways of buckling together, or the edge that a pull does not relieve. */
function secondLine({ result }: Worked, use: number): TraceLine {
  const { fc, fb, limits, axial } = result
  const head = { label: 'Together, the other equation', value: use, unit: '' }
  if (axial.lb < 0)
    return line({
      ...head,
      formula: "(fb − ft)/Fb'",
      numbers: `(${sig(fb)} − ${sig(-fc)})/${sig(result.fbAllowed)}`,
      clause: 'NDS 2018 3.9-2',
    })
  const edge = limits.fbe === null ? '' : ` + (${sig(fb)}/${sig(limits.fbe)})²`
  return line({
    ...head,
    formula: 'fc/FcE2 + (fb/FbE)²',
    numbers: `${sig(fc)}/${sig(limits.fce2)}${edge}`,
    clause: 'NDS 2018 3.9-4',
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
