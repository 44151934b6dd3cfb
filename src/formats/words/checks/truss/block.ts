import { quantity } from '@/core/units'
import { line, sig } from '@/core/result'
import type { block } from '@/core/rules/truss/block'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof block>> = {
  title: () => 'Bearing blocks under the trusses',
  governs: ({ facts }) =>
    `The block takes ${quantity(facts.shareLb, 'lb')} of the seat; ${facts.count} ${facts.nailName} hold it to the post.`,
  remedy: () => 'More nails in the block.',
  place: ({ facts }) => `truss ${facts.number}`,
  trace: ({ facts: { downLb, seatIn, shareLb, count, one } }) => [
    line({
      label: 'Share of the block',
      formula: 'R·1.5/seat',
      numbers: `${sig(downLb)} × 1.5/${sig(seatIn)}`,
      value: shareLb,
      unit: 'lb',
      clause: 'statics',
    }),
    ...one.trace.slice(0, 2),
    line({
      label: 'All nails of the block',
      formula: "n·Z'",
      numbers: `${count} × ${sig(one.lateralLb)}`,
      value: one.lateralLb * count,
      unit: 'lb',
      clause: 'NDS 2018 12.3',
    }),
  ],
}
