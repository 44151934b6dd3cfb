import { formatLength, quantity, stated } from '@/core/units'
import type { TrussUpliftFacts, uplift } from '@/core/rules/truss/uplift'
import type { CheckOf, CheckWords } from '../checkWords'
import { heldLines } from '../bolts'
import { ratedLine } from '../rated'

function governs(facts: TrussUpliftFacts): string {
  if (facts.netUpLb <= 0) return 'Dead load alone holds the trusses down.'
  const lifts = `Wind lifts truss ${facts.number} by ${quantity(facts.netUpLb, 'lb')}`
  if (facts.kind === 'tie') return `${lifts}; its tie is rated ${stated(facts.tieLb, 'lb')}.`
  const { held, count, diameterIn, double } = facts
  if (held.stands === null) return `${lifts}. Bolts cannot be counted: ${held.bolt.problem ?? ''}.`
  const gives = held.capacityLb < held.bolt.groupLb ? ' The heel would split first.' : ''
  return (
    `${lifts}; ${count} bolts of ${stated(diameterIn, 'inches')}${double ? ' in double shear' : ''}, ` +
    `${held.stands.beside > 1 ? 'side by side' : 'one above another'} from ${formatLength(held.stands.aboveSeatIn)} ` +
    `above the seat, hold it.${gives}`
  )
}

export const words: CheckWords<CheckOf<typeof uplift>> = {
  title: () => 'Trusses held down',
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) =>
    facts.kind === 'tie'
      ? 'A tie with a higher rating.'
      : 'A rated tie at each truss, a deeper heel, or a two-ply truss.',
  place: ({ facts }) => `truss ${facts.number}`,
  trace: ({ facts }) => (facts.kind === 'tie' ? [ratedLine('Rated tie', facts.tieLb)] : heldLines(facts.held, 'C38')),
}
