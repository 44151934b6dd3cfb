import type { Post } from '../layout'
import { line, sig, type TraceLine } from '../result'
import { IN_PER_FT, NEGLIGIBLE } from '../units'
import { type DesignValues, type PostSize, wetFactors } from '../wood'
import type { ColumnBasis } from '../rules/post/basis'
import type { ColumnResult } from '../rules/post/strength'
import { actionNumbers } from '../frame/lateralCase'

/** How the moment of a trial came about, with its numbers. */
function momentLine(columnResult: ColumnResult, post: Post, eccFtLb: number): TraceLine {
  const label = `Moment ${columnResult.section}`
  const verify = columnResult.section === 'at or below grade' ? 'C17' : undefined
  const moment = Math.abs(columnResult.momentFtLb)
  if (columnResult.clad > 0)
    return line({
      label,
      formula: 'w·H²/8',
      numbers: `${sig(columnResult.clad)} × ${sig(post.heightIn / IN_PER_FT)}²/8`,
      value: moment,
      unit: 'ft-lb',
      clause: 'statics',
      verify,
    })
  if (!columnResult.lateralCase)
    return line({
      label,
      formula: 'P·e/2',
      numbers: `${sig(eccFtLb)}/2`,
      value: moment,
      unit: 'ft-lb',
      clause: 'statics',
    })
  const windShare = columnResult.axial.windShare
  const ecc = columnResult.section === 'at mid-height' && eccFtLb !== 0 ? ` + ${sig(eccFtLb)}/2` : ''
  const own = (moment - (ecc ? eccFtLb / 2 : 0)) / windShare
  const is = (action: 'momentFtLb' | 'fixedFtLb') =>
    columnResult.lateralCase !== null && Math.abs(own - Math.abs(columnResult.lateralCase[action])) < NEGLIGIBLE * own
  const actionOf = () => {
    if (is('momentFtLb')) return 'momentFtLb'
    if (is('fixedFtLb')) return 'fixedFtLb'
    return null
  }
  const action = columnResult.section !== 'at or below grade' ? null : actionOf()
  const parts = action === null ? sig(own) : actionNumbers(columnResult.lateralCase, action)
  const windTimes = () => {
    if (windShare === 1) return parts
    if (action === null) return `${sig(windShare)} × ${parts}`
    return `${sig(windShare)} × (${parts})`
  }
  return line({
    label,
    formula: `${windShare === 1 ? '' : 'share of the wind × '}M: held post × w + frame’s move${ecc ? ' + P·e/2' : ''}`,
    numbers: windTimes() + ecc,
    value: moment,
    unit: 'ft-lb',
    clause: `statics: ${sig(columnResult.lateralCase.plf)} plf, top moves ${sig(columnResult.lateralCase.moveIn)} in.`,
    verify,
  })
}

/** How load and bending come together (NDS 2018 3.9). */
function togetherLine({
  seat,
  columnResult,
  tension,
  weak,
  room,
}: {
  readonly seat: boolean
  readonly columnResult: ColumnResult
  readonly tension: boolean
  readonly weak: boolean
  readonly room: (fce: number) => string
}): TraceLine {
  const lastLine = () => {
    if (seat)
      return line({
        label: 'Outer plies beside the pocket',
        formula: 'fc/Fc*',
        numbers: `${sig(columnResult.fc)}/${sig(columnResult.fcAllowed)}`,
        value: columnResult.ratio,
        unit: '',
        clause: 'NDS 2018 3.10.1',
      })
    if (tension)
      return line({
        label: 'Together',
        formula: `ft/Ft' + fb/Fb*${weak ? ' + fb2/Fb2*' : ''}`,
        numbers:
          `${sig(-columnResult.fc)}/${sig(columnResult.fcAllowed)} + ` +
          (`${sig(columnResult.fb)}/${sig(columnResult.fbAllowed)}` +
            `${weak ? ` + ${sig(columnResult.fb2)}/${sig(columnResult.limits.fb2Allowed)}` : ''}`),
        value: columnResult.ratio,
        unit: '',
        clause: 'NDS 2018 3.9.1',
      })
    return line({
      label: 'Together',
      formula: `(fc/Fc')² + fb/(Fb'·(1−fc/FcE1))${weak ? " + fb2/(Fb2'·(1−fc/FcE2))" : ''}`,
      numbers:
        `(${sig(columnResult.fc)}/${sig(columnResult.fcAllowed)})² + ` +
        `${sig(columnResult.fb)}/(${sig(columnResult.fbAllowed)} × ` +
        (`${room(columnResult.limits.fce1)})` +
          `${weak ? ` + ${sig(columnResult.fb2)}/(${sig(columnResult.limits.fb2Allowed)} × ${room(columnResult.limits.fce2)})` : ''}`),
      value: columnResult.ratio,
      unit: '',
      clause: 'NDS 2018 3.9.2',
    })
  }
  return lastLine()
}

