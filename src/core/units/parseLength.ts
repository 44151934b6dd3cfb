import { IN_PER_FT, MM_PER_IN, MM_PER_M } from './factors'
import { fail, ok, type Result, item } from '../result'
import { MAX_LENGTH_IN } from './length'
import type { UnitSystem } from '../result/system'

const GLYPHS: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
}

/** Puts every way of writing primes, dashes, spaces and words into one spelling. */
function tidy(text: string): string {
  let tidy = text.trim().toLowerCase().slice(0, 80)
  for (const [glyph, plain] of Object.entries(GLYPHS)) tidy = tidy.split(glyph).join(plain)
  return tidy
    .replace(/[′’‘`´]/g, "'")
    .replace(/[″”“]/g, '"')
    .replace(/''/g, '"')
    .replace(/[−–—]/g, '-')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/\b(feet|foot|ft)\b\.?|(?<=\d)(feet|foot|ft)\.?/g, "'")
    .replace(/\b(inches|inch|in)\b\.?|(?<=\d)(inches|inch|in)\.?/g, '"')
    .replace(/\s+/g, ' ')
    .replace(/\s*\/\s*/g, '/')
    .trim()
}

/** Parts of an inch that a tape has marks for, or that are written of one: halves to sixty-fourths. */
const ON_A_TAPE: readonly number[] = [1, 2, 4, 8, 16, 32, 64]

/** The denominator of a fraction that is on no tape: the 7 of 5/7; null where there is none. */
function oddPart(text: string): number | null {
  const denominator = Number(/\/(\d+)/.exec(text)?.[1] ?? 1)
  return ON_A_TAPE.includes(denominator) ? null : denominator
}

/** A plain, mixed or bare fraction in inches: `6`, `6.5`, `5/8`, `6 5/8`, `6-5/8`. Null when it is none of these. */
function inchesOf(text: string): number | null {
  const match = /^(?:(\d+(?:\.\d*)?|\.\d+)|(?:(\d+)[ -]+)?(\d+)\/(\d+))$/.exec(text.trim())
  if (!match) return null
  if (match[1] !== undefined) return Number(match[1])
  const denominator = Number(match[4])
  return denominator === 0 ? null : Number(match[2] ?? 0) + Number(match[3]) / denominator
}

/** One way of writing a length: its inches, why it is refused, or null where the text is not written so. */
type Reader = (body: string) => Result<number> | null

const NO_LENGTH = fail('not-a-length')

/** `3.2 m`, `320 cm`, `3200 mm`, `14,400 mm` */
const metric: Reader = (body) => {
  const match = /^(\d+(?:\.\d*)?|\.\d+|\d{1,3}(?:,\d{3})+(?:\.\d*)?) ?(mm|cm|m|meters?|metres?)$/.exec(body)
  if (!match) return null
  const mm = { mm: 1, cm: 10 }[item(match, 2)] ?? MM_PER_M
  return ok((Number(item(match, 1).replaceAll(',', '')) * mm) / MM_PER_IN)
}

/** A bare number, in a system whose tape has no inches. */
const bareMetric =
  (unit: 'mm' | 'm'): Reader =>
  (body) =>
    /^[\d.,]+$/.test(body) ? metric(`${body} ${unit}`) : null

/** `12-6`, `12-6-10`: feet, inches, sixteenths */
const dashed: Reader = (body) => {
  const match = /^(\d+)-(\d+)(?:-(\d+))?$/.exec(body)
  if (!match) return null
  const [feet, inches, sixteenths] = [Number(match[1]), Number(match[2]), Number(match[3] ?? 0)]
  if (inches >= 12) return fail('inches-over-foot', [], { inches })
  if (sixteenths >= 16) return fail('sixteenths-over-inch', [], { sixteenths })
  return ok(feet * IN_PER_FT + inches + sixteenths / 16)
}

/** `12.5'`, `12' 6 5/8"`, `12'-6 5/8"` */
const feetAndInches: Reader = (body) => {
  const match = /^(\d+(?:\.\d*)?|\.\d+) ?' ?-? ?(?:([\d ./-]+?) ?"?)?$/.exec(body)
  if (!match) return null
  const inches = match[2] === undefined ? 0 : inchesOf(match[2])
  if (inches === null) return NO_LENGTH
  if (inches >= 12) return fail('inches-over-foot', [], { inches })
  return ok(Number(match[1]) * IN_PER_FT + inches)
}

/** A number with a unit that is none of length. */
const otherUnit: Reader = (body) => {
  const match = /^[\d ./-]+ ?([a-z°%]+[²2]?)$/.exec(body)
  return match ? fail('wrong-unit', [], { unit: item(match, 1) }) : null
}

/** `150 5/8`, `5/8`, with or without its marks */
const inchesAlone: Reader = (body) => {
  const inches = inchesOf(body.replace(/ ?"$/, ''))
  return inches === null ? NO_LENGTH : ok(inches)
}

const READERS: readonly Reader[] = [metric, dashed, feetAndInches, otherUnit, inchesAlone]
const READERS_OF: Readonly<Record<UnitSystem, readonly Reader[]>> = {
  us: READERS,
  mm: [bareMetric('mm'), ...READERS],
  m: [bareMetric('m'), ...READERS],
}

/** The first way of writing that the text follows; a fraction that is on no tape is none. */
function readLength(body: string, system: UnitSystem): Result<number> {
  const denominator = oddPart(body)
  if (denominator !== null && denominator !== 0) return fail('not-on-a-tape', [], { denominator })
  for (const reader of READERS_OF[system]) {
    const read = reader(body)
    if (read) return read
  }
  return NO_LENGTH
}

/**
 * Reads a length as people write it, in inches. Accepted: `12' 6 5/8"`, `12'-6 5/8"`, `12-6-10`
 * (feet-inches-sixteenths), `12-6`, `150 5/8`, `12.5'`, `5/8`, `3.2 m`, `320 cm`, `3200 mm`, each with a leading minus.
 * A bare number is inches; millimeters or meters where the system's tape has no inches. Issues: empty, not-a-length,
 * not-on-a-tape (a fraction of sevenths), wrong-unit, inches-over-foot, sixteenths-over-inch, too-large (over 1,000 ft).
 * @example parseLength("12' 6 5/8\"") // { ok: true, value: 150.625 }
 */
export function parseLength(text: string, system: UnitSystem = 'us'): Result<number> {
  const tidied = tidy(text)
  if (tidied === '') return fail('empty')
  const negative = tidied.startsWith('-')
  const read = readLength((negative ? tidied.slice(1) : tidied.replace(/^\+/, '')).trim(), system)
  if (!read.ok)
    return read.issues[0]?.code === 'not-a-length' ? fail('not-a-length', [], { text: text.slice(0, 40) }) : read
  const inches = read.value
  if (!Number.isFinite(inches)) return fail('not-a-length', [], { text: text.slice(0, 40) })
  if (inches > MAX_LENGTH_IN) return fail('too-large', [], { maximum: MAX_LENGTH_IN })
  return ok(negative && inches !== 0 ? -inches : inches)
}
