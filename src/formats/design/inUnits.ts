import {
  FPS_PER_MPH,
  FT3_PER_YD3,
  IN2_PER_FT2,
  IN_PER_FT,
  M_PER_FT,
  MM_PER_IN,
  MM_PER_M,
  N_PER_LB,
  type UnitSystem,
} from '@/core/units'

/** What the end of a field's name says of its number, and how that is written elsewhere: the new end, and the factor. */
type Ending = readonly [from: string, to: string, times: number]

const PSF_IN_PA = N_PER_LB / M_PER_FT ** 2

const SI: readonly Ending[] = [
  ['In2', 'Mm2', MM_PER_IN ** 2],
  ['Ft2', 'M2', M_PER_FT ** 2],
  ['Ft3', 'M3', M_PER_FT ** 3],
  ['Yd3', 'M3', FT3_PER_YD3 * M_PER_FT ** 3],
  ['InLb', 'Nm', (N_PER_LB * M_PER_FT) / IN_PER_FT],
  ['PsfPerFt', 'PaPerM', PSF_IN_PA / M_PER_FT],
  ['Psf', 'Pa', PSF_IN_PA],
  ['Psi', 'KPa', (PSF_IN_PA * IN2_PER_FT2) / 1000],
  ['Plf', 'NPerM', N_PER_LB / M_PER_FT],
  ['Mph', 'MPerS', FPS_PER_MPH * M_PER_FT],
  ['Lb', 'N', N_PER_LB],
  ['Ft', 'M', M_PER_FT],
]
const ENDINGS: Readonly<Record<UnitSystem, readonly Ending[]>> = {
  us: [],
  mm: [...SI, ['In', 'Mm', MM_PER_IN]],
  m: [...SI, ['In', 'M', MM_PER_IN / MM_PER_M]],
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
