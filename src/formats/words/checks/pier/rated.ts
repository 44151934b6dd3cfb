import type { CheckWords } from '../checkWords'
import type { Check } from '@/core/rules'
import { quantity } from '@/core/units'
import { ratedLine } from '../rated'

/** A rated part of the posts' brackets: what it is judged by. */
interface Rated {
  readonly post: { readonly name: string }
  readonly demandLb: number
  readonly ratedLb: number | null
  readonly count: number
}

/** Words of a check against a value that its maker rates. */
export const ratedWords = <Of extends Check<'pier', string, Rated>>(
  title: string,
  does: string,
  part: string,
): CheckWords<Of> => ({
  title: () => title,
  governs: ({ facts: { post, demandLb, ratedLb, count } }) =>
    `Wind ${does} ${post.name} with ${quantity(demandLb, 'lb')}` +
    `${ratedLb === null ? `; what ${part} is rated for is not entered. ${count} of them are counted.` : '.'}`,
  remedy: ({ facts }) => (facts.ratedLb === null ? `Enter the rating of ${part}.` : `A heavier one: ${part}.`),
  place: ({ facts }) => `foot of ${facts.post.name}`,
  trace: ({ facts: { ratedLb } }) => (ratedLb === null ? [] : [ratedLine('Rated', ratedLb)]),
})