/** Stability of a post that is pushed (NDS 2018 3.7.1, 15.3.2). */
function stabilityLines({
  columnResult,
  basis,
  post,
  size,
  values,
  duration,
  wet,
}: {
  readonly columnResult: ColumnResult
  readonly basis: ColumnBasis
  readonly post: Post
  readonly size: PostSize
  readonly values: DesignValues
  readonly duration: number
  readonly wet: boolean
}): TraceLine[] {
  const out: TraceLine[] = []
  const { fcStar, fce, curve, cp, kf } = columnResult.limits
  const half = `(1 + ${sig(fce / fcStar)})/(2 × ${curve})`
  out.push(
    line({
      label: 'Slenderness, strong axis',
      formula: 'Ke·H/d',
      numbers: `${basis.keOf(post)} × ${sig(basis.lengthIn(post))}/${sig(size.depthIn)}`,
      value: (basis.keOf(post) * basis.lengthIn(post)) / size.depthIn,
      unit: '',
      clause: 'NDS 2018 3.7.1',
      verify: basis.keOf(post) > 1 ? 'C07' : undefined,
    }),
    line({
      label: 'Slenderness, weak axis',
      formula: `gap/d2${basis.weakDepthIn === 1.5 ? ', plies apart: the nailing does not meet 15.3.3' : ''}`,
      numbers: `${sig(basis.gapIn(post))}/${sig(basis.weakDepthIn)}`,
      value: basis.gapIn(post) / basis.weakDepthIn,
      unit: '',
      clause: 'NDS 2018 15.3.2',
    }),
    line({
      label: 'Before stability',
      formula: 'Fc* = Fc·CD·CM',
      numbers: `${sig(values.fc)} × ${duration} × ${wetFactors(values, wet).fc}`,
      value: fcStar,
      unit: 'psi',
      clause: values.table,
      verify: values.verify,
    }),
    line({
      label: 'Stability of the weaker axis',
      formula: 'CP from α = FcE/Fc*',
      numbers: `${half} − √((${half})² − ${sig(fce / fcStar)}/${curve})`,
      value: cp,
      unit: '',
      clause: `NDS 2018 3.7.1.5, FcE ${sig(fce)} psi`,
    }),
    line({
      label: 'Allowed axial',
      formula: kf < 1 ? "Fc' = Fc*·Kf·CP" : "Fc' = Fc*·CP",
      numbers: `${sig(fcStar)}${kf < 1 ? ` × ${kf}` : ''} × ${sig(cp)}`,
      value: columnResult.fcAllowed,
      unit: 'psi',
      clause: kf < 1 ? 'NDS 2018 15.3.2' : 'NDS 2018 3.7',
    }),
  )
  return out
}

