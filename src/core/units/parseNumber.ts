import { fail, ok, type Result } from '../result'

/**
 * Reads a plain number (psf, mph, degrees). A trailing unit is allowed only when it is the field's own. Issues: empty,
 * wrong-unit, not-a-number.
 */
export function parseNumber(text: string, unit = ''): Result<number> {
  const tidy = text.trim().replace(/−/g, '-').slice(0, 60)
  if (tidy === '') return fail('empty')
  const match = /^([+-]?(?:\d+(?:\.\d*)?|\.\d+))\s*([^\d\s].*)?$/.exec(tidy.replace(/(?<=\d),(?=\d{3}\b)/g, ''))
  if (!match) return fail('not-a-number', [], { text: tidy.slice(0, 40) })
  const given = (match[2] ?? '').trim().toLowerCase()
  if (given && given !== unit.toLowerCase()) return fail('wrong-unit', [], { unit: given.slice(0, 20), wanted: unit })
  return ok(Number(match[1]))
}
