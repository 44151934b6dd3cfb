import { type Levels, readAgain } from '@/core/field'
import type { RodLog, Suspicion } from '@/core/marks'
import type { Entry } from './Keypad'

/** What the rod stands on. */
export type RodOn = 'foot' | 'footing' | 'ground'

/** The readings of one kind of place, as the set-up at work would read them. */
export interface Places {
  readonly read: (id: string) => boolean
  /** What the rod reads there from the set-up at work, inches; null where it was not read, or nothing ties the two. */
  readonly here: (id: string) => number | null
  /** Why it is worth reading again; null where it is not. */
  readonly suspect: (id: string) => Suspicion | null
  /** Whether it was read and is to be read again, be it only because the laser was bumped. */
  readonly again: (id: string) => boolean
  /** Whether it was read twice alike. */
  readonly sure: (id: string) => boolean
}

/** What is known of the places that a rod may stand on. */
interface Known {
  readonly rods: RodLog
  readonly padSuspects: Readonly<Record<string, Suspicion>>
  readonly levels: Levels
}

/** `shiftIn` is what the set-up at work lies under the first one; null where nothing ties it. */
export function placesOf(on: RodOn, { rods, padSuspects, levels }: Known, shiftIn: number | null): Places {
  const suspects = { foot: rods.suspects, footing: padSuspects, ground: {} }[on] as Readonly<
    Partial<Record<string, Suspicion>>
  >
  const lengths = {
    foot: (id: string) => rods.offsets[id]?.readingIn,
    footing: (id: string) => levels.footings[id]?.inches,
    ground: (id: string) => levels.grounds[id]?.inches,
  }
  const readingIn = (id: string) => suspects[id]?.readingIn ?? lengths[on](id)
  const again = readAgain(on, { rods, padSuspects }, levels)
  const confirmed = { foot: levels.confirmed.feet, footing: levels.confirmed.footings, ground: new Set<string>() }[on]
  return {
    read: (id) => readingIn(id) !== undefined,
    here: (id) => {
      const inches = readingIn(id)
      return inches === undefined || shiftIn === null ? null : inches - shiftIn
    },
    suspect: (id) => suspects[id] ?? null,
    again: (id) => again.has(id),
    sure: (id) => confirmed.has(id),
  }
}

/** The mean of what is known near by; null where nothing is. */
export const expectedIn = (known: readonly number[]): number | null =>
  known.length ? known.reduce((sum, inches) => sum + inches, 0) / known.length : null

/** What the rod goes to next when its button is tapped: the pad of embedded posts, the ground where spots are asked. */
export function nextOn(on: RodOn, embedded: boolean, hasSpots: boolean): RodOn {
  switch (on) {
    case 'foot':
      return embedded ? 'footing' : 'ground'
    case 'footing':
      return hasSpots ? 'ground' : 'foot'
    case 'ground':
      return 'foot'
  }
}

/** The rod's button in words. */
export const rodWords = (on: RodOn, embedded: boolean): string => {
  if (on === 'foot') return embedded ? 'Rod on the stake' : 'Rod on the bracket'
  return on === 'footing' ? 'Rod on the pad' : 'Rod on the ground'
}

/** So many of a row as stand beside each other on a phone, `before` of them before the one at work where there are. */
export function besideEachOther<T>(row: readonly T[], at: number, shown: number, before: number): readonly T[] {
  const from = Math.max(0, Math.min(at - before, row.length - shown))
  return row.slice(from, from + shown)
}

export const EMPTY: Entry = { whole: null, sixteenths: null }
