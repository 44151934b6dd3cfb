import { type Diagram, stands, type Use, usedOf, type WhyNot } from '../result'
import { ROUNDING } from '../units'

/** The stage of the desk a check belongs to. */
export type Stage = 'holes' | 'posts' | 'walls' | 'roof' | 'bracing'
/** What is checked: for sorting and for the calculation sheet. */
export type Group =
  'ground' | 'column' | 'girt' | 'purlin' | 'truss' | 'beam' | 'lean-to' | 'joint' | 'brace' | 'diaphragm' | 'site'

/** Which check it is: the member it judges, the rule it is judged by, and which of these members. */
interface CheckKey<Member extends string = string, Rule extends string = string> {
  readonly member: Member
  readonly rule: Rule
  /** The kind of hole, the wall, the lean-to or the line; empty where the building has only one. */
  readonly place: string
}

/**
 * Result of one check. What cannot stand is worse than any that fails by a ratio; `not-checked` never counts as
 * holding.
 */
type CheckState = 'holds' | 'close' | 'fails' | 'cannot-stand' | 'not-checked'

/**
 * A check: demand against capacity, and the facts that its words and its arithmetic are made from. It holds no
 * sentence: those stand in `formats/words/checks`, by member and rule.
 */
export interface Check<Member extends string = string, Rule extends string = string, Facts = unknown> {
  readonly key: CheckKey<Member, Rule>
  /** Unique in a building; only a name, never taken apart. */
  readonly id: string
  readonly stage: Stage
  readonly group?: Group
  /** Governing load combination. */
  readonly combination?: string
  /** Posts or rows the check speaks of, so that the drawing can show them. */
  readonly subjects: readonly string[]
  readonly state: CheckState
  readonly demand: number
  readonly capacity: number
  readonly unit: string
  /** Demand over capacity; null where it was not checked, and where it cannot stand. */
  readonly ratio: number | null
  /** Why it cannot stand. */
  readonly why?: WhyNot
  readonly facts: Facts
  /** Load, shear and moment of the governing case. */
  readonly diagram?: () => Diagram | null
}

type Parts<Member extends string, Rule extends string, Facts> = Omit<
  Check<Member, Rule, Facts>,
  'key' | 'state' | 'ratio' | 'why' | 'subjects'
> & {
  readonly member: Member
  readonly rule: Rule
  readonly place: string
  readonly subjects?: readonly string[]
  readonly combination: string
}

/** Pass limit of every capacity check: a ratio up to 1 within floating error holds. */
const RATIO_LIMIT = 1 + ROUNDING
/** From this ratio on a check is close. */
const CLOSE_RATIO = 0.9

function stateOf(ratio: number): CheckState {
  if (ratio > RATIO_LIMIT) return 'fails'
  return ratio >= CLOSE_RATIO ? 'close' : 'holds'
}

/**
 * Builds a check whose use was worked out. Field by field: a building makes thousands of these, and copies of rests are
 * slow.
 */
function made<Member extends string, Rule extends string, Facts>(
  parts: Parts<Member, Rule, Facts>,
  use: Use,
): Check<Member, Rule, Facts> {
  const { member, rule, place, id, stage, group, combination, subjects = [], demand, capacity, unit } = parts
  const { facts, diagram } = parts
  const key = { member, rule, place }
  const head = { key, id, stage, group, combination, subjects, demand, capacity, unit, facts } as const
  const drawn = diagram ? { diagram } : {}
  return stands(use)
    ? { ...head, ...drawn, state: stateOf(use), ratio: use }
    : { ...head, ...drawn, state: 'cannot-stand', ratio: null, why: use.cannotStand }
}

/**
 * Builds a check from demand and capacity, both finite: something asked of nothing cannot stand. Throws `RangeError`
 * for what is no number: what cannot be worked out is said by `cannot`.
 */
export const judged = <Member extends string, Rule extends string, Facts>(
  parts: Parts<Member, Rule, Facts>,
): Check<Member, Rule, Facts> => made(parts, usedOf(parts.demand, parts.capacity))

/** Builds a check from a use: its ratio of 1, or that it cannot stand. */
export const judgedUse = <Member extends string, Rule extends string, Facts>({
  use,
  ...parts
}: Omit<Parts<Member, Rule, Facts>, 'demand' | 'capacity' | 'unit'> & { readonly use: Use }): Check<
  Member,
  Rule,
  Facts
> => made({ ...parts, demand: stands(use) ? use : 0, capacity: stands(use) ? 1 : 0, unit: '' }, use)

/** Whether a check says that something does not hold, by a ratio or at all. */
export const fails = ({ state }: Pick<Check, 'state'>): boolean => state === 'fails' || state === 'cannot-stand'

/** States with the worst first; what could not be checked stands at the end and is never left out. */
const RANK: Readonly<Record<CheckState, number>> = {
  'cannot-stand': 0,
  fails: 1,
  close: 2,
  holds: 3,
  'not-checked': 4,
}

/** Order of checks with the worst first. */
export const worstFirst = (one: Pick<Check, 'state' | 'ratio'>, other: Pick<Check, 'state' | 'ratio'>): number =>
  RANK[one.state] - RANK[other.state] || (other.ratio ?? 0) - (one.ratio ?? 0)

/** Builds a check that could not be made; its facts say why. */
export const cannot = <Member extends string, Rule extends string, Facts>({
  member,
  rule,
  place,
  id,
  stage,
  facts,
  subjects = [],
}: Pick<Parts<Member, Rule, Facts>, 'member' | 'rule' | 'place' | 'id' | 'stage' | 'facts' | 'subjects'>): Check<
  Member,
  Rule,
  Facts
> => ({
  key: { member, rule, place },
  id,
  stage,
  subjects,
  state: 'not-checked',
  demand: 0,
  capacity: 0,
  unit: '',
  ratio: null,
  facts,
})

/** A list with one of its items moved to the front. */
export const firstAmong = (first: string, all: readonly string[]): readonly string[] => [
  first,
  ...all.filter((each) => each !== first),
]
