import { item } from '../result'
import { ROUNDING, SAME_IN } from '../units'
import type { Stretch } from './line'

/** Longest board that two bays of a row are covered with, and longest on the yard's list, inches. */
const HANDY_IN = 240
export const LONGEST_IN = 288
/** A splice this near the end of a run is left out: the piece would be a stub, inches. */
const STUB_IN = 9

/** How the boards of a row are joined. */
export interface Splicing {
  /** Supports that one board reaches over: every one of them is a splice, or every other. */
  readonly reach: 'each' | 'two' | 'long'
  /** Order of the row among its neighbors: those of even and of odd order splice on other supports. */
  readonly order: number
  /** Longest board of a row of long boards; the handy length where it is not said. */
  readonly mostIn?: number
}

/** Whether a row that splices on every other support may do so on this one. */
const mine = ({ order }: Splicing, support: number): boolean => (support + order) % 2 === 1

/** Supports of a stretch that a splice can lie on, by their order along the whole line. */
function within(supportsIn: readonly number[], { fromIn, toIn }: Stretch): readonly number[] {
  const inside: number[] = []
  for (let i = 0; i < supportsIn.length; i++) {
    const atIn = item(supportsIn, i)
    if (atIn > fromIn + STUB_IN && atIn < toIn - STUB_IN) inside.push(i)
  }
  return inside
}

/** The longest board that a row needs so that it splices on every other support; the handy one where that serves. */
function boardFor(supportsIn: readonly number[], stretch: Stretch, places: readonly number[]): number {
  const stops = [stretch.fromIn, ...places.map((i) => item(supportsIn, i)), stretch.toIn]
  const most = stops.slice(1).reduce((longest, to, i) => Math.max(longest, to - item(stops, i)), 0)
  return most > HANDY_IN + ROUNDING && most <= LONGEST_IN + ROUNDING ? LONGEST_IN : HANDY_IN
}

/** The farthest support of some that a board from a place still reaches; the nearest where it reaches none. */
function farthest(supportsIn: readonly number[], places: readonly number[], fromIn: number, reachIn: number) {
  let best: number | null = null
  for (const i of places) {
    const atIn = item(supportsIn, i)
    if (atIn <= fromIn + STUB_IN) continue
    if (best !== null && atIn - fromIn > reachIn + ROUNDING) break
    best = i
  }
  return best
}

/** Splices of boards that go as far as they reach; every other row begins with half of one. */
function longSplices(supportsIn: readonly number[], { fromIn, toIn }: Stretch, { order, mostIn = HANDY_IN }: Splicing) {
  const inside = within(supportsIn, { fromIn, toIn })
  const splices: number[] = []
  let [atIn, reachIn] = [fromIn, order % 2 === 1 ? mostIn / 2 : mostIn]
  while (toIn - atIn > reachIn + ROUNDING) {
    const at = farthest(supportsIn, inside, atIn, reachIn)
    if (at === null) break
    atIn = item(supportsIn, at)
    splices.push(atIn)
    reachIn = mostIn
  }
  return splices
}

/** Splices of boards over two supports: every other support, by the row's order, and more where no board is so long. */
function twoBaySplices(supportsIn: readonly number[], stretch: Stretch, splicing: Splicing): readonly number[] {
  const inside = within(supportsIn, stretch)
  const places = inside.filter((i) => mine(splicing, i))
  const boardIn = boardFor(supportsIn, stretch, places)
  const splices: number[] = []
  let { fromIn } = stretch
  for (;;) {
    const next = places.find((i) => item(supportsIn, i) > fromIn + SAME_IN) ?? null
    const wantsIn = next === null ? stretch.toIn : item(supportsIn, next)
    const at = wantsIn - fromIn <= boardIn + ROUNDING ? next : farthest(supportsIn, inside, fromIn, boardIn)
    if (at === null) return splices
    fromIn = item(supportsIn, at)
    splices.push(fromIn)
  }
}

/**
 * Where the boards of one stretch of a row are joined, inches along its line: always on a support. Rows that reach over
 * two supports splice on every other one, by their order, so that rows beside each other never splice on the same; a
 * board longer than the yard has is joined on the support before. Long boards go as far as the handy length, every
 * other row beginning with half of it.
 */
export function splicesOf(supportsIn: readonly number[], stretch: Stretch, splicing: Splicing): readonly number[] {
  switch (splicing.reach) {
    case 'each':
      return within(supportsIn, stretch).map((i) => item(supportsIn, i))
    case 'two':
      return twoBaySplices(supportsIn, stretch, splicing)
    case 'long':
      return longSplices(supportsIn, stretch, splicing)
  }
}

/** The first of some boards that a place lies on, and how far along it; the nearest end where it lies past all of them. */
export function boardAt(
  boards: readonly Stretch[],
  atIn: number,
): { readonly order: number; readonly alongIn: number } {
  const found = boards.findIndex(({ toIn }) => atIn <= toIn + SAME_IN)
  const order = found < 0 ? boards.length - 1 : found
  const { fromIn, toIn } = item(boards, order)
  return { order, alongIn: Math.min(toIn, Math.max(fromIn, atIn)) - fromIn }
}

/** The boards of a stretch between its splices. */
export function boardsBetween({ fromIn, toIn }: Stretch, splicesIn: readonly number[]): readonly Stretch[] {
  const stops = [fromIn, ...splicesIn, toIn]
  return stops.slice(1).map((to, i) => ({ fromIn: item(stops, i), toIn: to }))
}
