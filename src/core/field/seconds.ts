import { addUnder } from '../result'
import { ROUNDING } from '../units'
import { type Contest, judgeEntries, sameReading } from './contest'

// A second reading is taken blind, by another person or on the way back. It changes nothing: it says whether the first
// one holds.

/** A first and a second reading may differ by this, inches; else a third one decides. */
const SECOND_IN = 1 / 16

interface OneReading {
  readonly id: string
  readonly target: string
  readonly inches: number
  readonly device: string
  readonly second: boolean
}

/** What stands of a place that was read, and how sure it is. */
interface Standing<T> {
  readonly stands: T
  readonly contest: Contest<T> | null
  /** Whether it was read twice alike. */
  readonly confirmed: boolean
  /** A second reading that contradicts it, with no third to decide. */
  readonly against: T | null
}

const agree = (one: OneReading, other: OneReading): boolean =>
  Math.abs(one.inches - other.inches) <= SECOND_IN + ROUNDING

/** Judges the readings of one place, oldest first. */
function judgePlace<T extends OneReading>(readings: readonly T[]): Standing<T> | null {
  const firsts = readings.filter(({ second }) => !second)
  const { stands, contest } = judgeEntries(firsts.length > 0 ? firsts : readings, sameReading)
  if (!stands) return null
  const others = readings.filter((each) => each !== stands)
  if (others.some((other) => agree(other, stands))) return { stands, contest, confirmed: true, against: null }
  const seconds = others.filter(({ second }) => second)
  const outvoted = seconds.find((one) => seconds.some((other) => other !== one && agree(one, other)))
  if (outvoted) return { stands: outvoted, contest: null, confirmed: true, against: null }
  return { stands, contest, confirmed: false, against: seconds.at(-1) ?? null }
}

export interface Judged<T> {
  /** Every reading of each place, oldest first. */
  readonly places: ReadonlyMap<string, readonly T[]>
  /** The reading that stands for each place; none where a second one contradicts it. */
  readonly standing: Readonly<Record<string, T>>
  readonly contests: readonly Contest<T>[]
  /** Places that were read twice alike. */
  readonly confirmed: ReadonlySet<string>
  /** Places whose two readings contradict each other: a third decides. */
  readonly disputes: Readonly<Record<string, Contest<T>>>
}

/** What stands of lists of readings that were judged before: only the place that is read anew is judged anew. */
const judgedBefore = new WeakMap<readonly OneReading[], Standing<OneReading> | null>()
function standingOf<T extends OneReading>(readings: readonly T[]): Standing<T> | null {
  const had = judgedBefore.get(readings)
  if (had !== undefined) return had as Standing<T> | null
  const now = judgePlace(readings)
  judgedBefore.set(readings, now)
  return now
}

function judgePlaces<T extends OneReading>(places: ReadonlyMap<string, readonly T[]>): Judged<T> {
  const standing: Record<string, T> = {}
  const contests: Contest<T>[] = []
  const confirmed = new Set<string>()
  const disputes: Record<string, Contest<T>> = {}
  for (const [target, own] of places) {
    const judged = standingOf(own)
    if (!judged) continue
    if (judged.against) disputes[target] = { first: judged.stands, second: judged.against }
    else standing[target] = judged.stands
    if (judged.confirmed) confirmed.add(target)
    if (judged.contest) contests.push(judged.contest)
  }
  return { places, standing, contests, confirmed, disputes }
}

/**
 * Judges the readings of every place (inches, in one frame, oldest first). The first reading stands; one within 1/16 in.
 * of it confirms it; a second one farther off leaves the place without a reading until a third agrees with one of them.
 */
export function judgeReadings<T extends OneReading>(readings: readonly T[]): Judged<T> {
  const places = new Map<string, T[]>()
  for (const reading of readings) addUnder(places, reading.target, reading)
  return judgePlaces(places)
}

/** The same with one more reading, newer than all of them. */
export function judgedWith<T extends OneReading>({ places }: Judged<T>, reading: T): Judged<T> {
  return judgePlaces(new Map(places).set(reading.target, [...(places.get(reading.target) ?? []), reading]))
}
