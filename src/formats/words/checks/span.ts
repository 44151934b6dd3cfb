import { line, sig, stands, type TraceLine, type WhyNot } from '@/core/result'
import type { LoadOrigin, SpanJudged } from '@/core/rules/span/member'
import type { SpanFacts } from '@/core/rules/span/strength'
import type { SpanSagFacts } from '@/core/rules/span/sag'
import type { Check } from '@/core/rules'
import { about, formatLength, IN_PER_FT } from '@/core/units'
import { edgeLines } from '@/core/wood'
import type { CheckWords } from './checkWords'
import { LUMBER_REMEDY, noValues } from './lumber'

type Worked<About> = Extract<SpanFacts<About>, { kind: 'worked' }>

/** Why a span cannot stand under a combination. */
const fallsWords = (load: string, why: WhyNot): string =>
  why === 'free edge' ? `${load}: its free edge is too slender (RB over 50).` : `${load} rolls it over.`

function governs<About>(facts: SpanFacts<About>): string {
  if (facts.kind === 'no load') return 'Nothing loads it.'
  if (facts.kind === 'no values') return noValues(`${facts.lumber} ${facts.size}`)
  const { spanCase, judged, bends } = facts
  if (!stands(judged.use)) return fallsWords(spanCase.name, judged.use.cannotStand)
  const { momentInLb, shearLb } = judged.forces
  const how = bends
    ? `bends it, ${about(Math.abs(momentInLb) / IN_PER_FT, 'lbFt')}`
    : `shears it, ${about(shearLb, 'lb')}`
  return `${spanCase.name} ${how} over ${formatLength(spanCase.loads.lengthIn)}.`
}

function originLines(origin: LoadOrigin | undefined): readonly TraceLine[] {
  if (!origin) return []
  switch (origin.kind) {
    case 'loads':
      return origin.trace
    case 'slope': {
      const { deadPsf, planPsf, windPsf, cos, spaceFt, plf } = origin
      return [
        line({
          label: 'Square to the slope',
          formula: 'w = (D·cosθ + S·cos²θ + W)·s',
          numbers:
            `(${sig(deadPsf)} × ${sig(cos)} + ${sig(planPsf)} × ${sig(cos * cos)} + ${sig(windPsf)}) × ` + sig(spaceFt),
          value: plf,
          unit: 'plf',
          clause: 'statics',
        }),
      ]
    }
    case 'uplift': {
      const { zone, upPsf, leastPsf, cos, spaceFt, plf } = origin
      return [
        line({
          label: `Wind up, zone ${zone}`,
          formula: 'w = (0.6·p − 0.6·D·cosθ)·s',
          numbers: `(0.6 × ${sig(upPsf)} − 0.6 × ${sig(leastPsf)} × ${sig(cos)}) × ${sig(spaceFt)}`,
          value: plf,
          unit: 'plf',
          clause: 'ASCE 7-16 Fig. 30.3-2',
        }),
      ]
    }
  }
}

/** Bending across the other axis, where the first one's free edge takes from it. */
function acrossLine(
  { strength, fb, fbAllowed }: SpanJudged,
  weak: NonNullable<SpanJudged['weak']>,
  bending: number,
): TraceLine {
  const fbePsi = strength.edge?.fbePsi ?? null
  const left = fbePsi === null ? '' : ` × (1−(${sig(fb)}/${sig(fbePsi)})²)`
  return line({
    label: 'Across the other axis',
    formula: fbePsi === null ? "fb2/Fb2'" : "fb2/(Fb2'·(1−(fb1/FbE)²))",
    numbers:
      fbePsi === null ? `${sig(weak.fb)}/${sig(weak.fbAllowed)}` : `${sig(weak.fb)}/(${sig(weak.fbAllowed)}${left})`,
    value: bending - fb / fbAllowed,
    unit: '',
    clause: 'NDS 2018 3.9.2',
  })
}

/** Bending about both axes. */
function bendingLines<About>(worked: Worked<About>): readonly TraceLine[] {
  const { spanCase, judged } = worked
  const { forces, strength, fb } = judged
  const momentFtLb = Math.abs(forces.momentInLb) / IN_PER_FT
  return [
    line({
      label: 'Largest moment',
      formula: `${spanCase.name}, from the diagram`,
      numbers: sig(momentFtLb),
      value: momentFtLb,
      unit: 'ft-lb',
      clause: 'statics',
    }),
    line({
      label: 'Bending stress',
      formula: 'fb = 12·M/S',
      numbers: `12 × ${sig(momentFtLb)}/${sig(strength.sIn3)}`,
      value: fb,
      unit: 'psi',
      clause: 'NDS 2018 3.3',
    }),
    ...allowedLines(worked),
  ]
}

