import { about, stated } from '@/core/units'
import { yieldLine } from '@/core/joints'
import { line, sig } from '@/core/result'
import type { fixing } from '@/core/rules/hole/fixing'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

export const words: CheckWords<CheckOf<typeof fixing>> = {
  title: ({ key, facts }) => `${kindName(key.place)}: ${facts.collar ? 'collar' : 'cleats'} fixed to the post`,
  governs: ({ facts }) =>
    `${facts.count} bars or bolts of ${stated(facts.diameterIn, 'inches')} through the post carry its uplift into the ` +
    `${facts.collar ? 'concrete' : 'cleats'}.`,
  remedy: () => 'More or thicker bars through the post.',
  place: () => 'below grade',
  trace: ({ facts }) => [
    yieldLine(
      'One bar',
      facts.limit,
      `${stated(facts.diameterIn, 'inches')} through ${about(facts.throughIn, 'inches')}`,
    ),
    line({
      label: 'All, in wet wood',
      formula: 'n·Z·CD·CM',
      numbers: `${facts.count} × ${sig(facts.limit.zLb)} × 1.6 × 0.7`,
      value: facts.holdsLb,
      unit: 'lb',
      clause: 'NDS 2018 Table 11.3.3',
    }),
  ],
}
