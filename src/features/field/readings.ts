import type { Levels } from '@/core/field'
import { OFF_PLAN_IN, type RodLog, SECOND_LOOK_IN } from '@/core/marks'

import type { Entry } from './Keypad'

/** What the rod stands on. */
export type RodOn = 'foot' | 'footing' | 'ground'

/** The readings of one kind of place, as the set-up at work would read them. */
export interface Places {
  readonly read: (id: string) => boolean
  /** What the rod read there, inches; null where it was not read. */
  readonly here: (id: string) => number | null
  /** Read, and worth reading again. */
  readonly odd: (id: string) => boolean
}

/** `shiftIn` is what the set-up at work lies under the first one. */
export function placesOf(on: RodOn, rods: RodLog, levels: Levels, shiftIn: number): Places {
  const lengths = {
    foot: (id: string) => rods.offsets[id]?.readingIn,
    footing: (id: string) => levels.footings[id]?.inches,
    ground: (id: string) => levels.grounds[id]?.inches,
  }
  const readingIn = lengths[on]
  return {
    read: (id) => readingIn(id) !== undefined,
    here: (id) => {
      const inches = readingIn(id)
      return inches === undefined ? null : inches - shiftIn
    },
    odd: (id) => on === 'foot' && (rods.offsets[id]?.suspect ?? false),
  }
}

/** The mean of what is known near by; null where nothing is. */
export const expectedIn = (known: readonly number[]): number | null =>
  known.length ? known.reduce((sum, inches) => sum + inches, 0) / known.length : null

/**
 * Whether a reading is worth a second look, by what it is off and by how much: from its neighbors, or else from the
 * plan, which knows where feet lie once some readings have fitted it. Null where it looks right.
 */
export function doubtOf(
  readingIn: number,
  expected: number | null,
  planned: number | null,
): { readonly by: 'neighbors' | 'plan'; readonly offIn: number } | null {
  const off = expected === null ? 0 : readingIn - expected
  if (Math.abs(off) > SECOND_LOOK_IN) return { by: 'neighbors', offIn: off }
  const offPlan = planned === null ? 0 : readingIn - planned
  return Math.abs(offPlan) > OFF_PLAN_IN ? { by: 'plan', offIn: offPlan } : null
}

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

export const EMPTY: Entry = { whole: null, sixteenths: null }
