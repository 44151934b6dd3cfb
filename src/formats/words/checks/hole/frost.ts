import { LEAST_DEPTH_IN } from '@/core/ground'
import { line, sig } from '@/core/result'
import type { frost } from '@/core/rules/hole/frost'
import { formatLength } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

export const words: CheckWords<CheckOf<typeof frost>> = {
  title: ({ key }) => `${kindName(key.place)}: frost`,
  governs: ({ facts }) =>
    `The hole is ${formatLength(facts.depthIn)} deep; frost reaches ${formatLength(facts.frostIn)}.`,
  remedy: () => 'Dig below the frost line.',
  place: () => 'bottom of the concrete',
  trace: ({ facts }) => [
    line({
      label: 'Depth asked for',
      formula: 'frost depth, 12 in. at least',
      numbers: `max(${sig(facts.frostIn)}, ${LEAST_DEPTH_IN})`,
      value: facts.needIn,
      unit: 'in',
      clause: 'IBC 2021 1809.4, 1809.5',
    }),
    line({
      label: 'Depth to the bottom of the concrete',
      formula: 'd',
      numbers: sig(facts.depthIn),
      value: facts.depthIn,
      unit: 'in',
      clause: 'as planned',
    }),
  ],
}
