import type { bending, BendingFacts } from '@/core/rules/post/bending'
import { sig, stands } from '@/core/result'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'
import { relianceWords } from '../reliance'
import { bendingTrace, strongSlenderness, weakSlenderness } from './bendingTrace'

function governs(facts: BendingFacts): string {
  switch (facts.kind) {
    case 'no values':
      return `No design values are tabled for ${facts.lumber} in a ${facts.section}.`
    case 'no wind':
      return `The wind on these posts is not computed, so their bending is not either. ${relianceWords(facts.lateral)}`
    case 'falls':
      return `Nothing holds these posts up sideways. ${relianceWords(facts.lateral)}`
    case 'slender':
      return (
        `${facts.post.name} is too slender${facts.axis === 'weak' ? ' across its plies, where nothing holds it' : ''}: ` +
        `le/d ${sig(facts.slenderness)} passes the limit of 50.`
      )
    case 'worked': {
      const { axial, lateralCase, section } = facts.result
      const wind = lateralCase ? ` with ${lateralCase.name}` : ''
      return stands(facts.result.use)
        ? `${axial.name}${wind} works ${facts.post.name} hardest, ${section}.`
        : `${axial.name}${wind} is more than ${facts.post.name} buckles under, ${section}.`
    }
  }
}

function remedy(facts: BendingFacts): string {
  switch (facts.kind) {
    case 'no values':
      return 'Choose a tabled grade, or enter the values off its stamp.'
    case 'no wind':
    case 'falls':
      return facts.pier
        ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
        : 'Take these to an engineer.'
    case 'slender':
    case 'worked':
      return facts.free
        ? 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
        : 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  }
}

export const words: CheckWords<CheckOf<typeof bending>> = {
  title: ({ key }) => `${kindName(key.place)}: bending and load`,
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) => remedy(facts),
  place: ({ facts }) => (facts.kind === 'worked' ? facts.result.section : 'whole height'),
  trace: ({ facts }) => {
    if (facts.kind === 'worked') return bendingTrace(facts)
    if (facts.kind !== 'slender') return []
    const slenderness = facts.axis === 'weak' ? weakSlenderness : strongSlenderness
    return [slenderness(facts.column, 'NDS 2018 3.7.1.4')]
  },
}
