import { ROUNDING } from './rounding'
import { minusOf, type WriteOptions } from './system'

/** What is shown of a number that is none. */
const NONE = '–'

/** Digits in groups of three before the point. */
const grouped = (digits: string): string => digits.replace(/\B(?=(\d{3})+(?!\d))/g, ',')

/** A number without its sign, half away from zero; a hair absorbs floating error on exact halves. */
function digitsOf(value: number, decimals: number): string {
  const scale = 10 ** decimals
  const rounded = Math.floor(Math.abs(value) * scale + 0.5 + ROUNDING) / scale
  const [whole = '0', part = ''] = rounded.toFixed(decimals).split('.')
  return grouped(whole) + (part ? `.${part}` : '')
}

const signed = (value: number, digits: string, options: WriteOptions): string =>
  value < 0 && /[1-9]/.test(digits) ? minusOf(options) + digits : digits

/**
 * A number with so many decimals, thousands apart: `1,240`, `0.50`, `−3.2`; an en dash where it is not finite.
 * @param decimals 0 to 6
 */
export function fixed(value: number, decimals = 0, options: WriteOptions = {}): string {
  if (!Number.isFinite(value)) return NONE
  return signed(value, digitsOf(value, decimals), options)
}

/** A number with at most so many decimals, none that say nothing: `4`, `0.5`, `1,240.25`. */
export function upTo(value: number, mostDecimals: number, options: WriteOptions = {}): string {
  if (!Number.isFinite(value)) return NONE
  const digits = digitsOf(value, mostDecimals)
  return signed(value, digits.includes('.') ? digits.replace(/\.?0+$/, '') : digits, options)
}

/** Dollars, whole unless cents are wanted: `$1,240`, `−$35`. */
export const dollars = (value: number, cents = false): string => signed(value, `$${digitsOf(value, cents ? 2 : 0)}`, {})

/** So many of something: `1 board`, `3 boards`. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${fixed(count)} ${count === 1 ? one : many}`

/** Figures of a number that was reckoned. */
const FIGURES = 4
const MOST_DECIMALS = 6

/** A number to four figures, whole from 10,000 on: `0.4201`, `12.35`, `1240`, `12,400`. */
export function significant(value: number, options: WriteOptions = {}): string {
  if (!Number.isFinite(value)) return NONE
  if (value === 0) return '0'
  const decimals = FIGURES - 1 - Math.floor(Math.log10(Math.abs(value)))
  if (Math.abs(value) >= 10 ** FIGURES) return fixed(value, 0, options)
  const rounded = Number(value.toPrecision(FIGURES))
  return decimals > MOST_DECIMALS
    ? signed(rounded, String(Math.abs(rounded)), options)
    : upTo(rounded, Math.max(0, decimals), options).replaceAll(',', '')
}
