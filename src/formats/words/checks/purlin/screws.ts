import { line, sig } from '@/core/result'
import type { screws } from '@/core/rules/purlin/screws'
import { IN_PER_FT, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedLine } from '../rated'

export const words: CheckWords<CheckOf<typeof screws>> = {
  title: () => 'Skin screws',
  governs: ({ facts: { pullLb, woodLb, sheetLb } }) =>
    sheetLb === null
      ? `The wood holds ${quantity(woodLb, 'lb')} a screw against ${quantity(pullLb, 'lb')}; whether the sheet pulls over ` +
        'the head is not known.'
      : `Wind pulls ${quantity(pullLb, 'lb')} on each screw; ` +
        `${woodLb <= sheetLb ? 'the wood' : 'the sheet over its head'} gives first.`,
  remedy: ({ facts }) =>
    facts.sheetLb === null
      ? 'Enter the panel maker’s pull-over strength.'
      : 'Screws closer together, or closer purlins.',
  place: () => 'corners',
  trace: ({ facts }) =>
    facts.sheetLb === null
      ? []
      : [
          line({
            label: 'Pull on one screw',
            formula: '0.6·p·s·spacing',
            numbers:
              `0.6 × ${sig(facts.worstUpPsf)} × ${sig(facts.spaceIn / IN_PER_FT)} × ` +
              sig(facts.spacingIn / IN_PER_FT),
            value: facts.pullLb,
            unit: 'lb',
            clause: 'ASCE 7-16 Fig. 30.3-2, 30.9',
            verify: 'C39',
          }),
          line({
            label: 'Wood',
            formula: '2850·G²·D·p·CD',
            numbers: `2850 × ${facts.gravity}² × ${facts.diameterIn} × ${facts.threadIn} × 1.6`,
            value: facts.woodLb,
            unit: 'lb',
            clause: 'NDS 2018 12.2.2',
          }),
          ratedLine('Sheet', facts.sheetLb),
        ],
}
