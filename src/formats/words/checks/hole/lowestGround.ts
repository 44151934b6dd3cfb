import { LEAST_DEPTH_IN } from '@/core/ground'
import { line, sig } from '@/core/result'
import type { lowestGround } from '@/core/rules/hole/lowestGround'
import { about, IN_PER_FT, stated } from '@/core/units'
import { BESIDE_IN } from '@/core/terrain'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

export const words: CheckWords<CheckOf<typeof lowestGround>> = {
  title: ({ key }) => `${kindName(key.place)}: lowest ground`,
  governs: ({ facts }) => {
    if (facts.kind === 'no frost depth') return 'The frost depth is not entered.'
    const outside = facts.inside ? '' : ' It stands outside the spot heights: the nearest edge is taken.'
    return (
      `${facts.post.name} keeps ${about(facts.haveIn, 'inches')} below the lowest ground within ` +
      `${stated(BESIDE_IN / IN_PER_FT, 'ft')} of it; ` +
      `it needs ${about(facts.needIn, 'inches')}${outside}`
    )
  },
  remedy: ({ facts }) =>
    facts.kind === 'no frost depth'
      ? 'Enter the frost depth.'
      : 'Set a greater least depth, bring the ground up and compact it, or move the grade line down.',
  place: ({ facts }) => (facts.kind === 'worked' ? `lowest ground at ${facts.post.name}` : ''),
  trace: ({ facts }) =>
    facts.kind === 'no frost depth'
      ? []
      : [
          line({
            label: 'Lowest ground beside the post',
            formula: `least height within ${stated(BESIDE_IN, 'inches')}, not above the grade line`,
            numbers: sig(facts.lowestIn),
            value: facts.countedIn,
            unit: 'in',
            clause: 'IBC 2021 1807.3.2, 1809.5',
          }),
          line({
            label: 'Depth below it',
            formula: 'hole depth + lowest ground',
            numbers: `${sig(facts.depthIn)} + ${sig(facts.countedIn)}`,
            value: facts.haveIn,
            unit: 'in',
            clause: 'IBC 2021 1809.4',
          }),
          line({
            label: 'Depth needed',
            formula: 'max(frost, 12 in., sideways + pad)',
            numbers: `max(${sig(facts.frostIn)}, ${LEAST_DEPTH_IN}, ${sig(facts.sidewaysIn)})`,
            value: facts.needIn,
            unit: 'in',
            clause: 'IBC 2021 1807.3.2, 1809.5',
          }),
        ],
}
