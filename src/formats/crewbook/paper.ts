import type { PaperName } from '@/core/model'
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

/** Papers by name, points. */
export const PAPER_SIZES: Readonly<
  Record<PaperName, { readonly size: 'LETTER' | 'A4'; readonly shortPt: number; readonly longPt: number }>
> = {
  letter: { size: 'LETTER', shortPt: 612, longPt: 792 },
  a4: { size: 'A4', shortPt: 595.28, longPt: 841.89 },
}

/** Room round what stands on a sheet, points: its head stands in the upper one. */
export const MARGINS = { left: 38, top: 62, bottom: 44 } as const

/** Room for what stands on a sheet, points. */
export function roomOn(paper: PaperName, landscape = false): { readonly wide: number; readonly high: number } {
  const { shortPt, longPt } = PAPER_SIZES[paper]
  const [wide, high] = landscape ? [longPt, shortPt] : [shortPt, longPt]
  return { wide: Math.floor(wide - 2 * MARGINS.left), high: Math.floor(high - MARGINS.top - MARGINS.bottom) }
}

/** Most table rows a letter sheet takes at arm's-length size. */
export const ROWS = 30
