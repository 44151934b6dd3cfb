import type { UnitSystem } from '@/core/units'

/** What the end of a field's name says of its number, and how that is written elsewhere: the new end, and the factor. */
type Ending = readonly [from: string, to: string, times: number]

const FT_IN_M = 0.3048
const LB_IN_N = 4.4482216152605
const PSF_IN_PA = LB_IN_N / FT_IN_M ** 2

const SI: readonly Ending[] = [
  ['In2', 'Mm2', 25.4 ** 2],
  ['Ft2', 'M2', FT_IN_M ** 2],
  ['Ft3', 'M3', FT_IN_M ** 3],
  ['Yd3', 'M3', 27 * FT_IN_M ** 3],
  ['InLb', 'Nm', (LB_IN_N * FT_IN_M) / 12],
  ['PsfPerFt', 'PaPerM', PSF_IN_PA / FT_IN_M],
  ['Psf', 'Pa', PSF_IN_PA],
  ['Psi', 'KPa', (PSF_IN_PA * 144) / 1000],
  ['Plf', 'NPerM', LB_IN_N / FT_IN_M],
  ['Mph', 'MPerS', (5280 * FT_IN_M) / 3600],
  ['Lb', 'N', LB_IN_N],
  ['Ft', 'M', FT_IN_M],
]
const ENDINGS: Readonly<Record<UnitSystem, readonly Ending[]>> = {
  us: [],
  mm: [...SI, ['In', 'Mm', 25.4]],
  m: [...SI, ['In', 'M', 0.0254]],
}

/** Places of a drawing are inches in fields that bear no unit. */
const PLACES: readonly string[] = ['x', 'y']

const times = (value: unknown, factor: number): unknown => {
  if (typeof value === 'number') return value * factor
  return Array.isArray(value) ? value.map((each: unknown) => times(each, factor)) : value
}

/**
 * A design with its numbers in another system: fields that end in a unit are renamed and multiplied, places x and y too.
 * Exact, not rounded. The job inside stays as it is stored, and so do sentences and traces, whose numbers bear their own
 * units. Records by post or by wall keep their keys.
 */
export function inUnits(design: unknown, system: UnitSystem): unknown {
  const endings = ENDINGS[system]
  const lengthTimes = endings.at(-1)?.[2] ?? 1
  const walk = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(walk)
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(
      Object.entries(value).map(([key, part]: [string, unknown]) => {
        if (key === 'job' || key === 'trace') return [key, part]
        if (PLACES.includes(key) && typeof part === 'number') return [key, part * lengthTimes]
        const ending = endings.find(([from]) => key.endsWith(from))
        if (!ending) return [key, walk(part)]
        const [from, to, factor] = ending
        const measured = typeof part === 'number' || Array.isArray(part)
        return measured ? [key.slice(0, -from.length) + to, times(part, factor)] : [key, walk(part)]
      }),
    )
  }
  return system === 'us' ? design : { units: system, ...(walk(design) as object) }
}
