import { cleatUpliftLb, collarUpliftLb, pierUpliftLb } from '@/core/ground'
import { line, sig, type TraceLine } from '@/core/result'
import type { uplift, UpliftFacts } from '@/core/rules/hole/uplift'
import { IN2_PER_FT2, IN_PER_FT, quantity, ROUNDING } from '@/core/units'
import { postSize } from '@/core/wood'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

/** Height over the bottom of a post that cleats at its foot reach to, inches. */
const CLEAT_TOP_IN = 1.5

/** What holds the post down, by its foundation. */
function holdLines({ foundation, hole, postWeightLb, uplift }: UpliftFacts): readonly TraceLine[] {
  const { school, bracketIn, collarHeightIn, coneAngleDeg, cleat } = foundation
  const held = {
    postAreaFt2: postSize(foundation.post).areaIn2 / IN2_PER_FT2,
    postWeightLb,
    coneDeg: coneAngleDeg,
    nearestIn: uplift.nearestIn ?? undefined,
  }
  if (school === 'pier') return pierUpliftLb(hole.diameterIn, (hole.depthIn + bracketIn) / IN_PER_FT).trace()
  if (school === 'collar')
    return collarUpliftLb({
      diameterIn: hole.diameterIn,
      heightIn: Math.min(collarHeightIn, hole.embedIn),
      topFt: Math.max(0, hole.embedIn - collarHeightIn) / IN_PER_FT,
      ...held,
    }).trace()
  if (cleat)
    return cleatUpliftLb({ ...cleat, topFt: Math.max(0, hole.embedIn - CLEAT_TOP_IN) / IN_PER_FT, ...held }).trace()
  return [
    line({
      label: 'The post’s own weight',
      formula: '0.6·post',
      numbers: `0.6 × ${sig(postWeightLb)}`,
      value: uplift.capacityLb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1 (7)',
    }),
  ]
}

function remedy({ foundation }: UpliftFacts): string {
  switch (foundation.school) {
    case 'pad':
      return foundation.cleat
        ? 'Longer or wider cleats, deeper.'
        : 'A pad that is not fixed to the post holds nothing down: cast a collar, or bolt cleats to its foot.'
    case 'collar':
      return 'A wider or higher collar, deeper; tamped backfill lets the soil cone spread.'
    case 'pier':
      return 'A wider or deeper pier.'
  }
}

export const words: CheckWords<CheckOf<typeof uplift>> = {
  title: ({ key }) => `${kindName(key.place)}: uplift`,
  governs: ({ facts }) =>
    facts.uplift.demandLb <= 0
      ? 'Dead load alone holds these posts down.'
      : `Wind lifts ${facts.post.name} by ${quantity(facts.uplift.demandLb, 'lb')} net of the dead load` +
        `${facts.uplift.coupleLb > 0 ? `, ${quantity(facts.uplift.coupleLb, 'lb')} of it at the end of its wall` : ''}.`,
  remedy: ({ facts }) => remedy(facts),
  place: ({ facts }) => `foot of ${facts.post.name}`,
  trace: ({ facts }) => [
    line({
      label: 'Wind on the roof',
      formula: 'W = p·area, p the mean over its area',
      numbers: `${sig(facts.demand.windUpLb / Math.max(facts.demand.roofFt2, ROUNDING))} × ${sig(facts.demand.roofFt2)}`,
      value: facts.demand.windUpLb,
      unit: 'lb',
      clause: 'ASCE 7-16 27.3',
      ...(facts.kind === 'lean-to' ? { verify: 'C14' } : {}),
    }),
    line({
      label: 'Net uplift',
      formula: 'T = 0.6·W − 0.6·D',
      numbers: `0.6 × ${sig(facts.demand.windUpLb)} − 0.6 × ${sig(facts.demand.deadMinLb)}`,
      value: facts.demand.upliftLb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1 (7)',
    }),
    ...(facts.uplift.coupleLb > 0
      ? [
          line({
            label: 'With what wind in the plane of its wall lifts',
            formula: 'T + v·h',
            numbers: `${sig(facts.demand.upliftLb).replace('-', '−')} + ${sig(facts.uplift.coupleLb)}`,
            value: facts.uplift.demandLb,
            unit: 'lb',
            clause: 'statics; see its wall',
          }),
        ]
      : []),
    ...holdLines(facts),
  ],
}
