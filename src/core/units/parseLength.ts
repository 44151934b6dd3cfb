import { IN_PER_FT } from './factors'
import { fail, ok, type Result, item } from '../result'
import { MAX_LENGTH_IN, MM_PER_IN } from './length'

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

/** A plain, mixed or bare fraction in inches: `6`, `6.5`, `5/8`, `6 5/8`, `6-5/8`. Null when it is none of these. */
function inchesOf(text: string): number | null {
  const match = /^(?:(\d+(?:\.\d*)?|\.\d+)|(?:(\d+)[ -]+)?(\d+)\/(\d+))$/.exec(text.trim())
  if (!match) return null
  if (match[1] !== undefined) return Number(match[1])
  const denominator = Number(match[4])
  return denominator === 0 ? null : Number(match[2] ?? 0) + Number(match[3]) / denominator
}

/**
 * Reads a length as people write it, in inches. Accepted: `12' 6 5/8"`, `12'-6 5/8"`, `12-6-10`
 * (feet-inches-sixteenths), `12-6`,
 * `150 5/8`, `12.5'`, `5/8`, `3.2 m`, `320 cm`, `3200 mm`, each with a leading minus. A bare number is inches.
 * Issues: empty, not-a-length, wrong-unit, inches-over-foot, sixteenths-over-inch, too-large (over 1,000 ft).
 * @example parseLength("12' 6 5/8\"") // { ok: true, value: 150.625 }
 */
export function parseLength(text: string): Result<number> {
  const tidied = tidy(text)
  if (tidied === '') return fail('empty')
  const negative = tidied.startsWith('-')
  const body = (negative ? tidied.slice(1) : tidied.replace(/^\+/, '')).trim()
  const signed = (inches: number | null): Result<number> => {
    if (inches === null || !Number.isFinite(inches)) return fail('not-a-length', [], { text: text.slice(0, 40) })
    if (inches > MAX_LENGTH_IN) return fail('too-large', [], { maximum: MAX_LENGTH_IN })
    return ok(negative && inches !== 0 ? -inches : inches)
  }

  const metric = /^(\d+(?:\.\d*)?|\.\d+) ?(mm|cm|m|meters?|metres?)$/.exec(body)
  if (metric) {
    const mm = { mm: 1, cm: 10 }[item(metric, 2)] ?? 1000
    return signed((Number(metric[1]) * mm) / MM_PER_IN)
  }
  const dashed = /^(\d+)-(\d+)(?:-(\d+))?$/.exec(body)
  if (dashed) {
    const [feet, inches, sixteenths] = [Number(dashed[1]), Number(dashed[2]), Number(dashed[3] ?? 0)]
    if (inches >= 12) return fail('inches-over-foot', [], { inches })
    if (sixteenths >= 16) return fail('sixteenths-over-inch', [], { sixteenths })
    return signed(feet * IN_PER_FT + inches + sixteenths / 16)
  }
  const feetInches = /^(\d+(?:\.\d*)?|\.\d+) ?' ?-? ?(?:([\d ./-]+?) ?"?)?$/.exec(body)
  if (feetInches) {
    const inches = feetInches[2] === undefined ? 0 : inchesOf(feetInches[2])
    if (inches === null) return signed(null)
    if (inches >= 12) return fail('inches-over-foot', [], { inches })
    return signed(Number(feetInches[1]) * IN_PER_FT + inches)
  }
  const unit = /^[\d ./-]+ ?([a-z°%]+[²2]?)$/.exec(body)
  if (unit) return fail('wrong-unit', [], { unit: item(unit, 1) })
  return signed(inchesOf(body.replace(/ ?"$/, '')))
}
