import { quantity, stated } from '@/core/units'
import { entryOf } from '@/core/result'
import type { bolts } from '@/core/rules/beam/bolts'
import { heldLines } from '../bolts'
import type { CheckOf, CheckWords } from '../checkWords'
import { BEAM } from './texts'

export const words: CheckWords<CheckOf<typeof bolts>> = {
  title: ({ key }) => `${entryOf(BEAM, key.place).name} bolted to posts`,
  governs: ({
    facts: {
      held: { bolt },
      downLb,
      count,
      diameterIn,
    },
  }) =>
    bolt.problem
      ? `Cannot be counted: ${bolt.problem}.`
      : `${quantity(downLb, 'lb')} hang on ${count} bolts of ${stated(diameterIn, 'inches')}`,
  remedy: ({ facts }) =>
    facts.held.bolt.problem
      ? 'Smaller bolts or a deeper beam.'
      : 'More or thicker bolts, or seat the beam in a notch so that wood carries it.',
  place: ({ facts }) => `at ${facts.post.name}`,
  trace: ({ facts }) => (facts.held.bolt.problem ? [] : heldLines(facts.held)),
}
