import type { bolts } from '@/core/rules/rafter/bolts'
import type { CheckOf, CheckWords } from '../checkWords'
import { pounds } from '../pounds'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof bolts>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: rafters bolted to wall posts`,
  governs: ({ facts }) =>
    `${pounds(facts.wallLb)} lb down and ${pounds(facts.upLb)} lb up on ${facts.count} bolts of ` +
    `${facts.diameterIn} in.`,
  remedy: () => 'More or thicker bolts, or a bearing block under the rafter.',
  place: () => 'at the wall',
  trace: ({ facts }) => facts.bolt.trace,
}
