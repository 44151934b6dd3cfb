import {
  FPS_PER_MPH,
  FT3_PER_YD3,
  IN2_PER_FT2,
  IN_PER_FT,
  M_PER_FT,
  MM_PER_IN,
  MM_PER_M,
  N_PER_LB,
  PA_PER_PSF,
  type UnitSystem,
} from '@/core/units'

/** What the end of a field's name says of its number, and how that is written elsewhere: the new end, and the factor. */
type Ending = readonly [from: string, to: string, times: number]

const SI: readonly Ending[] = [
  ['In2', 'Mm2', MM_PER_IN ** 2],
  ['Ft2', 'M2', M_PER_FT ** 2],
  ['Ft3', 'M3', M_PER_FT ** 3],
  // What is ordered, with its waste: it stands beside the net volume in cubic feet.
  ['Yd3', 'OrderM3', FT3_PER_YD3 * M_PER_FT ** 3],
  ['InLb', 'Nm', (N_PER_LB * M_PER_FT) / IN_PER_FT],
  ['FtLb', 'Nm', N_PER_LB * M_PER_FT],
  ['PsfPerFt', 'PaPerM', PA_PER_PSF / M_PER_FT],
  ['Psf', 'Pa', PA_PER_PSF],
  ['Psi', 'KPa', (PA_PER_PSF * IN2_PER_FT2) / 1000],
  ['Plf', 'NPerM', N_PER_LB / M_PER_FT],
  ['Pcf', 'NPerM3', N_PER_LB / M_PER_FT ** 3],
  ['Mph', 'MPerS', FPS_PER_MPH * M_PER_FT],
  ['Lb', 'N', N_PER_LB],
  ['Ft', 'M', M_PER_FT],
]
const ENDINGS: Readonly<Record<UnitSystem, readonly Ending[]>> = {
  us: [],
  mm: [['LbIn', 'NPerMm', N_PER_LB / MM_PER_IN], ...SI, ['In', 'Mm', MM_PER_IN]],
  m: [['LbIn', 'NPerM', (N_PER_LB / MM_PER_IN) * MM_PER_M], ...SI, ['In', 'M', MM_PER_IN / MM_PER_M]],
}

/** Places and sizes of a drawing are inches in fields that bear no unit. */
const PLACES: readonly string[] = ['x', 'y', 'sizeX', 'sizeY']

/** A field's name with its first letter as an ending is written: some are a unit and nothing else (`plf`). */
const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1)

/** A name that ends in a unit of another system; one that is only a unit stays in small letters. */
const renamed = (name: string, [from, to]: Ending): string =>
  name.length === from.length ? to.charAt(0).toLowerCase() + to.slice(1) : name.slice(0, -from.length) + to

const times = (value: unknown, factor: number): unknown => {
  if (typeof value === 'number') return value * factor
  return Array.isArray(value) ? value.map((each: unknown) => times(each, factor)) : value
}

/**
 * A design with its numbers in another system: fields that end in a unit are renamed and multiplied, places and sizes too.
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
        const measured = typeof part === 'number' || (Array.isArray(part) && part.every(Number.isFinite))
        if (!measured) return [key, walk(part)]
        if (PLACES.includes(key)) return [key, times(part, lengthTimes)]
        const ending = endings.find(([from]) => capital(key).endsWith(from))
        return ending ? [renamed(key, ending), times(part, ending[2])] : [key, part]
      }),
    )
  }
  return system === 'us' ? design : { units: system, ...(walk(design) as object) }
}
