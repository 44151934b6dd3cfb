import { addUnder } from '../result'
import { POST_STATES } from './kinds'
import type { Said } from './envelope'

/** Two entries of one thing by two devices that do not agree. The first stands until somebody chooses. */
export interface Contest<T> {
  readonly first: T
  readonly second: T
}

/**
 * Which of some entries of one thing stands, oldest first. A device may correct itself, and entries that agree confirm each
 * other; where another device says otherwise the first stands, until a further entry agrees with one of the two or one
 * is taken back.
 */
export function judgeEntries<T extends { readonly device: string }>(
  entries: readonly T[],
  agree: (standing: T, next: T) => boolean,
): { readonly stands: T | null; readonly contest: Contest<T> | null } {
  let stands: T | null = null
  let against: T | null = null
  for (const next of entries) {
    if (stands === null) stands = next
    else if (against !== null && agree(against, next)) [stands, against] = [next, null]
    else if (agree(stands, next)) [stands, against] = [next, null]
    else if (against === null && next.device === stands.device) stands = next
    else against = next
  }
  return { stands, contest: stands && against ? { first: stands, second: against } : null }
}

/** Entries of several things, judged thing by thing. */
export function judgeEach<T extends { readonly device: string }>(
  entries: readonly T[],
  thingOf: (entry: T) => string,
  agree: (standing: T, next: T) => boolean,
) {
  const things = new Map<string, T[]>()
  for (const entry of entries) addUnder(things, thingOf(entry), entry)
  const standing: Record<string, T> = {}
  const contests: Contest<T>[] = []
  for (const [thing, own] of things) {
    const { stands, contest } = judgeEntries(own, agree)
    if (stands) standing[thing] = stands
    if (contest) contests.push(contest)
  }
  return { standing, contests }
}

/** Two entries may differ by this before somebody must choose, inches: of one rod or one cut, and of one hole. */
const SAME_IN = 1 / 8
const SAME_DEPTH_IN = 1
const near = (one: number | null, other: number | null, byIn: number): boolean =>
  one === null || other === null || Math.abs(one - other) <= byIn

export const sameReading = (one: { readonly inches: number }, other: { readonly inches: number }): boolean =>
  near(one.inches, other.inches, SAME_IN)
/** A depth by tape is not held against one by rod: the rod's is not known before its grade line is. */
export const sameDepth = ({ body: one }: Said<'hole'>, { body: other }: Said<'hole'>): boolean =>
  near(one.depthIn, other.depthIn, SAME_DEPTH_IN) &&
  (one.setup !== other.setup || near(one.bottomReadingIn, other.bottomReadingIn, SAME_DEPTH_IN))
export const sameCut = ({ body: one }: Said<'cut'>, { body: other }: Said<'cut'>): boolean =>
  near(one.lengthIn, other.lengthIn, SAME_IN)
/** Work goes forward: a state that is as far or farther agrees with what stands. */
export const goesOn = ({ body: one }: Said<'state'>, { body: other }: Said<'state'>): boolean =>
  POST_STATES.indexOf(other.state) >= POST_STATES.indexOf(one.state)

/**
 * Pours of one post that count: those of the device that said the first. Another device's may be the same pour, entered
 * twice.
 */
export function countedPours(pours: readonly Said<'pour'>[]): {
  readonly counted: readonly Said<'pour'>[]
  readonly contest: Contest<Said<'pour'>> | null
} {
  const first = pours.at(0)
  const other = pours.find(({ device }) => device !== first?.device)
  return {
    counted: pours.filter(({ device }) => device === first?.device),
    contest: first && other ? { first, second: other } : null,
  }
}
