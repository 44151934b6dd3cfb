import { ROUNDING } from '../units'
import { byClock } from './clock'
import type { Said } from './envelope'

// A laser that is bumped reads otherwise from then on. Checks back to the benchmark say by how much and between which
// two of them; places that were read before and after say when.

/** Most that two checks may differ by before it is a bump, inches; up to it the difference is drift, spread evenly. */
const DRIFT_IN = 1 / 8
/** Two readings of one place are the same to this, inches: a rod is read to the sixteenth. */
const SAME_IN = 1 / 16

/** A bump between two checks: what it did, and to how many readings. */
export interface Bump {
  readonly byIn: number
  /** When the check was made that found it. */
  readonly at: string
  /** Readings that were certainly made after it: they are corrected. */
  readonly corrected: number
  /** Readings of which that cannot be told: they are read again. */
  readonly again: number
}

/** What a reading of a set-up is corrected by, inches; null where it may be of before or after a bump. */
export type Correction = number | null

interface Stretch {
  /** So many of its readings were made before a look at the benchmark that read as the first one. */
  readonly sure: number
  /** What the benchmark read over its first reading at the beginning and at the end; null where none ended it. */
  readonly startIn: number
  readonly endIn: number | null
  readonly endAt: string
  readonly readings: readonly Said<'reading'>[]
}

/** The readings of a set-up between one look at the benchmark and the next. */
function stretchesOf(
  readings: readonly Said<'reading'>[],
  checks: readonly Said<'check'>[],
  benchmarkIn: number,
): readonly Stretch[] {
  const stretches: Stretch[] = []
  let [from, startIn, sure] = [0, 0, 0]
  for (const end of [...[...checks].sort(byClock), null]) {
    const own = readings.slice(from).filter((reading) => end === null || byClock(reading, end) < 0)
    const endIn = end && end.body.benchmarkIn - benchmarkIn
    // What reads as it did, to the sixteenth, has not moved: the rest is the reading of it.
    if (endIn !== null && isNear(endIn, startIn)) {
      sure = own.length
      continue
    }
    stretches.push({ sure, startIn, endIn, endAt: end?.at ?? '', readings: own })
    from += own.length
    startIn = endIn ?? startIn
    sure = 0
  }
  return stretches
}

const isDrift = (changeIn: number): boolean => Math.abs(changeIn) <= DRIFT_IN + ROUNDING
const isNear = (one: number, other: number): boolean => Math.abs(one - other) <= SAME_IN + ROUNDING
const placeOf = ({ body }: Said<'reading'>): string => `${body.of} ${body.target}`

/** At which readings a bump may have come: the ones before which all is as it was, and after which all is otherwise. */
function bumpPlaces(
  { readings, startIn, sure }: Stretch,
  jumpIn: number,
  known: ReadonlyMap<string, number>,
): readonly number[] {
  const places = Array.from({ length: readings.length + 1 }, (_, place) => place)
  const rules: ((place: number) => boolean)[] = [(place) => place >= sure]
  readings.forEach((reading, later) => {
    const { inches } = reading.body
    readings.slice(0, later).forEach((before, earlier) => {
      if (placeOf(before) !== placeOf(reading)) return
      const changeIn = inches - before.body.inches
      if (isNear(changeIn, jumpIn)) rules.push((place) => place > earlier && place <= later)
      else if (isNear(changeIn, 0)) rules.push((place) => place <= earlier || place > later)
    })
    const there = known.get(placeOf(reading))
    if (there === undefined) return
    const offIn = inches - startIn - there
    if (isNear(offIn, 0)) rules.push((place) => place > later)
    else if (isNear(offIn, jumpIn)) rules.push((place) => place <= later)
  })
  return places.filter((place) => rules.every((holds) => holds(place)))
}

