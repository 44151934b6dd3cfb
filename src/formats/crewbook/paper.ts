import { formatLength } from '@/core/units'
import type { Block } from './types'

/** Lengths as paper prints them: its font has no primes. */
export const mark = (lengthIn: number): string => formatLength(lengthIn, { ascii: true })
export const inches = (lengthIn: number): string => formatLength(lengthIn, { feet: false, ascii: true })
/** A table block: columns set right, columns set large. */
export const table = (
  head: readonly string[],
  rows: readonly (readonly string[])[],
  right: readonly number[] = [],
  big: readonly number[] = [],
): Block => ({ kind: 'table', head, rows, right, big })
