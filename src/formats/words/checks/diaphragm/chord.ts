import { quantity } from '@/core/units'
import { line, sig } from '@/core/result'
import type { chord } from '@/core/rules/diaphragm/chord'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof chord>> = {
  title: () => 'Eave girt as chord of the roof',
  governs: ({ facts }) =>
    `The eave girt is pulled with ${quantity(facts.chordLb, 'lb')} at mid-length; its splices must carry that.`,
  remedy: () => 'A doubled or wider top girt, spliced over posts with blocks.',
  place: () => 'mid-length of each eave',
  trace: ({ facts: { chordLb, holdsLb, eavePlf, lengthFt, widthFt, ftPsi, areaIn2 } }) => [
    line({
      label: 'Chord force',
      formula: 'w·L²/(8·B)',
      numbers: `${sig(eavePlf)} × ${sig(lengthFt)}²/(8 × ${sig(widthFt)})`,
      value: chordLb,
      unit: 'lb',
      clause: 'ASABE EP484',
      verify: 'C18',
    }),
    line({
      label: 'Board in tension',
      formula: "Ft'·A",
      numbers: `${sig(ftPsi)} × 1.6 × ${sig(areaIn2)}`,
      value: holdsLb,
      unit: 'lb',
      clause: 'NDS 2018 3.8',
    }),
  ],
}
