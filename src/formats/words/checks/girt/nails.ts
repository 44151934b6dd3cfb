import { line, sig, type TraceLine } from '@/core/result'
import { pullShare } from '@/core/rules/girt/board'
import type { GirtNailFacts, nails } from '@/core/rules/girt/nails'
import { IN_PER_FT, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'

type Worked = Extract<GirtNailFacts, { kind: 'worked' }>

function howItHolds({ between, one }: Worked): string {
  if (between) return ' sideways in end grain'
  return one.governs === 'head' ? ', the heads pulling through first' : ''
}

function remedy(facts: GirtNailFacts): string {
  if (facts.kind === 'no nail') return 'Choose a listed nail.'
  return facts.wet && !facts.nail.ring
    ? 'Ring-shank nails: smooth ones lose three quarters of their hold as a wet post dries.'
    : 'More or longer ring-shank nails.'
}

function trace({ girtCase, pullLb, one, count, eachLb }: Worked): readonly TraceLine[] {
  const share = pullShare(girtCase)
  const spanFt = girtCase.spanIn / IN_PER_FT
  return [
    line({
      label: 'Pull at the post',
      formula: `${share}·w·L`,
      numbers: `${share} × ${sig(pullLb / share / spanFt)} × ${sig(spanFt)}`,
      value: pullLb,
      unit: 'lb',
      clause: `statics; zone ${girtCase.zone}`,
    }),
    ...one.trace,
    line({
      label: 'All nails',
      formula: 'n·each',
      numbers: `${count} × ${sig(eachLb)}`,
      value: eachLb * count,
      unit: 'lb',
      clause: 'NDS 2018 12.2',
    }),
  ]
}

export const words: CheckWords<CheckOf<typeof nails>> = {
  title: ({ key }, walls) => `${wallName(walls, key.place)} girts to posts`,
  governs: ({ facts }) =>
    facts.kind === 'no nail'
      ? `No nail is called “${facts.name}” on the list.`
      : `Suction pulls ${quantity(facts.pullLb, 'lb')} at a post; ${facts.count} ${facts.nail.name} hold ` +
        `it${howItHolds(facts)}.`,
  remedy: ({ facts }) => remedy(facts),
  place: ({ facts }) => {
    if (facts.kind === 'no nail') return ''
    return facts.girtCase.spans === 2 ? 'at the post it crosses' : 'at its end'
  },
  trace: ({ facts }) => (facts.kind === 'worked' ? trace(facts) : []),
}
