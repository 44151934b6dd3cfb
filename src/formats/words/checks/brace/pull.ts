import { about, quantity } from '@/core/units'
import { line, sig, type TraceLine } from '@/core/result'
import type { BracePullFacts, pull } from '@/core/rules/brace/pull'
import type { CheckOf, CheckWords } from '../checkWords'
import { noValues } from '../lumber'
import { ratedLine } from '../rated'
import { wallName } from '../wallName'
import { braceKind, forceLines } from './lines'

function governs(facts: BracePullFacts): string {
  const force = quantity(facts.brace.forceLb, 'lb')
  switch (facts.kind) {
    case 'too steep':
      return `The braces would stand at ${about(facts.brace.alphaDeg, 'deg')}: too steep to work.`
    case 'no rating':
      return `Each strap carries ${force}; its rating is not entered. Straps only pull: both diagonals are needed.`
    case 'no values':
      return noValues(facts.lumber)
    case 'no nail':
      return `No nail is called “${facts.name}”.`
    case 'strap':
      return `Each strap pulls ${force}; both diagonals are needed.`
    case 'boards': {
      const first = facts.nailsLb < facts.woodLb ? `${facts.nails} nails at each end` : 'the board'
      return `Each brace pulls ${force}; ${first} give first.`
    }
  }
}

function remedy(facts: BracePullFacts): string {
  switch (facts.kind) {
    case 'too steep':
      return 'Brace a wider bay, or across two bays.'
    case 'no rating':
      return 'Enter the rated strap with its fixings.'
    case 'no values':
    case 'no nail':
      return 'Choose from the lists.'
    case 'strap':
      return 'More braced bays, or a heavier strap.'
    case 'boards':
      return 'More nails, or more braced bays.'
  }
}

function trace(facts: BracePullFacts): readonly TraceLine[] {
  switch (facts.kind) {
    case 'strap':
      return [...forceLines(facts.brace), ratedLine('Rated strap', facts.strapLb)]
    case 'boards':
      return [
        ...forceLines(facts.brace),
        ...facts.one.trace.slice(0, 2),
        line({
          label: 'Nails at one end',
          formula: "n·Z'",
          numbers: `${facts.nails} × ${sig(facts.one.lateralLb)}`,
          value: facts.nailsLb,
          unit: 'lb',
          clause: 'NDS 2018 12.3',
        }),
        line({
          label: 'The board in tension',
          formula: "Ft'·A",
          numbers: `${sig(facts.values.ft)} × 1.6 × ${sig(facts.size.areaIn2)}`,
          value: facts.woodLb,
          unit: 'lb',
          clause: 'NDS 2018 3.8',
        }),
      ]
    default:
      return []
  }
}

export const words: CheckWords<CheckOf<typeof pull>> = {
  title: ({ key, facts }, walls) => `${wallName(walls, key.place)}: ${braceKind(facts.walls)}`,
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: ({ facts }) => facts.brace.between,
  trace: ({ facts }) => trace(facts),
}
