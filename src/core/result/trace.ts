import { ROUNDING } from './rounding'
import type { Diagram } from './diagram'

/**
 * One line of arithmetic: what it is, the formula, the formula with its numbers, the result, its unit and its clause.
 */
export interface TraceLine {
  readonly label: string
  readonly formula: string
  readonly numbers: string
  readonly value: number
  readonly unit: string
  readonly clause: string
  /** Register item of a coefficient that is recalled rather than verified (C01 to C34): shown with a "verify" mark. */
  readonly verify?: string
}

/** Result of one check. `not-checked` never counts as holding. */
type CheckState = 'holds' | 'close' | 'fails' | 'not-checked'

/** A check: demand against capacity, what governs, what would fix it, and how every number came about. */
export interface Check {
  readonly id: string
  readonly title: string
  readonly stage: 'holes' | 'posts' | 'walls' | 'roof' | 'bracing'
  /** What is checked: one of these groups, for sorting and for the calculation sheet. */
  readonly group?:
    'ground' | 'column' | 'girt' | 'purlin' | 'truss' | 'beam' | 'lean-to' | 'joint' | 'brace' | 'diaphragm' | 'site'
  /** Governing load combination and the place on the member where it governs. */
  readonly combination?: string
  readonly place?: string
  /** Load, shear and moment of the governing case. */
  readonly diagram?: () => Diagram | null
  /** Posts or rows the check speaks of, so that the drawing can show them. */
  readonly subjects: readonly string[]
  readonly state: CheckState
  readonly demand: number
  readonly capacity: number
  readonly unit: string
  readonly ratio: number
  readonly governs: string
  readonly fix: string
  /** The arithmetic, written only when someone asks for it. */
  readonly trace: () => readonly TraceLine[]
}

/** Formats a number for a trace: four significant digits, as the reference examples are printed. */
export const sig = (value: number): string => {
  if (!Number.isFinite(value)) return '–'
  if (Math.abs(value) >= 10000) return Math.round(value).toString()
  return Number(value.toPrecision(4)).toString()
}

/** Makes a trace line. `numbers` is the formula with its values filled in. */
export const line = ({
  label,
  formula,
  numbers,
  value,
  unit,
  clause,
  verify,
}: {
  label: string
  formula: string
  numbers: string
  value: number
  unit: string
  clause: string
  verify?: string
}): TraceLine =>
  verify === undefined
    ? { label, formula, numbers, value, unit, clause }
    : { label, formula, numbers, value, unit, clause, verify }

/** A line's formula with its numbers, where these say more than the result beside them. */
export const written = (line: TraceLine): string =>
  line.numbers === '' || line.numbers === line.formula || line.numbers === sig(line.value)
    ? line.formula
    : `${line.formula} = ${line.numbers}`

/** Pass limit of every capacity check: a ratio up to 1 within floating error holds. */
const RATIO_LIMIT = 1 + ROUNDING

/**
 * Builds a check from demand and capacity. A demand or capacity that is not a finite number becomes "not checked",
 * never a pass.
 */
export function makeCheck(
  parts: Omit<Check, 'state' | 'ratio'> & { readonly combination: string; readonly place: string },
): Check {
  const ratio = parts.demand / parts.capacity
  if (!Number.isFinite(parts.demand) || !Number.isFinite(parts.capacity) || parts.capacity <= 0) {
    return {
      ...parts,
      state: 'not-checked',
      demand: 0,
      capacity: 0,
      ratio: 0,
      governs: `Not checked: ${parts.governs}`,
    }
  }
  const stateOf = () => {
    if (ratio > RATIO_LIMIT) return 'fails'
    if (ratio >= 0.9) return 'close'
    return 'holds'
  }
  return { ...parts, ratio, state: stateOf() }
}

/** Builds a check that could not be made, with the reason. */
export const notChecked = ({
  id,
  title,
  stage,
  why,
  fix,
  subjects = [],
}: {
  id: string
  title: string
  stage: Check['stage']
  why: string
  fix: string
  subjects?: readonly string[]
}): Check => ({
  id,
  title,
  stage,
  subjects,
  state: 'not-checked',
  demand: 0,
  capacity: 0,
  unit: '',
  ratio: 0,
  governs: why,
  fix,
  trace: () => [],
})

/** Ratio for display: two decimals, rounded up, so that 1.001 never reads as 1.00. */
export const shownRatio = (ratio: number): string => (Math.ceil(ratio * 100 - 1e-7) / 100).toFixed(2)
