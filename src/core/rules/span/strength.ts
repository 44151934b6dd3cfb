import { spanDiagram } from '../../statics'
import { type Check, cannot, type Group, judged } from '../check'
import { judgeSpan, type SpanCase, type SpanJudged, type SpanMember } from './member'

/** Stands for a ratio that is infinite. */
const BEYOND = 9.99

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
      /** Its free edge is past the slenderness that counts, RB over 50 (NDS 2018 3.3.3.7). */
      readonly slender: boolean
      readonly flat: boolean
      readonly notchShare: number
      readonly about: About
    }

/** The hardest of the judged combinations; one without a finite ratio is harder than any. */
const hardestOf = (all: readonly SpanJudged[]): SpanJudged =>
  all.reduce((best, each) => (each.ratio > best.ratio || !Number.isFinite(each.ratio) ? each : best))

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
  const slender = !Number.isFinite(hardest.ratio)
  const facts: SpanFacts<About> = {
    kind: 'worked',
    spanCase,
    judged: hardest,
    bends: hardest.bending >= hardest.shear,
    slender,
    flat: span.flat,
    notchShare: span.notchShare ?? 1,
    about,
  }
  const momentInLb = hardest.fbAllowed > 0 ? hardest.fbAllowed * strength.sIn3 : null
  return judged({
    ...name,
    group,
    demand: slender ? BEYOND : hardest.ratio,
    capacity: 1,
    unit: '',
    combination: spanCase.name,
    diagram: () => spanDiagram(spanCase.loads, strength.values.ePsi * strength.iIn4, momentInLb),
    facts,
  })
}
