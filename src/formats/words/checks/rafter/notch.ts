import { about } from '@/core/units'
import { line, sig } from '@/core/result'
import type { notch } from '@/core/rules/rafter/notch'
import type { CheckOf, CheckWords } from '../checkWords'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof notch>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: bird’s mouth`,
  governs: ({ facts }) =>
    `A level seat of ${about(facts.seatIn, 'inches')} cuts ${about(facts.cut.notchIn, 'inches')} into the rafter; a quarter of its ` +
    'depth is the most.',
  remedy: () => 'A shorter seat, or a deeper rafter.',
  place: () => 'low end',
  trace: ({ facts: { seatIn, cut, depthIn } }) => {
    const sine = `sin(${about(cut.thetaDeg, 'deg')})`
    return [
      line({
        label: 'Notch',
        formula: 'a·sinθ',
        numbers: `${sig(seatIn)} × ${sine}`,
        value: cut.notchIn,
        unit: 'in',
        clause: 'NDS 2018 4.4.3',
      }),
      line({
        label: 'Longest seat',
        formula: 'd/(4·sinθ)',
        numbers: `${sig(depthIn)}/(4 × ${sine})`,
        value: cut.mostSeatIn,
        unit: 'in',
        clause: 'NDS 2018 4.4.3',
      }),
    ]
  },
}
