import { NEGLIGIBLE } from '../result/rounding'
import { IN_PER_FT, MM_PER_IN, MM_PER_M } from './factors'
import { upTo } from '../result/figures'
import { formatLength, roundIn } from './length'
import { minusOf, NO_BREAK, type UnitSystem } from '../result/system'

/** Finest parts of an inch that are written: sixty-fourths. */
const FINEST = 64
/** Decimals that people type. */
const DECIMALS = 3

/** Doubles of this size differ by so much, as a share. */
const GRAIN = 4 * Number.EPSILON
const isWhole = (value: number): boolean =>
  Math.abs(value - Math.round(value)) < Math.max(NEGLIGIBLE, Math.abs(value) * GRAIN)
const hasDecimals = (value: number, decimals: number): boolean => isWhole(value * 10 ** decimals)

/** Nobody sets thousands of inches apart, and a comma may stand for a point. */
const ungrouped = (value: number): string => upTo(value, DECIMALS).replaceAll(',', '')

/** The first way of writing that says exactly this length; null where none does. */
function exactly(lengthIn: number, feet: boolean): string | null {
  if (isWhole(lengthIn * FINEST)) return formatLength(lengthIn, { feet, perInch: FINEST })
  const mm = lengthIn * MM_PER_IN
  if (isWhole(mm)) return `${upTo(mm, 0)}${NO_BREAK}mm`
  if (feet && hasDecimals(lengthIn / IN_PER_FT, DECIMALS)) return `${ungrouped(lengthIn / IN_PER_FT)}′`
  if (hasDecimals(lengthIn, DECIMALS)) return `${ungrouped(lengthIn)}″`
  return hasDecimals(mm, DECIMALS) ? `${upTo(mm, DECIMALS)}${NO_BREAK}mm` : null
}

/** A length of the tape system as a field shows it. */
function usEntry(lengthIn: number, feet: boolean): string {
  if (Math.abs(roundIn(lengthIn) - lengthIn) < NEGLIGIBLE) return formatLength(lengthIn, { feet })
  const exact = exactly(Math.abs(lengthIn), feet)
  if (exact === null) return formatLength(lengthIn, { feet })
  return lengthIn < 0 ? minusOf({}) + exact : exact
}

/** Tenths of a millimeter are the finest that is typed and shown. */
const MM_DECIMALS = 1
/** Decimals of a meter that make a millimeter. */
const MM_OF_M = 3

/**
 * A length, inches, as a field shows it: what was typed reads back as typed. A length that is on the system's own tape
 * is written as that tape is read; another in the first notation that says it exactly (`14,400 mm`, `12.3′`, `6 5/64″`).
 * One that no notation says exactly is rounded once; on a metric tape, sixteenths are, to the tenth of a millimeter.
 */
export function lengthEntry(lengthIn: number, system: UnitSystem = 'us', feet = true): string {
  if (!Number.isFinite(lengthIn)) return formatLength(lengthIn)
  if (system === 'us') return usEntry(lengthIn, feet)
  const mm = lengthIn * MM_PER_IN
  if (isWhole(mm)) return formatLength(lengthIn, { system })
  return system === 'mm'
    ? `${upTo(mm, MM_DECIMALS)}${NO_BREAK}mm`
    : `${upTo(mm / MM_PER_M, MM_OF_M + MM_DECIMALS)}${NO_BREAK}m`
}

/** Sixteenths and inches of a tape; millimeters and centimeters of a metric one. Inches. */
export const TAPE_STEPS_IN: Readonly<Record<UnitSystem, { readonly small: number; readonly big: number }>> = {
  us: { small: 1 / 16, big: 1 },
  mm: { small: 1 / MM_PER_IN, big: 10 / MM_PER_IN },
  m: { small: 1 / MM_PER_IN, big: 10 / MM_PER_IN },
}

/** The mark of the system's tape nearest to a length, inches. */
export const nearestMark = (lengthIn: number, system: UnitSystem): number =>
  system === 'us' ? roundIn(lengthIn) : Math.round(lengthIn * MM_PER_IN) / MM_PER_IN

/** The length one mark further on the system's tape, from the mark nearest to it, inches; `big` for ten, or an inch. */
export function steppedLength(lengthIn: number, direction: 1 | -1, big: boolean, system: UnitSystem = 'us'): number {
  const { small, big: large } = TAPE_STEPS_IN[system]
  return nearestMark(lengthIn, system) + direction * (big ? large : small)
}
