import { line, sig } from '@/core/result'
import type { steel } from '@/core/rules/pier/steel'
import { quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof steel>> = {
  title: () => 'Steel in pulled piers',
  governs: ({ facts: { post, demandLb, bars, bar } }) =>
    `Wind pulls the pier of ${post.name} with ${quantity(demandLb, 'lb')} at strength level; ` +
    `${bars === 0 ? 'no bars are entered, and plain concrete takes no pull.' : `${bars} no. ${bar} bars take it.`}`,
  remedy: () => 'Upright bars from the anchor to the foot, developed at both ends (ACI 318-19 25.4).',
  place: ({ facts }) => `pier of ${facts.post.name}`,
  trace: ({ facts: { bars, bar, areaIn2, yieldPsi }, capacity }) =>
    bars === 0
      ? []
      : [
          line({
            label: 'Area of the bars',
            formula: 'n·π/4·(no./8)²',
            numbers: `${bars} × π/4 × (${bar}/8)²`,
            value: areaIn2,
            unit: 'in²',
            clause: 'ASTM A615',
          }),
          line({
            label: 'What they take',
            formula: 'φ·As·fy',
            numbers: `0.9 × ${sig(areaIn2)} × ${sig(yieldPsi)}`,
            value: capacity,
            unit: 'lb',
            clause: 'ACI 318-19 22.4.3',
          }),
        ],
}
