import { IN_PER_FT, MM_PER_IN, MM_PER_M } from './factors'
import { fixed, upTo } from '../result/figures'
import { minusOf, spaceOf, type WriteOptions } from '../result/system'
import { ROUNDING } from '../result/rounding'
/** Sixteenths in one inch: the finest mark a crew reads. */
const SIXTEENTHS = 16
/** Longest length any field takes: 1,000 feet. */
export const MAX_LENGTH_IN = 12000

/** Rounds inches to whole sixteenths, half away from zero. A hair (1e-9) absorbs floating error on exact halves. */
export const toSixteenths = (lengthIn: number): number => toParts(lengthIn, SIXTEENTHS)

function toParts(lengthIn: number, perInch: number): number {
  const sign = lengthIn < 0 ? -1 : 1
  return sign * Math.floor(Math.abs(lengthIn) * perInch + 0.5 + ROUNDING) || 0
}

/** Rounds inches to the nearest sixteenth of an inch. @example roundIn(109.7143) // 109.6875 */
export const roundIn = (lengthIn: number): number => toSixteenths(lengthIn) / SIXTEENTHS

/** A length taken apart for showing: feet, whole inches and a fraction in lowest terms. */
export interface LengthParts {
  readonly negative: boolean
  readonly feet: number
  readonly inches: number
  readonly numerator: number
  readonly denominator: number
}

/**
 * Takes a length apart, rounded once to the sixteenth (or to other parts `perInch`), with carries (16/16 to 1 inch, 12
 * inches to 1 foot). `withFeet` false keeps all in inches.
 */
export function lengthParts(lengthIn: number, withFeet = true, perInch = SIXTEENTHS): LengthParts {
  const parts = toParts(lengthIn, perInch)
  let units = Math.abs(parts)
  const feet = withFeet ? Math.floor(units / (IN_PER_FT * perInch)) : 0
  units -= feet * IN_PER_FT * perInch
  const inches = Math.floor(units / perInch)
  let numerator = units - inches * perInch
  let denominator = perInch
  while (numerator && numerator % 2 === 0) {
    numerator /= 2
    denominator /= 2
  }
  return { negative: parts < 0, feet, inches, numerator, denominator: numerator ? denominator : 1 }
}

export interface FormatOptions extends WriteOptions {
  /** In inches alone where this is false. */
  readonly feet?: boolean
  /** Parts of an inch that it is rounded to; sixteenths where this is left out. */
  readonly perInch?: number
}

/** Feet, inches and sixteenths, as a tape is read. */
function onTape(lengthIn: number, options: FormatOptions): string {
  const withFeet = options.feet ?? true
  const parts = lengthParts(lengthIn, withFeet, options.perInch)
  const prime = options.ascii ? "'" : '′'
  const second = options.ascii ? '"' : '″'
  const space = spaceOf(options)
  const feet = withFeet ? `${parts.feet}${prime}${space}` : ''
  const fraction = parts.numerator ? `${parts.numerator}/${parts.denominator}` : ''
  const inches = !withFeet && parts.inches === 0 && fraction ? '' : String(parts.inches)
  const joint = inches && fraction ? space : ''
  return `${parts.negative ? minusOf(options) : ''}${feet}${inches}${joint}${fraction}${second}`
}

/**
 * Writes a length, inches, the way its tape is read: `12′ 6 5/8″`, with `feet: false` `150 5/8″`; `3,826 mm`; `3.826 m`.
 * Rounded once, to the sixteenth or the millimeter. Nothing in it breaks over a line. An en dash where it is not finite.
 */
export function formatLength(lengthIn: number, options: FormatOptions = {}): string {
  if (!Number.isFinite(lengthIn)) return '–'
  switch (options.system ?? 'us') {
    case 'us':
      return onTape(lengthIn, options)
    case 'mm':
      return `${fixed(lengthIn * MM_PER_IN, 0, options)}${spaceOf(options)}mm`
    case 'm':
      return `${fixed((lengthIn * MM_PER_IN) / MM_PER_M, 3, options)}${spaceOf(options)}m`
  }
}

/** Shows a signed move or deviation: `+3/8″`, `−1/16″`, `0″`, `+10 mm`. */
export function formatSigned(lengthIn: number, options: WriteOptions = {}): string {
  const text = formatLength(lengthIn, { ...options, feet: false })
  return lengthIn > 0 && /[1-9]/.test(text) ? `+${text}` : text
}

/** Feet alone, with at most so many decimals: `12′`, `12.25′`; for names and scales, never for a mark. */
export const feetAlone = (lengthIn: number, mostDecimals = 0): string => `${upTo(lengthIn / IN_PER_FT, mostDecimals)}′`

/** Meters to the tenth, as a number alone, for names. */
export const metersAlone = (lengthIn: number): string => upTo((lengthIn * MM_PER_IN) / MM_PER_M, 1)

/** Inches alone: `150 5/8″`. */
export const inchesAlone = (lengthIn: number, options: WriteOptions = {}): string =>
  formatLength(lengthIn, { ...options, feet: false })
