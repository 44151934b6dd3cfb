import { formatLength, IN_PER_FT } from '@/core/units'

/** Inches of paper to a foot, the largest first. */
const SCALES = [3, 1.5, 1, 0.75, 0.5, 0.375, 0.25, 0.1875, 0.125, 0.09375, 0.0625, 0.03125, 0.015625]
/** Feet of a lot to an inch of paper. */
const SITE_FT = [10, 20, 30, 40, 50, 60, 80, 100, 200, 400, 1000]
const PT_PER_IN = 72

/** Points of paper to an inch of what is drawn. */
export const pointsOf = (scale: number): number => (scale * PT_PER_IN) / IN_PER_FT

/** The largest scale at which something so large fits; the smallest one where none does. */
export function scaleFor(
  { wideIn, highIn }: { readonly wideIn: number; readonly highIn: number },
  room: { readonly wide: number; readonly high: number },
  site = false,
): number {
  const scales = site ? SITE_FT.map((feet) => 1 / feet) : SCALES
  const fits = scales.find((scale) => wideIn * pointsOf(scale) <= room.wide && highIn * pointsOf(scale) <= room.high)
  return fits ?? scales[scales.length - 1]
}

/** A scale in words: 1/8" = 1' 0", 1:96, or 1" = 20'. */
export const scaleWords = (scale: number, site = false): string =>
  site
    ? `1" = ${Math.round(1 / scale)}' 0", 1:${Math.round(IN_PER_FT / scale)}`
    : `${formatLength(scale, { feet: false, ascii: true, perInch: 64 })} = 1' 0", 1:${IN_PER_FT / scale}`
