import { type CureClock, type HoleNeed, type HoleVerdict, judgeHole } from './holeLog'
import { type FieldState, overrideKey, reached } from './fold'
import { type Inspection, POST_STATES, type PostState } from './kinds'

// What must be true before the next step of a post. A step out of order is not taken until a lead has given a reason.

/** Why a post does not go on to a state. */
export type Hold =
  | { readonly why: 'lines' }
  | { readonly why: 'depth' }
  | { readonly why: 'stop'; readonly say: string }
  | { readonly why: 'inspection'; readonly of: Inspection }
  | { readonly why: 'pour' }
  | { readonly why: 'cure'; readonly what: string; readonly inHours: number | null }
  | { readonly why: 'order'; readonly after: PostState }

/** What is known of a post’s footing. */
export interface Footing {
  /** Whether the plan puts concrete under it. */
  readonly hasConcrete: boolean
  /** What the hole as dug means; null where no depth was kept, or nothing is asked of it. */
  readonly verdict: HoleVerdict | null
  readonly isDug: boolean
  readonly cure: CureClock | null
}

/** What of a post’s hole the plan and the readings say. */
export interface HoleOf {
  readonly post: string
  readonly hasConcrete: boolean
  readonly need: HoleNeed | null
  /** As dug, inches; null where that is not known. */
  readonly depthIn: number | null
}

/** What is known of a post’s footing; `cureSince` tells how far concrete has cured that was poured then. */
export function footingOf(
  state: FieldState,
  { post, hasConcrete, need, depthIn }: HoleOf,
  cureSince: (poured: string) => CureClock,
): Footing {
  const log = state.holes[post]
  const poured = state.pours[post]?.at(-1)
  return {
    hasConcrete,
    verdict: log && need ? judgeHole(need, log, depthIn) : null,
    isDug: depthIn !== null,
    cure: poured ? cureSince(poured.body.poured) : null,
  }
}

/** What concrete must be able to carry before a state, as `cureClock` says it. */
const CARRIES: Readonly<Partial<Record<PostState, string>>> = {
  set: 'stand a post on it',
  braced: 'backfill and brace lightly',
}

/** Whether a post was passed at an inspection: the newest that names it counts. */
export function isPassed({ signs }: Pick<FieldState, 'signs'>, post: string, inspection: Inspection): boolean {
  const last = signs.filter(({ body }) => body.inspection === inspection && body.posts.includes(post)).at(-1)
  return last?.body.passed ?? false
}

/** What keeps concrete out of a hole; null where nothing does. */
function beforePour(post: string, state: FieldState, { isDug, verdict }: Footing): Hold | null {
  if (!isDug) return { why: 'depth' }
  if (verdict?.state === 'stop') return { why: 'stop', say: verdict.say }
  return isPassed(state, post, 'footing') ? null : { why: 'inspection', of: 'footing' }
}

/** What keeps a load off a footing; null where it may carry it. */
function beforeLoad(next: PostState, { hasConcrete, cure }: Footing): Hold | null {
  const what = CARRIES[next]
  if (what === undefined || !hasConcrete) return null
  if (!cure) return { why: 'pour' }
  if (cure.may.includes(what)) return null
  return {
    why: 'cure',
    what,
    inHours: cure.next?.what === what && Number.isFinite(cure.next.inHours) ? cure.next.inHours : null,
  }
}

/** What a state asks for besides those before it. */
function asksFor(post: string, next: PostState, state: FieldState, footing: Footing): Hold | null {
  switch (next) {
    case 'hole dug':
      return state.lines ? null : { why: 'lines' }
    case 'footing ready':
      return beforePour(post, state, footing)
    case 'set':
    case 'braced':
      return beforeLoad(next, footing)
    case 'inspected':
      if (!isPassed(state, post, 'set')) return { why: 'inspection', of: 'set' }
      return isPassed(state, post, 'braced') ? null : { why: 'inspection', of: 'braced' }
    default:
      return null
  }
}

/**
 * What keeps a post from a state; null where nothing does, or a lead has given a reason. Buried lines are marked before a
 * hole; depth and inspection come before the pour; concrete cures before it carries; set and braced are inspected.
 */
export function holdOf(post: string, next: PostState, state: FieldState, footing: Footing): Hold | null {
  if (state.overrides[overrideKey(post, next)]) return null
  const before = POST_STATES[POST_STATES.indexOf(next) - 1]
  const hold = asksFor(post, next, state, footing)
  if (hold) return hold
  return before !== undefined && !reached(state.states[post], before) ? { why: 'order', after: before } : null
}

/** Which state of a post an inspection looks at. */
export const INSPECTED_AT: Readonly<Record<Inspection, PostState>> = {
  footing: 'hole dug',
  set: 'set',
  braced: 'braced',
  covered: 'inspected',
}

/** A step that something holds. */
export interface Held {
  readonly state: PostState
  readonly hold: Hold
}

/**
 * What holds a post on its way to a state, step by step. A step that is passed over on the way does not hold the next one;
 * work that goes back is held by nothing.
 */
export function heldOn(
  post: { readonly id: string; readonly state: PostState },
  next: PostState,
  state: FieldState,
  footing: Footing,
): readonly Held[] {
  const [from, to] = [POST_STATES.indexOf(post.state), POST_STATES.indexOf(next)]
  return POST_STATES.slice(from + 1, to + 1).flatMap((each) => {
    const hold = holdOf(post.id, each, state, footing)
    return hold && hold.why !== 'order' ? [{ state: each, hold }] : []
  })
}
