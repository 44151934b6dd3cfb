import { item, entryOf } from '../result'
import type { UnitSystem } from '../result/system'
import { lengthParts } from './length'

const ONES = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
]
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety']
const PART: Readonly<Record<number, readonly [one: string, many: string]>> = {
  2: ['half', 'halves'],
  4: ['quarter', 'quarters'],
  8: ['eighth', 'eighths'],
  16: ['sixteenth', 'sixteenths'],
}

/** A whole number from 0 to 999 in words. */
export function numberInWords(whole: number): string {
  if (whole < 20) return item(ONES, whole)
  if (whole < 100) return TENS[Math.floor(whole / 10)] + (whole % 10 ? `-${ONES[whole % 10]}` : '')
  return `${ONES[Math.floor(whole / 100)]} hundred${whole % 100 ? ` ${numberInWords(whole % 100)}` : ''}`
}

/**
 * A length in inches said aloud, to the sixteenth. @example inchesInWords(53.375) // 'fifty-three and three eighths'
 */
export function inchesInWords(lengthIn: number): string {
  const parts = lengthParts(lengthIn, false)
  const part = parts.numerator
    ? `${parts.numerator === 1 && parts.denominator === 2 ? 'a' : numberInWords(parts.numerator)} ` +
      `${entryOf(PART, parts.denominator)[parts.numerator === 1 ? 0 : 1]}`
    : ''
  const whole = parts.inches === 0 && part ? '' : numberInWords(parts.inches)
  return `${parts.negative ? 'minus ' : ''}${[whole, part].filter(Boolean).join(' and ')}`
}

/**
 * A length as it is called across a site: feet, then inches, to the sixteenth.
 * @example feetInWords(53.375) // 'four foot five and three eighths'
 */
export function feetInWords(lengthIn: number): string {
  const parts = lengthParts(lengthIn, true)
  if (parts.feet === 0) return inchesInWords(lengthIn)
  const feet = `${parts.negative ? 'minus ' : ''}${numberInWords(parts.feet)} foot`
  const rest = parts.inches + (parts.numerator > 0 ? parts.numerator / parts.denominator : 0)
  if (rest === 0) return feet
  return parts.inches === 0 ? `${feet} and ${inchesInWords(rest)}` : `${feet} ${inchesInWords(rest)}`
}

/** The marks of a system's tape by name: the finest, that a length is rounded to, and the one of the longer step. */
export const tapeMarks = (system: UnitSystem): { readonly small: string; readonly big: string } =>
  system === 'us' ? { small: 'sixteenth', big: 'inch' } : { small: 'millimeter', big: 'centimeter' }
