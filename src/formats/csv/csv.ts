import Papa from 'papaparse'
import type { ShownDerived as Derived } from '../shown'
import { formatLength } from '@/core/units'
import { KIND } from '../words'

/**
 * Rows as CSV. A cell that a spreadsheet would run as a formula gets a leading apostrophe. Lengths in inches as numbers
 * and as marks.
 */
export const toCsv = (rows: readonly Readonly<Record<string, string | number>>[]): string =>
  `${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`

/** The post schedule as CSV. */
export const scheduleCsv = (jobName: string, derived: Derived): string =>
  toCsv(
    derived.schedule.map((row) => ({
      job: jobName,
      post: row.name,
      kind: KIND[row.kind],
      x_in: round(row.xIn),
      y_in: round(row.yIn),
      height: formatLength(row.heightIn, { ascii: true }),
      height_in: round(row.heightIn),
      embed_in: round(row.embedIn),
      hole_diameter_in: row.holeDiameterIn,
      hole_depth_in: row.holeIn,
      length_in: round(row.totalIn),
      stock_in: row.stockIn ?? '',
    })),
  )
const round = (value: number): number => Math.round(value * 10000) / 10000
