import { quantity } from '@/core/units'
import type { bolts } from '@/core/rules/ledger/bolts'
import { heldLines } from '../bolts'
import type { CheckOf, CheckWords } from '../checkWords'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof bolts>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: ledger bolted to posts`,
  governs: ({ facts }) => `${quantity(facts.atPostLb, 'lb')} of ledger on ${facts.count} bolts at each post.`,
  remedy: () => 'More or thicker bolts, or a bearing block under the ledger.',
  place: () => 'at a wall post',
  trace: ({ facts }) => heldLines(facts.held),
}
