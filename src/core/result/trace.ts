import { fixed, significant } from './figures'
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
  /** Register item of a coefficient that is recalled rather than verified (C01 on): shown with a "verify" mark. */
  readonly verify?: string
}

/** Formats a number for a trace: four significant digits, as the reference examples are printed. */
export const sig = (value: number): string => significant(value, { ascii: true }).replaceAll(',', '')

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

/** Ratio for display: two decimals, rounded up, so that 1.001 never reads as 1.00. */
export const shownRatio = (ratio: number): string => fixed(Math.ceil(ratio * 100 - 1e-7) / 100, 2)
