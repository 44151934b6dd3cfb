import { spanDiagram } from '../../statics'
import { type Check, judged } from '../check'
import { judgeSpan, type SagCase, sagOf, type SpanMember, type SpanSag } from './member'
import type { SpanName } from './strength'

export interface SpanSagFacts<About> {
  readonly sagCase: SagCase
  readonly sag: SpanSag
  readonly about: About
}

/** The one of several whose span sags most for what it may. */
export const worstSag = <Of extends { readonly span: SpanMember }>(all: readonly Of[]): Of => {
  const ratioOf = ({ span }: Of) => span.sags.reduce((most, sag) => Math.max(most, sagOf(span, sag)?.ratio ?? 0), 0)
  return all.reduce((worst, each) => (ratioOf(each) > ratioOf(worst) ? each : worst))
}

/**
 * Sag of a simple span against the limit of its use, inches (IBC 2021 Table 1604.3). Null where nothing limits it or
 * no values are tabled for its lumber.
 */
export function spanSag<Member extends string, About>(
  { member, place, id, group, subjects, about }: SpanName<Member, About>,
  span: SpanMember,
): Check<Member, 'sag', SpanSagFacts<About>> | null {
  const [first] = span.cases
  const sags = span.sags.flatMap((sagCase) => {
    const sag = sagOf(span, sagCase)
    return sag ? [{ sagCase, sag }] : []
  })
  if (!first || !judgeSpan(span, first) || sags.length === 0) return null
  const { sagCase, sag } = sags.reduce((best, each) => (each.sag.ratio > best.sag.ratio ? each : best))
  return judged({
    member,
    rule: 'sag',
    place,
    id: `${id}-sag`,
    stage: 'roof',
    group,
    subjects,
    demand: sag.sagIn,
    capacity: sag.limitIn,
    unit: 'in',
    combination: sagCase.name,
    diagram: () => spanDiagram(sagCase.loads, sag.ei),
    facts: { sagCase, sag, about },
  })
}