/** What it may take in bending, and what bending across the other axis takes of it. */
export function allowedLines({
  spanCase,
  judged,
  flat,
}: Pick<Worked<unknown>, 'spanCase' | 'judged' | 'flat'>): readonly TraceLine[] {
  const { strength, fbAllowed, weak, bending } = judged
  const verify = spanCase.verify ?? (strength.cr > 1 ? 'C06' : strength.values.verify)
  return [
    ...(strength.edge ? edgeLines(strength.edge) : []),
    line({
      label: 'Allowed bending',
      formula: flat ? "Fb' = Fb·CD·Cr·Cfu" : "Fb' = Fb·CD·Cr·CL",
      numbers:
        `${sig(strength.values.fb)} × ${spanCase.duration} × ${strength.cr} × ` +
        sig(flat ? strength.cfu : strength.cl),
      value: fbAllowed,
      unit: 'psi',
      clause: `${strength.values.table}; NDS 2018 4.3`,
      ...(verify === undefined ? {} : { verify }),
    }),
    ...(weak && weak.fb > 0 && stands(bending) ? [acrossLine(judged, weak, bending)] : []),
  ]
}

/** Shear beside the shear it may take. */
export function shearLines({
  spanCase,
  judged,
  notchShare,
}: Pick<Worked<unknown>, 'spanCase' | 'judged' | 'notchShare'>): readonly TraceLine[] {
  const { forces, strength } = judged
  const notched = notchShare < 1
  return [
    line({
      label: 'Shear stress',
      formula: 'fv = 1.5·V/A',
      numbers: `1.5 × ${sig(forces.shearLb)}/${sig(strength.areaIn2)}`,
      value: (1.5 * forces.shearLb) / strength.areaIn2,
      unit: 'psi',
      clause: 'NDS 2018 3.4',
    }),
    line({
      label: 'Allowed shear',
      formula: notched ? "Fv'·(notch)" : "Fv' = Fv·CD",
      numbers: `${sig(strength.values.fv)} × ${spanCase.duration}${notched ? ` × ${sig(notchShare)}` : ''}`,
      value: strength.fvPsi * notchShare,
      unit: 'psi',
      clause: 'NDS 2018 3.4.3',
    }),
  ]
}

/** What the words of a span need besides the span itself. */
export interface SpanTexts<Judged extends Check> {
  readonly title: CheckWords<Judged>['title']
  readonly remedy: CheckWords<Judged>['remedy']
}

type Strength<About> = Check<string, 'strength', SpanFacts<About>>
type Sag<About> = Check<string, 'sag', SpanSagFacts<About>>

/** Words of the strength of a span. */
export const strengthWords = <About>(texts: SpanTexts<Strength<About>>): CheckWords<Strength<About>> => ({
  title: texts.title,
  governs: ({ facts }) => governs(facts),
  remedy: (check, walls) => (check.facts.kind === 'worked' ? texts.remedy(check, walls) : LUMBER_REMEDY),
  place: ({ facts }) => {
    if (facts.kind !== 'worked') return ''
    const { spanCase, bends, judged } = facts
    return spanCase.place ?? (bends ? `${formatLength(judged.forces.momentAtIn)} along` : 'at its end')
  },
  trace: ({ facts }) =>
    facts.kind === 'worked'
      ? [...originLines(facts.spanCase.origin), ...bendingLines(facts), ...shearLines(facts)]
      : [],
})

/** Words of the sag of a span. */
export const sagWords = <About>(texts: SpanTexts<Sag<About>>): CheckWords<Sag<About>> => ({
  title: (check, walls) => `${texts.title(check, walls)}: sag`,
  governs: ({ facts: { sagCase, sag } }) => {
    const allowed =
      sagCase.mostIn !== undefined && sag.limitIn === sagCase.mostIn
        ? `${about(sagCase.mostIn, 'inches')} is the most here.`
        : `1/${sagCase.over} of the span is allowed.`
    return `${sagCase.name} sags it ${about(sag.sagIn, 'inches')} over ${formatLength(sagCase.loads.lengthIn)}; ${allowed}`
  },
  remedy: texts.remedy,
  place: () => 'between its ends',
  trace: ({ facts: { sagCase, sag } }) => {
    const { mostIn } = sagCase
    const inPlace = mostIn !== undefined && sag.limitIn === mostIn
    return [
      line({
        label: `Sag, E·I ${about(sag.ei, 'lbIn2')}`,
        formula: 'from the diagram',
        numbers: sig(sag.sagIn),
        value: sag.sagIn,
        unit: 'in',
        clause: 'statics',
      }),
      line({
        label: 'Allowed',
        formula: inPlace ? 'limit in place' : 'L/n',
        numbers: inPlace ? sig(mostIn) : `${sig(sagCase.loads.lengthIn)}/${sagCase.over}`,
        value: sag.limitIn,
        unit: 'in',
        clause: 'IBC 2021 Table 1604.3',
        ...(mostIn === undefined ? {} : { verify: 'C26' }),
      }),
    ]
  },
})
