import { quantity, stated } from '@/core/units'
import type { uplift } from '@/core/rules/truss/uplift'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof uplift>> = {
  title: () => 'Trusses held down',
  governs: ({ facts }) =>
    facts.netUpLb <= 0
      ? 'Dead load alone holds the trusses down.'
      : `Wind lifts truss ${facts.number} by ${quantity(facts.netUpLb, 'lb')}; ${facts.count} bolts of ` +
        `${stated(facts.diameterIn, 'inches')} hold it${facts.double ? ' in double shear' : ''}.`,
  remedy: () => 'More or thicker bolts; keep the truss maker’s edge distances.',
  place: ({ facts }) => `truss ${facts.number}`,
  trace: ({ facts }) => facts.bolt.trace,
}
