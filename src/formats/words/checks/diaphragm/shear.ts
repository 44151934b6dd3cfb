import { line, sig, type TraceLine } from '@/core/result'
import type { DiaphragmFacts, shear } from '@/core/rules/diaphragm/shear'
import { IN_PER_FT, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { relianceWords } from '../reliance'

function governs(facts: DiaphragmFacts): string {
  switch (facts.kind) {
    case 'trusted':
      return (
        `Post tops are taken as held by the roof: it must pass ${quantity(facts.slopePlf, 'plf')} on each slope and ` +
        `${quantity(facts.endWallLb, 'lb')} into each end wall. Its strength is not computed without tested skin values.`
      )
    case 'not counted':
      return relianceWords(facts.lateral)
    case 'checked':
      return `The end bay passes ${quantity(facts.shearPlf, 'plf')} along each slope to the end wall.`
  }
}

function remedy(facts: DiaphragmFacts): string {
  switch (facts.kind) {
    case 'trusted':
      return 'Enter the skin’s tested values, or let the frames stand alone.'
    case 'not counted':
      return facts.wanted
        ? 'Enter the skin’s tested values.'
        : 'Nothing more where the frames hold by themselves; see the posts.'
    case 'checked':
      return 'A stronger roof assembly, a shorter building between shear walls, or knee braces.'
  }
}

function trace({
  row,
  slope,
  bayLb,
  perSlopeLb,
  shearPlf,
  stiffnessLbPerIn,
  shortestBayIn,
}: Extract<DiaphragmFacts, { kind: 'checked' }>): readonly TraceLine[] {
  const { slopeFt, cos } = slope
  const most = Math.max(...row.loadLb)
  return [
    line({
      label: 'Eave load of one frame',
      formula: 'R = w·bay',
      numbers: `${sig(row.eavePlf)} × ${sig(most / row.eavePlf)}`,
      value: most,
      unit: 'lb',
      clause: 'ASCE 7-16 27.3, statics',
    }),
    line({
      label: 'Bay stiffness',
      formula: 'c = 2·G·Ls/s·cos²θ',
      numbers: `2 × ${sig(stiffnessLbPerIn)} × ${sig(slopeFt * IN_PER_FT)}/${sig(shortestBayIn)} × ${sig(cos)}²`,
      value: Math.max(...row.bayLbIn),
      unit: 'lb/in',
      clause: 'ASABE EP484',
      verify: 'C18',
    }),
    line({
      label: 'Largest bay shear',
      formula: `K·D = R, ${row.loadLb.length} frames solved together`,
      numbers: sig(bayLb),
      value: bayLb,
      unit: 'lb',
      clause: 'ASABE EP484',
      verify: 'C18',
    }),
    line({
      label: 'Along one slope',
      formula: 'V/2/cosθ',
      numbers: `${sig(bayLb)}/2/${sig(cos)}`,
      value: perSlopeLb,
      unit: 'lb',
      clause: 'statics',
    }),
    line({
      label: 'Per foot of slope',
      formula: 'v = V/Ls',
      numbers: `${sig(perSlopeLb)}/${sig(slopeFt)}`,
      value: shearPlf,
      unit: 'plf',
      clause: 'statics',
    }),
  ]
}

export const words: CheckWords<CheckOf<typeof shear>> = {
  title: ({ facts }) => (facts.kind === 'trusted' ? 'Roof diaphragm and end walls' : 'Roof diaphragm'),
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: () => 'end bay',
  trace: ({ facts }) => (facts.kind === 'checked' ? trace(facts) : []),
}
