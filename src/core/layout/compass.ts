import { item } from '../result'
import type { Side } from '../model'

const POINTS = ['North', 'Northeast', 'East', 'Southeast', 'South', 'Southwest', 'West', 'Northwest']
const TURN: Readonly<Record<Side, number>> = { north: 0, east: 2, south: 4, west: 6 }

/**
 * True compass name of each plan side, from where north stands on the plan (degrees clockwise from the plan's top), to
 * the nearest eighth.
 */
export function compassOf(northDeg: number): Record<Side, string> {
  const shift = Math.round(northDeg / 45)
  const name = (side: Side) => item(POINTS, (((TURN[side] - shift) % 8) + 8) % 8)
  return { south: name('south'), east: name('east'), north: name('north'), west: name('west') }
}

/** Wall names for people: `South wall`. */
export function wallNames(northDeg: number): Record<Side, string> {
  const side = compassOf(northDeg)
  return {
    south: `${side.south} wall`,
    east: `${side.east} wall`,
    north: `${side.north} wall`,
    west: `${side.west} wall`,
  }
}
