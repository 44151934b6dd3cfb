import { line, sig } from '@/core/result'
import type { apart, ApartFacts } from '@/core/rules/hole/apart'
import { formatLength, inchesAlone } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

function governs(facts: ApartFacts): string {
  if (facts.kind === 'shared') {
    const pairs = facts.pairs.map(([one, other]) => `${one.name} and ${other.name}`).join(', ')
    return `${pairs} stand on one common footing: that is not sized here.`
  }
  const { posts, diametersIn, apartIn } = facts
  const [one, other] = posts
  const clearIn = apartIn - (diametersIn[0] + diametersIn[1]) / 2
  const holes = `The holes of ${one.name} (${inchesAlone(diametersIn[0])}) and ${other.name} (${inchesAlone(diametersIn[1])})`
  return clearIn > 0
    ? `${holes} leave ${formatLength(clearIn)} of earth between them.`
    : `${holes} run into each other by ${formatLength(-clearIn)}.`
}

export const words: CheckWords<CheckOf<typeof apart>> = {
  title: () => 'Earth between holes',
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) =>
    facts.kind === 'shared'
      ? 'Take the common footing to an engineer.'
      : 'Move the opening or the post, choose narrower holes, or give both one common footing.',
  place: ({ facts }) => (facts.kind === 'apart' ? facts.posts.map(({ name }) => name).join(' and ') : ''),
  trace: ({ facts, demand }) =>
    facts.kind === 'shared'
      ? []
      : [
          line({
            label: 'Centers apart',
            formula: '(D1 + D2)/2 + clear, clear the larger of 12 in. and half of the larger hole',
            numbers:
              `(${sig(facts.diametersIn[0])} + ${sig(facts.diametersIn[1])})/2 + ` +
              `max(12, ${sig(Math.max(...facts.diametersIn))}/2)`,
            value: demand,
            unit: 'in',
            clause: 'soil counted once for each hole',
            verify: 'C37',
          }),
          line({
            label: 'They stand apart',
            formula: 'center to center',
            numbers: sig(facts.apartIn),
            value: facts.apartIn,
            unit: 'in',
            clause: 'plan',
          }),
        ],
}
