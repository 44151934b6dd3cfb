import { quantity, stated } from '@/core/units'
import type { bolts } from '@/core/rules/truss/bolts'
import { heldLines } from '../bolts'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof bolts>> = {
  title: () => 'Trusses bolted to post faces',
  governs: ({ facts }) =>
    `${quantity(facts.downLb, 'lb')} hang on ${facts.count} bolts of ${stated(facts.diameterIn, 'inches')} in single shear.`,
  remedy: () => 'Seat the truss in a pocket or notch so that wood carries it.',
  place: ({ facts }) => `truss ${facts.number}`,
  trace: ({ facts }) => heldLines(facts.held, 'C38'),
}
