import { spanDiagram } from '../../statics'
import { isWorse, stands, worstUse } from '../../result'
import { type Check, cannot, type Group, judgedUse } from '../check'
import { judgeSpan, type SpanCase, type SpanJudged, type SpanMember } from './member'

/** Which member a span is: its place among the checks of the building, and what its words need besides the span. */
export interface SpanName<Member extends string, About> {
  readonly member: Member
  readonly place: string
  readonly id: string
  readonly group: Group
  readonly subjects: readonly string[]
  readonly about: About
}

export type SpanFacts<About> =
  | { readonly kind: 'no values'; readonly lumber: string; readonly size: string; readonly about: About }
  | { readonly kind: 'no load'; readonly about: About }
  | {
      readonly kind: 'worked'
      readonly spanCase: SpanCase
      readonly judged: SpanJudged
      readonly bends: boolean
      readonly flat: boolean
      readonly notchShare: number
      readonly about: About
    }

/** The hardest of the judged combinations. */
const hardestOf = (all: readonly SpanJudged[]): SpanJudged =>
  all.reduce((worst, each) => (isWorse(each.use, worst.use) ? each : worst))

/** Something with a span of its own. */
interface HasSpan {
  readonly span: SpanMember
}

/** The one of several whose span is worked hardest in strength; of those that cannot be judged the first. */
export const worstSpan = <Of extends HasSpan>(all: readonly Of[]): Of =>
  all
    .map((each) => ({ each, uses: each.span.cases.flatMap((spanCase) => judgeSpan(each.span, spanCase)?.use ?? []) }))
    .reduce((worst, other) => (isWorse(worstUse(other.uses), worstUse(worst.uses)) ? other : worst)).each

/**
 * Bending about one or both axes and shear of a simple span under its hardest combination, as a ratio (NDS 2018 3.3,
 * 3.4, 3.9).
 */
export function spanStrength<Member extends string, About>(
  { member, place, id, group, subjects, about }: SpanName<Member, About>,
  span: SpanMember,
): Check<Member, 'strength', SpanFacts<About>> {
  const name = { member, rule: 'strength', place, id, stage: 'roof', subjects } as const
  const all = span.cases.flatMap((spanCase) => judgeSpan(span, spanCase) ?? [])
  if (all.length === 0) {
    const { lumber, size } = span
    const facts: SpanFacts<About> = span.cases.length
      ? { kind: 'no values', lumber, size, about }
      : { kind: 'no load', about }
    return cannot({ ...name, facts })
  }
  const hardest = hardestOf(all)
  const { spanCase, strength } = hardest
  const facts: SpanFacts<About> = {
    kind: 'worked',
    spanCase,
    judged: hardest,
    bends: !stands(hardest.bending) || hardest.bending >= hardest.shear,
    flat: span.flat,
    notchShare: span.notchShare ?? 1,
    about,
  }
  const momentInLb = hardest.fbAllowed > 0 ? hardest.fbAllowed * strength.sIn3 : null
  return judgedUse({
    ...name,
    group,
    use: hardest.use,
    combination: spanCase.name,
    diagram: () => spanDiagram(spanCase.loads, strength.values.ePsi * strength.iIn4, momentInLb),
    facts,
  })
}
