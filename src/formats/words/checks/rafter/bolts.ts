import { quantity, stated } from '@/core/units'
import type { bolts } from '@/core/rules/rafter/bolts'
import { heldLines } from '../bolts'
import type { CheckOf, CheckWords } from '../checkWords'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof bolts>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: rafters bolted to wall posts`,
  governs: ({ facts }) =>
    `${quantity(facts.wallLb, 'lb')} down and ${quantity(facts.upLb, 'lb')} up on ${facts.count} bolts of ` +
    `${stated(facts.diameterIn, 'inches')}`,
  remedy: () => 'More or thicker bolts, or a bearing block under the rafter.',
  place: () => 'at the wall',
  trace: ({ facts }) => heldLines(facts.held),
}
