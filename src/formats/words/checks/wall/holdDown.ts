import { line, sig } from '@/core/result'
import type { holdDown } from '@/core/rules/wall/holdDown'
import { about, IN_PER_FT, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'

export const words: CheckWords<CheckOf<typeof holdDown>> = {
  title: ({ key }, walls) => `${wallName(walls, key.place)} held down at its ends`,
  governs: ({ facts, demand }) =>
    `Wind in the plane of this wall lifts ${facts.post.name} at the end of a strip ` +
    `${about((facts.strip.toIn - facts.strip.fromIn) / IN_PER_FT, 'ft')} wide by ${quantity(demand, 'lb')} with the roof’s uplift.`,
  remedy: () => 'A wider strip between openings, a heavier or deeper hole at its ends, or braces in this wall.',
  place: ({ facts }) => `foot of ${facts.post.name}`,
  trace: ({ facts, demand }) => [
    line({
      label: 'Shear in the wall',
      formula: 'v = V/L, L the strips that work',
      numbers: `${sig(facts.shearLb)}/${sig(facts.feet)}`,
      value: facts.plf,
      unit: 'plf',
      clause: 'statics',
    }),
    line({
      label: 'Pull at the end of the strip',
      formula: 'v·share·h',
      numbers: `${sig(facts.plf)} × ${sig(facts.strip.share)} × ${sig(facts.heightIn)}/12`,
      value: facts.coupleLb,
      unit: 'lb',
      clause: 'statics',
    }),
    line({
      label: 'Roof uplift there, less its dead load',
      formula: '0.6W − 0.6D',
      numbers: sig(facts.upliftLb).replace('-', '−'),
      value: facts.upliftLb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1 (7)',
    }),
    line({
      label: 'Both together',
      formula: 'v·h + 0.6W − 0.6D, never less than 0',
      numbers: `max(0, ${sig(facts.coupleLb)} + (${sig(facts.upliftLb).replace('-', '−')}))`,
      value: demand,
      unit: 'lb',
      clause: 'statics',
    }),
    line({
      label: 'What the hole holds',
      formula: 'see its uplift',
      numbers: sig(facts.holdsLb),
      value: facts.holdsLb,
      unit: 'lb',
      clause: 'see the hole’s uplift',
    }),
  ],
}
