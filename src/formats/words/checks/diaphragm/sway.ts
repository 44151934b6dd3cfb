import { line, sig, type TraceLine } from '@/core/result'
import type { sway, SwayFacts } from '@/core/rules/diaphragm/sway'
import { about, SAME_IN } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

type Moves = Extract<SwayFacts, { kind: 'moves' }>

function governs(facts: SwayFacts): string {
  switch (facts.kind) {
    case 'trusted':
      return 'The roof is taken to hold the eave still; its movement is not computed without tested skin values.'
    case 'does not stand':
      return 'Nothing holds these frames: they do not stand, so their sway has no figure.'
    case 'moves': {
      const over = facts.moveIn > SAME_IN ? String(Math.floor(facts.heelIn / facts.moveIn)) : 'more than can be said'
      const moves = `Wind moves the eave ${about(facts.moveIn, 'inches')} at line ${facts.line}, the height over ${over}`
      return facts.over === null
        ? `${moves}. No code limits it and no limit is entered.`
        : `${moves}; its height over ${facts.over} is allowed.`
    }
  }
}

function remedy(facts: SwayFacts): string {
  switch (facts.kind) {
    case 'trusted':
      return 'Enter the skin’s tested values.'
    case 'does not stand':
      return 'Knee braces, posts in the ground, or a checked roof diaphragm.'
    case 'moves':
      return facts.over === null
        ? 'Enter what doors, glass and finishes allow.'
        : 'A deeper post, knee braces the truss maker has designed for, or a roof diaphragm with tested values.'
  }
}

const trace = ({ row, loadLb, frameLbIn, moveIn, heelIn }: Moves, over: number): readonly TraceLine[] => [
  line({
    label: 'Load of the frame',
    formula: 'R = w·bay',
    numbers: `${sig(row.eavePlf)} × ${sig(loadLb / row.eavePlf)}`,
    value: loadLb,
    unit: 'lb',
    clause: 'ASCE 7-16 27.3, 2.4.1',
  }),
  line({
    label: 'Eave movement',
    formula: row.result ? `K·D = R, ${row.loadLb.length} frames solved together` : 'Δ = R/k',
    numbers: row.result ? sig(moveIn) : `${sig(loadLb)}/${sig(frameLbIn)}`,
    value: moveIn,
    unit: 'in',
    clause: row.result ? 'ASABE EP484' : 'statics',
  }),
  line({
    label: 'Allowed',
    formula: 'H/n',
    numbers: `${sig(heelIn)}/${over}`,
    value: heelIn / over,
    unit: 'in',
    clause: 'ASCE 7-16 Appendix C',
  }),
]

export const words: CheckWords<CheckOf<typeof sway>> = {
  title: () => 'Sway of the eave under wind',
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: ({ facts }) => (facts.kind === 'moves' ? `line ${facts.line}` : ''),
  trace: ({ facts }) => (facts.kind === 'moves' && facts.over !== null ? trace(facts, facts.over) : []),
}
