import Papa from 'papaparse'
import type { ShownDerived as Derived } from '@/core/derive'
import { formatLength } from '@/core/units'
import { KIND } from '../words'

/** Rows as CSV. A cell that a spreadsheet would run as a formula gets a leading apostrophe. Lengths in inches as numbers and as marks. */
export const toCsv = (rows: readonly Readonly<Record<string, string | number>>[]): string =>
  `${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`

/** The post schedule as CSV. */
export const scheduleCsv = (jobName: string, d: Derived): string =>
  toCsv(
    d.schedule.map((r) => ({
      job: jobName,
      post: r.id,
      kind: KIND[r.kind],
      x_in: round(r.xIn),
      y_in: round(r.yIn),
      height: formatLength(r.heightIn, { ascii: true }),
      height_in: round(r.heightIn),
      embed_in: round(r.embedIn),
      hole_diameter_in: r.holeDiameterIn,
      hole_depth_in: r.holeIn,
      length_in: round(r.totalIn),
      stock_in: r.stockIn ?? '',
    })),
  )
const round = (v: number): number => Math.round(v * 10000) / 10000
