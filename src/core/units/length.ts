import { IN_PER_FT } from './factors'
import { ROUNDING } from '../result/rounding'
/** Sixteenths in one inch: the finest mark a crew reads. */
const SIXTEENTHS = 16
/** Millimeters in one inch, exact. */
export const MM_PER_IN = 25.4
/** Longest length any field takes: 1,000 feet. */
export const MAX_LENGTH_IN = 12000

/** Rounds inches to whole sixteenths, half away from zero. A hair (1e-9) absorbs floating error on exact halves. */
export function toSixteenths(lengthIn: number): number {
  const sign = lengthIn < 0 ? -1 : 1
  return sign * Math.floor(Math.abs(lengthIn) * SIXTEENTHS + 0.5 + ROUNDING) || 0
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
 * Takes a length apart, rounded once to the sixteenth, with carries (16/16 to 1 inch, 12 inches to 1 foot). `withFeet`
 * false keeps all in inches.
 */
export function lengthParts(lengthIn: number, withFeet = true): LengthParts {
  const sixteenths = toSixteenths(lengthIn)
  let units = Math.abs(sixteenths)
  const feet = withFeet ? Math.floor(units / (IN_PER_FT * SIXTEENTHS)) : 0
  units -= feet * IN_PER_FT * SIXTEENTHS
  const inches = Math.floor(units / SIXTEENTHS)
  let numerator = units - inches * SIXTEENTHS
  let denominator = SIXTEENTHS
  while (numerator && numerator % 2 === 0) {
    numerator /= 2
    denominator /= 2
  }
  return { negative: sixteenths < 0, feet, inches, numerator, denominator: numerator ? denominator : 1 }
}

export interface FormatOptions {
  readonly feet?: boolean
  readonly ascii?: boolean
}

/** Writes a length the way a tape is read: `12′ 6 5/8″`, or with `feet: false` `150 5/8″`. `ascii` uses ' and ". */
export function formatLength(lengthIn: number, formatOptions: FormatOptions = {}): string {
  if (!Number.isFinite(lengthIn)) return '–'
  const withFeet = formatOptions.feet ?? true
  const parts = lengthParts(lengthIn, withFeet)
  const [prime, second, minus] = formatOptions.ascii ? ["'", '"', '-'] : ['′', '″', '−']
  const head = `${parts.negative ? minus : ''}${withFeet ? `${parts.feet}${prime} ` : ''}`
  const fraction = parts.numerator ? `${parts.numerator}/${parts.denominator}` : ''
  const inches = !withFeet && parts.inches === 0 && fraction ? '' : String(parts.inches)
  return `${head}${[inches, fraction].filter(Boolean).join(' ')}${second}`
}

/** Shows a signed move or deviation in inches: `+3/8″`, `−1/16″`, `0″`. */
export const formatSigned = (lengthIn: number): string =>
  `${toSixteenths(lengthIn) > 0 ? '+' : ''}${formatLength(lengthIn, { feet: false })}`
