import Papa from 'papaparse'
import { ROD_MOST_IN, type Said, type FieldState, type Levels } from '@/core/field'
import { named, type PostName } from '@/core/layout'
import type { ShownDerived } from '../shown'
import { type Names, targetName } from '../words'
import { formatLength, parseLength } from '@/core/units'
import { toCsv } from './csv'

export interface ReadingRow extends PostName {
  readonly readingIn: number
}

/** The rod log as CSV: every reading that stands, with its set-up, who and when. */
export const readingsToCsv = (state: FieldState, levels: Levels, names: Names): string =>
  toCsv(
    state.readings.map((reading) => ({
      set_up: levels.setups.findIndex((setup) => setup.setup === reading.body.setup) + 1,
      place: levels.setups.find((setup) => setup.setup === reading.body.setup)?.place ?? '',
      post: targetName(reading.body.target, names),
      of: reading.body.of,
      reading: formatLength(reading.body.inches, { feet: false, ascii: true }),
      reading_in: reading.body.inches,
      who: reading.who,
      device: reading.device,
      at: reading.at,
    })),
  )

const dugCells = (dugIn: number | null) => ({
  dug: dugIn === null ? '' : formatLength(dugIn, { ascii: true }),
  dug_in: dugIn ?? '',
})
const holeCells = (hole: Said<'hole'> | undefined) => ({
  by_rod: hole?.body.bottomReadingIn ?? '',
  found: hole?.body.found ?? '',
  note: hole?.body.note ?? '',
  by: hole?.who ?? '',
})
const pourCells = (pour: Said<'pour'> | undefined) => ({
  bags: pour?.body.bags ?? '',
  bag_lb: pour?.body.bagLb ?? '',
  poured: pour?.body.poured ?? '',
})

/**
 * The hole log as CSV: planned and dug depth, what was found, what was poured and when, by post. Lengths in inches and
 * as marks.
 */
export const holesToCsv = (
  pick: Pick<ShownDerived, 'schedule'>,
  state: FieldState,
  dugIn: Readonly<Record<string, number | null>>,
): string =>
  toCsv(
    pick.schedule.map((row) => ({
      post: row.name,
      across_in: row.holeDiameterIn,
      planned: formatLength(row.holeIn, { ascii: true }),
      planned_in: row.holeIn,
      ...dugCells(dugIn[row.id] ?? null),
      ...holeCells(state.holes[row.id]),
      ...pourCells(state.pours[row.id]?.at(-1)),
      state: state.states[row.id] ?? 'planned',
    })),
  )

/**
 * Splits a line that may hold feet and inches with commas in quotes or without: the parser does the quotes, this joins
 * what a stray comma cut.
 */
const value = (row: Readonly<Record<string, string | readonly string[]>>, key: string): string => {
  const extra = row.__parsed_extra
  const text = row[key]
  return [typeof text === 'string' ? text : '', ...(Array.isArray(extra) ? (extra as readonly string[]) : [])]
    .join(' ')
    .trim()
}

/**
 * Rod readings from CSV with columns post and reading. Rows that cannot be used are refused one by one with their
 * number and reason; the good ones are offered for a look first.
 */
export function readingsFromCsv(
  text: string,
  posts: readonly PostName[],
): { readonly rows: readonly ReadingRow[]; readonly problems: readonly string[] } {
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  })
  const fields = read.meta.fields ?? []
  const readingColumn = () => {
    if (fields.includes('reading')) return 'reading'
    if (fields.includes('reading_in')) return 'reading_in'
    return ''
  }
  const reading = readingColumn()
  if (!fields.includes('post') || !reading)
    return { rows: [], problems: ['A rod log needs the columns “post” and “reading” in its first row.'] }
  const rows: ReadingRow[] = []
  const problems: string[] = []
  const seen = new Set<string>()
  read.data.slice(0, 2000).forEach((row, i) => {
    const at = `Row ${i + 2}`
    const typedName = (row.post ?? '').trim().replace(/^'/, '')
    const post = posts.find(({ name }) => name.toUpperCase() === typedName.toUpperCase())
    const typed = reading === fields[fields.length - 1] ? value(row, reading) : (row[reading] ?? '').trim()
    const length = parseLength(typed.replace(/^'/, ''))
    if (!post) problems.push(`${at}: there is no post “${typedName.slice(0, 12)}” in this building.`)
    else if (!length.ok)
      problems.push(`${at}: “${typed.slice(0, 24)}” is not a length. Write 53 3/8, 4' 5 3/8" or 4-5-6.`)
    else if (length.value < 0 || length.value > ROD_MOST_IN)
      problems.push(`${at}: ${typed.slice(0, 24)} is off the rod; 0 to ${ROD_MOST_IN} inches is accepted.`)
    else if (seen.has(post.id)) problems.push(`${at}: ${post.name} stands twice; the first is taken.`)
    else {
      seen.add(post.id)
      rows.push({ ...named(post), readingIn: length.value })
    }
  })
  return { rows, problems }
}

export interface SpotRow {
  readonly id: string
  readonly xIn: number
  readonly yIn: number
  readonly heightIn: number
}

/**
 * Spot heights from CSV with columns spot, east, north and height, lengths in any notation. Refused row by row; the
 * good ones are offered for a look first.
 */
export function spotsFromCsv(text: string): {
  readonly rows: readonly SpotRow[]
  readonly problems: readonly string[]
} {
  if (text.length > 1_000_000)
    return { rows: [], problems: ['That file is over 1 MB: spot heights are a few kilobytes.'] }
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  })
  const missing = ['spot', 'east', 'north', 'height'].filter((text) => !(read.meta.fields ?? []).includes(text))
  if (missing.length)
    return {
      rows: [],
      problems: [
        `Spot heights need the columns spot, east, north and height in the first row; missing: ${missing.join(', ')}.`,
      ],
    }
  const rows: SpotRow[] = []
  const problems: string[] = []
  read.data.slice(0, 2000).forEach((row, i) => {
    const at = `Row ${i + 2}`
    const id = (row.spot ?? '').trim()
    if ('__parsed_extra' in row) {
      problems.push(`${at}: more columns than the first row has. Put feet and inches with a comma in quotes.`)
      return
    }
    if (!/^[A-Za-z0-9]{1,12}$/.test(id)) {
      problems.push(`${at}: “${id.slice(0, 14)}” is no name for a spot; letters and digits, 12 at most.`)
      return
    }
    if (rows.some((row) => row.id === id)) {
      problems.push(`${at}: ${id} stands twice; the first is taken.`)
      return
    }
    const values = (['east', 'north', 'height'] as const).map(
      (field) => [field, parseLength((row[field] ?? '').trim().replace(/^'/, ''))] as const,
    )
    const bad = values.find(
      ([field, result]) =>
        !result.ok || !Number.isFinite(result.value) || Math.abs(result.value) > (field === 'height' ? 240 : 6000),
    )
    if (bad) {
      problems.push(
        `${at}: ${bad[0]} “${(row[bad[0]] ?? '').slice(0, 20)}” is not a length here. Write 12' 6", 150 or -3 ` +
          '1/2; heights within 20 feet of the grade line.',
      )
      return
    }
    const [xIn, yIn, heightIn] = values.map(([, result]) => (result.ok ? result.value : 0))
    rows.push({ id, xIn, yIn, heightIn })
  })
  return { rows, problems }
}
