import { about, quantity } from '@/core/units'
import { line, sig, type TraceLine } from '@/core/result'
import { supportLine } from '@/core/wood'
import type { seat, TrussSeatFacts } from '@/core/rules/truss/seat'
import { gravityLine } from '../actions'
import type { CheckOf, CheckWords } from '../checkWords'
import { LUMBER_REMEDY, noValues } from '../lumber'

function titleOf(facts: TrussSeatFacts): string {
  if (facts.kind === 'no values') return 'Truss seats'
  return facts.onCarriers ? 'Trusses on the carriers' : 'Trusses on their seats'
}

function trace({
  number,
  reaction,
  onCarriers,
  downLb,
  bearingIn2,
  lumber,
  values,
  support,
}: Extract<TrussSeatFacts, { kind: 'worked' }>): readonly TraceLine[] {
  return [
    gravityLine(`Reaction of truss ${number}`, reaction),
    line({
      label: 'Bearing',
      formula: onCarriers ? 'R/(1.5·plies × 1.5·plies)' : 'R/(1.5·plies·seat)',
      numbers: `${sig(downLb)}/${sig(bearingIn2)}`,
      value: downLb / bearingIn2,
      unit: 'psi',
      clause: 'NDS 2018 3.10.2',
    }),
    line({
      label: `Allowed across the grain, ${lumber}`,
      formula: 'Fc⊥; the truss chord is taken as the same species',
      numbers: sig(values.fcPerp),
      value: values.fcPerp,
      unit: 'psi',
      clause: values.table,
      ...(values.verify === undefined ? {} : { verify: values.verify }),
    }),
    ...(support ? [supportLine(support)] : []),
  ]
}

export const words: CheckWords<CheckOf<typeof seat>> = {
  title: ({ facts }) => titleOf(facts),
  governs: ({ facts }) =>
    facts.kind === 'no values'
      ? noValues(facts.lumber)
      : `${quantity(facts.downLb, 'lb')} of truss ${facts.number} press on ${about(facts.bearingIn2, 'in2')}.`,
  remedy: ({ facts }) =>
    facts.kind === 'no values' ? LUMBER_REMEDY : 'A bearing block, a two-ply truss, a rated seat, or closer trusses.',
  place: ({ facts }) => (facts.kind === 'worked' ? `truss ${facts.number}` : ''),
  trace: ({ facts }) => (facts.kind === 'worked' ? trace(facts) : []),
}