/** What each reading of a stretch with a bump is corrected by, and the bump in numbers. */
function placeBump(stretch: Stretch, endIn: number, known: ReadonlyMap<string, number>) {
  const { readings, startIn, endAt } = stretch
  const places = bumpPlaces(stretch, endIn - startIn, known)
  const [first, last] = places.length > 0 ? [Math.min(...places), Math.max(...places)] : [stretch.sure, readings.length]
  const corrections = readings.map((_, place): Correction => {
    if (place < first) return startIn
    return place >= last ? endIn : null
  })
  const bump: Bump = {
    byIn: endIn - startIn,
    at: endAt,
    corrected: corrections.filter((by) => by === endIn).length,
    again: corrections.filter((by) => by === null).length,
  }
  return { corrections, bump }
}

/** What is certain of the places that were read in other stretches: a second reading there places a bump in this one. */
function certainOf(stretches: readonly Stretch[]): Map<string, number> {
  const known = new Map<string, number>()
  for (const { readings, startIn, endIn } of stretches)
    if (endIn === null || isDrift(endIn - startIn))
      for (const reading of readings) known.set(placeOf(reading), reading.body.inches - startIn)
  return known
}

/**
 * What each reading of a set-up is corrected by, in order (inches to be taken off), and the bumps that were found. A
 * difference of up to 1/8 in. between two looks at the benchmark is drift and spread evenly over the readings between; a
 * larger one is a bump. Readings of before it hold, those of after it are corrected where a place that was read on both
 * sides says so, and the rest is to be read again. Without a benchmark nothing is corrected.
 */
export function corrections(
  readings: readonly Said<'reading'>[],
  checks: readonly Said<'check'>[],
  benchmarkIn: number | null,
): { readonly by: readonly Correction[]; readonly bumps: readonly Bump[]; readonly nowIn: number } {
  if (benchmarkIn === null) return { by: readings.map(() => 0), bumps: [], nowIn: 0 }
  const stretches = stretchesOf(readings, checks, benchmarkIn)
  const hasBump = stretches.some(({ startIn, endIn }) => endIn !== null && !isDrift(endIn - startIn))
  const known = hasBump ? certainOf(stretches) : new Map<string, number>()
  const by: Correction[] = []
  const bumps: Bump[] = []
  for (const stretch of stretches) {
    const { startIn, endIn } = stretch
    const changeIn = endIn === null ? 0 : endIn - startIn
    if (endIn === null || isDrift(changeIn)) {
      const parts = stretch.readings.length + 1
      stretch.readings.forEach((_, k) => by.push(startIn + (changeIn * (k + 1)) / parts))
      continue
    }
    const placed = placeBump(stretch, endIn, known)
    by.push(...placed.corrections)
    bumps.push(placed.bump)
  }
  return { by, bumps, nowIn: stretches.at(-1)?.startIn ?? 0 }
}

/** A laser is checked back to its benchmark after so many readings, or so many minutes. */
export const CHECK_READINGS = 10
export const CHECK_MINUTES = 20
const MS_PER_MINUTE = 60_000

/**
 * Whether a set-up is to be checked back to its benchmark now, and since how many readings it was not; null where it need
 * not be, or has none.
 */
export function checkDue(
  { readings, checks }: { readonly readings: readonly Said<'reading'>[]; readonly checks: readonly Said<'check'>[] },
  setup: Said<'setup'>,
  nowMs: number,
): { readonly readings: number; readonly minutes: number } | null {
  const isOwn = (said: Said<'reading'> | Said<'check'>) => said.body.setup === setup.body.setup
  if (setup.body.benchmarkIn === null && !checks.some(isOwn)) return null
  const last = [setup, ...checks.filter(isOwn)].reduce((one, other) => (byClock(one, other) < 0 ? other : one))
  const since = readings.filter((reading) => isOwn(reading) && byClock(reading, last) > 0)
  const minutes = Math.floor((nowMs - Date.parse(last.at)) / MS_PER_MINUTE)
  const isDue = since.length >= CHECK_READINGS || (since.length > 0 && minutes >= CHECK_MINUTES)
  return isDue ? { readings: since.length, minutes } : null
}
