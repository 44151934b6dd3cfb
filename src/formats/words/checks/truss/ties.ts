import { quantity, stated } from '@/core/units'
import type { ties } from '@/core/rules/truss/ties'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedLine } from '../rated'

export const words: CheckWords<CheckOf<typeof ties>> = {
  title: () => 'Ties of trusses to carriers',
  governs: ({ facts: { upLb, tieLb, number } }) =>
    tieLb === null
      ? `Wind lifts the worst truss by ${quantity(upLb, 'lb')}; the rating of the ties is not entered.`
      : `Wind lifts truss ${number} by ${quantity(upLb, 'lb')}; each tie is rated ${stated(tieLb, 'lb')}.`,
  remedy: ({ facts }) => (facts.tieLb === null ? 'Enter the rated uplift of the ties.' : 'Stronger ties.'),
  place: ({ facts }) => `truss ${facts.number}`,
  trace: ({ facts }) => (facts.tieLb === null ? [] : [ratedLine('Rated tie', facts.tieLb)]),
}
