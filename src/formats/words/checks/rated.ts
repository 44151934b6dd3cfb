import { line, sig, type TraceLine } from '@/core/result'

/** A rating that was typed off a maker's report. */
export const ratedLine = (label: string, lb: number): TraceLine =>
  line({ label, formula: 'typed', numbers: sig(lb), value: lb, unit: 'lb', clause: 'maker’s report' })
