import Papa from 'papaparse'
import type { ScheduleRowAsRead } from '@/core/derive'
import { formatLength } from '@/core/units'
import { KIND } from '../words'

/** What a spreadsheet may take for the beginning of a formula, behind spaces too. */
const FORMULA = /^\s*[=+\-@]/

/** Line breaks of every alphabet: a reader that takes one for the end of a row would find a cell of its own behind it. */
const BREAKS = /[\t\r\n\v\f\u0085\u2028\u2029]+/g

const oneLine = (row: Readonly<Record<string, string | number>>) =>
  Object.fromEntries(
    Object.entries(row).map(([head, cell]) => [head, typeof cell === 'string' ? cell.replace(BREAKS, ' ') : cell]),
  )

/**
 * Rows as CSV. A cell that a spreadsheet would run as a formula gets a leading apostrophe, and no cell breaks over a
 * line. Lengths in inches as numbers and as marks.
 */
export const toCsv = (rows: readonly Readonly<Record<string, string | number>>[]): string =>
  `${Papa.unparse(rows.map(oneLine), { escapeFormulae: FORMULA, newline: '\r\n' })}\r\n`

/** The post schedule as CSV, each post from its own foot where that was read. */
export const scheduleCsv = (jobName: string, rows: readonly ScheduleRowAsRead[]): string =>
  toCsv(
    rows.map((row) => ({
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
      foot: row.footRead ? 'read' : 'planned',
    })),
  )
const round = (value: number): number => Math.round(value * 10000) / 10000