/** Bending in the plane of the plies (NDS 2018 3.3, 4.3). */
function bendingLines({
  columnResult,
  post,
  eccFtLb,
  size,
  values,
  duration,
  wet,
  basis,
}: {
  readonly columnResult: ColumnResult
  readonly post: Post
  readonly eccFtLb: number
  readonly size: PostSize
  readonly values: DesignValues
  readonly duration: number
  readonly wet: boolean
  readonly basis: ColumnBasis
}): TraceLine[] {
  const out: TraceLine[] = []
  if (columnResult.momentFtLb !== 0)
    out.push(
      momentLine(columnResult, post, eccFtLb),
      line({
        label: 'Bending stress',
        formula: 'fb = 12·M/S',
        numbers: `12 × ${sig(Math.abs(columnResult.momentFtLb))}/${sig(size.sIn3)}`,
        value: columnResult.fb,
        unit: 'psi',
        clause: 'NDS 2018 3.3',
      }),
      line({
        label: 'Allowed bending',
        formula: `Fb' = Fb·CD·CM·lamination${columnResult.share < 1 ? '·splice' : ''}`,
        numbers:
          `${sig(values.fb)} × ${duration} × ${wetFactors(values, wet).fb} × ` +
          `${basis.lamination}${columnResult.share < 1 ? ` × ${sig(columnResult.share)}` : ''}`,
        value: columnResult.fbAllowed,
        unit: 'psi',
        clause: `${values.table}; NDS 2018 4.3, ASABE EP559`,
        verify: basis.lamination > 1 ? 'C08' : values.verify,
      }),
    )
  return out
}

export function columnTrace(basis: ColumnBasis, columnResult: ColumnResult, post: Post, eccFtLb: number): TraceLine[] {
  const { values, size } = basis
  const wet = columnResult.section === 'at or below grade' && basis.wet
  const [dead, roof, wind] = columnResult.axial.parts
  const seat = columnResult.section === 'at the truss seat'
  const tension = columnResult.axial.lb < 0
  const { duration } = columnResult.axial
  const out: TraceLine[] = [
    line({
      label: `Axial load${columnResult.lateralCase ? `, ${columnResult.lateralCase.name}` : ''}`,
      formula: `${columnResult.axial.name}: dead${roof === 0 ? '' : ' + roof'}${wind === 0 ? '' : ' + wind'}`,
      numbers: [dead, ...(roof === 0 ? [] : [roof]), ...(wind === 0 ? [] : [wind])]
        .map((value) => (value < 0 ? `(${sig(value).replace('-', '−')})` : sig(value)))
        .join(' + '),
      value: columnResult.axial.lb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1',
    }),
    line({
      label: tension ? 'Axial stress, tension' : 'Axial stress',
      formula: `${tension ? 'ft = T/A' : 'fc = P/A'}${columnResult.areaIn2 < size.areaIn2 ? ', one ply not counted' : ''}`,
      numbers: `${sig(Math.abs(columnResult.axial.lb))}/${sig(columnResult.areaIn2)}`,
      value: Math.abs(columnResult.fc),
      unit: 'psi',
      clause: 'NDS 2018 3.6',
    }),
  ]
  if (!tension && !seat) {
    out.push(...stabilityLines({ columnResult, basis, post, size, values, duration, wet }))
  }
  if (tension)
    out.push(
      line({
        label: 'Allowed tension',
        formula: "Ft' = Ft·CD",
        numbers: `${sig(values.ft)} × ${duration}`,
        value: columnResult.fcAllowed,
        unit: 'psi',
        clause: `${values.table}; NDS 2018 3.8`,
        verify: values.verify,
      }),
    )
  out.push(...bendingLines({ columnResult, post, eccFtLb, size, values, duration, wet, basis }))
  const weak = columnResult.weakFtLb !== 0
  if (weak)
    out.push(
      line({
        label: 'Bending across the plies',
        formula: 'fb2 = 12·M2/ΣSy',
        numbers: `12 × ${sig(columnResult.weakFtLb)}/${sig(basis.weakS)}`,
        value: columnResult.fb2,
        unit: 'psi',
        clause: 'NDS 2018 3.9.2',
      }),
    )
  const room = (fce: number) => `(1 − ${sig(columnResult.fc)}/${sig(fce)})`
  out.push(togetherLine({ seat, columnResult, tension, weak, room }))
  return out
}
