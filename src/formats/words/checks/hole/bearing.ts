import { line, sig, type TraceLine } from '@/core/result'
import type { bearing, BearingFacts } from '@/core/rules/hole/bearing'
import { IN_PER_FT, inchesAlone, ROUNDING } from '@/core/units'
import { gravityLine } from '../actions'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

/** Snow on the post, by what brings it. */
function snowLine({ snow, demand }: BearingFacts): TraceLine {
  const written = (formula: string, numbers: string) =>
    line({ label: 'Snow', formula, numbers, value: demand.snowLb, unit: 'lb', clause: 'ASCE 7-16 ch. 7' })
  switch (snow.kind) {
    case 'lean-to line':
      return written('lean-to, outer line × length', `${sig(snow.plf)} × ${sig(demand.eaveFt)}`)
    case 'by the ridge':
      return written(
        'snow by the ridge × area',
        `${sig(demand.snowLb / Math.max(demand.roofFt2, ROUNDING))} × ${sig(demand.roofFt2)}`,
      )
    case 'truss drawing':
      return written('reaction of the truss drawing less dead load, lean-to with it', sig(demand.snowLb))
    case 'eave line': {
      const line = `${sig(snow.plf)} × ${sig(demand.eaveFt)}`
      return Math.abs(snow.restLb) < 1
        ? written('eave line × length', line)
        : written('eave line × length + lean-to', `${line} + ${sig(snow.restLb)}`)
    }
  }
}

const trace = (facts: BearingFacts): readonly TraceLine[] => {
  const { demand, deadPsf, soil, diameterIn } = facts
  const { loadLb, padLb, capacityLb } = facts.bearing
  return [
    ...facts.loadTraces,
    line({
      label: 'Dead',
      formula: 'D = psf·area',
      numbers: `${sig(deadPsf)} × ${sig(demand.roofFt2)}`,
      value: demand.deadLb,
      unit: 'lb',
      clause: 'ASCE 7-16 3.1',
      verify: 'C09',
    }),
    ...facts.leanSnowTrace,
    snowLine(facts),
    line({
      label: 'Roof live',
      formula: 'Lr × area',
      numbers: `${sig(demand.liveLb / Math.max(demand.roofFt2, ROUNDING))} × ${sig(demand.roofFt2)}`,
      value: demand.liveLb,
      unit: 'lb',
      clause: 'ASCE 7-16 4.8.2',
      verify: 'C10',
    }),
    gravityLine('Worst at the top', demand, demand.wallPushLb),
    line({
      label: 'With the post and the concrete',
      formula: 'P + post, and what is cast under and around it',
      numbers: `${sig(loadLb)} + ${sig(padLb)}`,
      value: loadLb + padLb,
      unit: 'lb',
      clause: 'NDS Supp. 3.1.3',
    }),
    line({
      label: 'What the soil takes',
      formula: 'q·π·D²/4',
      numbers: `${sig(soil.bearingPsf)} × π × ${sig(diameterIn / IN_PER_FT)}²/4`,
      value: capacityLb,
      unit: 'lb',
      clause: soil.source,
    }),
  ]
}

export const words: CheckWords<CheckOf<typeof bearing>> = {
  title: ({ key, facts }) => `${kindName(key.place)}: ${facts.pier ? 'pier' : 'pad'} on the soil`,
  governs: ({ facts }) =>
    `${facts.demand.gravityCase} on ${facts.post.name} presses a ${inchesAlone(facts.diameterIn)} circle of soil.`,
  remedy: () => 'A wider pad, or a soil report that allows more.',
  place: ({ facts }) => `under ${facts.post.name}`,
  trace: ({ facts }) => trace(facts),
}
