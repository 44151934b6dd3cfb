import type { Diagram } from '../result'
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

/** Result of one check. `not-checked` never counts as holding. */
type CheckState = 'holds' | 'close' | 'fails' | 'not-checked'

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
  readonly ratio: number
  readonly facts: Facts
  /** Load, shear and moment of the governing case. */
  readonly diagram?: () => Diagram | null
}

type Parts<Member extends string, Rule extends string, Facts> = Omit<
  Check<Member, Rule, Facts>,
  'key' | 'state' | 'ratio' | 'subjects'
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
 * Builds a check from demand and capacity. A demand or capacity that is not a finite number becomes "not checked",
 * never a pass. Field by field: a building makes thousands of these, and copies of rests are slow.
 */
export function judged<Member extends string, Rule extends string, Facts>(
  parts: Parts<Member, Rule, Facts>,
): Check<Member, Rule, Facts> {
  const { member, rule, place, id, stage, group, combination, subjects = [], unit, facts, diagram } = parts
  const known = Number.isFinite(parts.demand) && Number.isFinite(parts.capacity) && parts.capacity > 0
  const demand = known ? parts.demand : 0
  const capacity = known ? parts.capacity : 0
  const ratio = known ? demand / capacity : 0
  const state = known ? stateOf(ratio) : 'not-checked'
  const check = {
    key: { member, rule, place },
    id,
    stage,
    group,
    combination,
    subjects,
    state,
    demand,
    capacity,
    unit,
    ratio,
    facts,
  } as const
  return diagram ? { ...check, diagram } : check
}

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
  ratio: 0,
  facts,
})

/** A list with one of its items moved to the front. */
export const firstAmong = (first: string, all: readonly string[]): readonly string[] => [
  first,
  ...all.filter((each) => each !== first),
]
