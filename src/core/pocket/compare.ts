import { ROUNDING } from '../units'

// Numbers within a billionth of each other are equal here, in every comparison and every count.

/** Whether one is more than the other. */
export const over = (one: number, other: number): boolean => one > other + ROUNDING
/** Whether one is the other or more. */
export const atLeast = (one: number, other: number): boolean => one >= other - ROUNDING
/** Whole pieces that fit. */
export const wholeIn = (value: number): number => Math.floor(value + ROUNDING)
/** Whole pieces that are needed. */
export const wholeFor = (value: number): number => Math.ceil(value - ROUNDING)
/** Where a list does not ascend: the first place that is not past the one before, or null. */
export function notAscending(list: readonly number[]): number | null {
  for (const [i, value] of list.entries()) {
    const before = list[i - 1]
    if (before !== undefined && !over(value, before)) return i
  }
  return null
}
