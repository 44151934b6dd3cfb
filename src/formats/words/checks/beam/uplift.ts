import { quantity } from '@/core/units'
import { entryOf } from '@/core/result'
import type { uplift } from '@/core/rules/beam/uplift'
import { heldLines } from '../bolts'
import type { CheckOf, CheckWords } from '../checkWords'
import { BEAM } from './texts'

export const words: CheckWords<CheckOf<typeof uplift>> = {
  title: ({ key }) => `${entryOf(BEAM, key.place).name} held down`,
  governs: ({ facts }) => `Wind lifts the beam ${quantity(facts.upLb, 'lb')} off a post; ${facts.count} bolts hold it.`,
  remedy: () => 'More or thicker bolts, or a deeper beam.',
  place: ({ facts }) => `at ${facts.post.name}`,
  trace: ({ facts }) => heldLines(facts.held),
}
