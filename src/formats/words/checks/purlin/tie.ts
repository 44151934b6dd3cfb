import { quantity, stated } from '@/core/units'
import { line, sig, type TraceLine } from '@/core/result'
import type { PurlinTieFacts, tie } from '@/core/rules/purlin/tie'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedLine } from '../rated'

function governs(facts: PurlinTieFacts): string {
  if (facts.kind === 'no nail') return `No nail is called “${facts.name}” on the list.`
  const lifts = `Wind lifts a purlin ${quantity(facts.pullLb, 'lb')} off its support`
  if (facts.kind === 'tie') return `${lifts}; the tie is rated ${stated(facts.tieLb, 'lb')}.`
  return `${lifts}; ${facts.count} ${facts.nail.name}${facts.toeNailed ? ', toe-nailed,' : ''} hold it.`
}

function remedy(facts: PurlinTieFacts): string {
  switch (facts.kind) {
    case 'no nail':
      return 'Choose a listed nail, or enter the rating of the tie.'
    case 'tie':
      return 'A stronger tie, or closer purlins.'
    case 'nails':
      return 'A rated tie or hanger at each support in these zones.'
  }
}

function trace(facts: PurlinTieFacts): readonly TraceLine[] {
  switch (facts.kind) {
    case 'no nail':
      return []
    case 'tie':
      return [ratedLine('Rated tie or hanger', facts.tieLb)]
    case 'nails':
      return [
        ...facts.one.trace,
        line({
          label: 'All nails',
          formula: 'n·each',
          numbers: `${facts.count} × ${sig(facts.one.pullLb)}`,
          value: facts.one.pullLb * facts.count,
          unit: 'lb',
          clause: 'NDS 2018 12.2, 12.1.5.4',
        }),
      ]
  }
}

export const words: CheckWords<CheckOf<typeof tie>> = {
  title: ({ key }) => (key.place === 'field' ? 'Purlin ties, field of the roof' : 'Purlin ties by the rakes'),
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: ({ key, facts }) => {
    if (facts.kind === 'no nail') return ''
    return key.place === 'field' ? 'field' : 'rake, eave and ridge corners'
  },
  trace: ({ facts }) => trace(facts),
}
