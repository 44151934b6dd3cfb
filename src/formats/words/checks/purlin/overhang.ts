import { line, sig, stands, type TraceLine } from '@/core/result'
import type { overhang, OverhangFacts } from '@/core/rules/purlin/overhang'
import { about, formatLength, IN_PER_FT } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { LUMBER_REMEDY, noValues } from '../lumber'
import { allowedLines, shearLines } from '../span'

type Worked = Extract<OverhangFacts, { kind: 'worked' }>

function governs(facts: OverhangFacts): string {
  if (facts.kind === 'lookouts')
    return 'The purlins end at the end trusses: what carries the gable overhang, its lookouts, is not known here.'
  if (facts.kind === 'no values') return noValues(`${facts.lumber} ${facts.size}`)
  const { spanCase, judged, outIn } = facts
  if (!stands(judged.use)) return `${spanCase.name}: its free edge is too slender (RB over 50).`
  const momentFtLb = Math.abs(judged.forces.momentInLb) / IN_PER_FT
  return `${spanCase.name} bends it by ${about(momentFtLb, 'lbFt')} at the end truss, ${formatLength(outIn)} from its end.`
}

/** Moment and stress at the end truss, from the load on a foot of it and a worker at its end. */
function momentLines({ spanCase, judged, outIn }: Worked): readonly TraceLine[] {
  const { forces, strength, fb } = judged
  const momentFtLb = Math.abs(forces.momentInLb) / IN_PER_FT
  const workerLb = (spanCase.loads.points[0]?.lb ?? 0) / 2
  const outFt = outIn / IN_PER_FT
  const plf = Math.abs(momentFtLb - workerLb * outFt) / (outFt ** 2 / 2)
  return [
    line({
      label: 'Moment at the end truss',
      formula: workerLb > 0 ? 'w·L²/2 + P·L' : 'w·L²/2',
      numbers: `${sig(plf)} × ${sig(outFt)}²/2${workerLb > 0 ? ` + ${sig(workerLb)} × ${sig(outFt)}` : ''}`,
      value: momentFtLb,
      unit: 'ft-lb',
      clause: 'statics; wind ASCE 7-16 30.9',
      verify: 'C39',
    }),
    line({
      label: 'Bending stress',
      formula: 'fb = 12·M/S',
      numbers: `12 × ${sig(momentFtLb)}/${sig(strength.sIn3)}`,
      value: fb,
      unit: 'psi',
      clause: 'NDS 2018 3.3',
    }),
  ]
}

export const words: CheckWords<CheckOf<typeof overhang>> = {
  title: () => 'Purlins past the end trusses',
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => {
    if (facts.kind === 'lookouts') return 'Have the lookouts designed, or run the purlins on over the end trusses.'
    return facts.kind === 'worked' ? 'A shorter gable overhang, closer or deeper purlins.' : LUMBER_REMEDY
  },
  place: () => 'at the end trusses',
  trace: ({ facts }) =>
    facts.kind === 'worked'
      ? [
          ...momentLines(facts),
          ...allowedLines({ ...facts, flat: facts.flat }),
          ...shearLines({ ...facts, notchShare: 1 }),
        ]
      : [],
}
