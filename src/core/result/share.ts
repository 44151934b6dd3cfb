import { item } from './items'
/** A plain record of this realm or another's: what a worker's message holds need not share our Object. */
function isRecord(value: unknown): value is Record<string, unknown> {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false
  const prototype: unknown = Object.getPrototypeOf(value)
  return prototype === Object.prototype || prototype === null || Object.getPrototypeOf(prototype) === null
}
const own = (holder: object, k: string): boolean => Object.prototype.hasOwnProperty.call(holder, k)

/**
 * `after`, with every part that says the same as in `before` put back as the very same object. Whoever draws the parts
 * can then tell by
 * identity what changed. Plain data without cycles (records, lists, numbers, text); anything else counts as changed
 * unless it is the same.
 */
export function keepSame<T>(before: unknown, after: T): T {
  return keep(before, after, new Map()) as T
}

/** Lists met already, with what they were held against: posts that are marked alike share one list. */
type Met = Map<readonly unknown[], { readonly before: unknown; readonly kept: unknown }>

function keep(before: unknown, after: unknown, met: Met): unknown {
  if (before === after || typeof before !== 'object' || typeof after !== 'object' || before === null || after === null)
    return after
  if (!Array.isArray(after)) return isRecord(before) && isRecord(after) ? keepRecord(before, after, met) : after
  if (!Array.isArray(before)) return after
  const again = met.get(after)
  if (again && again.before === before) return again.kept
  const kept = keepList(before, after, met)
  met.set(after, { before, kept })
  return kept
}

// Mostly everything is kept, or everything is new: then the old or the new one serves as it is. Only where parts of both
// have to stand together is a list or record made, and an edit compares thousands of parts.
function keepList(before: readonly unknown[], after: readonly unknown[], met: Met): readonly unknown[] {
  let old = before.length === after.length
  let fresh = true
  let out: unknown[] | null = null
  for (let i = 0; i < after.length; i++) {
    const kept = keep(before[i], after[i], met)
    const stillOld: boolean = old && Object.is(kept, before[i])
    const stillFresh: boolean = fresh && Object.is(kept, after[i])
    if (out === null && !stillOld && !stillFresh) out = (old ? before : after).slice(0, i)
    out?.push(kept)
    old = stillOld
    fresh = stillFresh
  }
  return old ? before : (out ?? after)
}

function keepRecord(
  before: Readonly<Record<string, unknown>>,
  after: Readonly<Record<string, unknown>>,
  met: Met,
): Readonly<Record<string, unknown>> {
  const keys = Object.keys(after)
  let old = keys.length === Object.keys(before).length
  let fresh = true
  let out: Record<string, unknown> | null = null
  for (let i = 0; i < keys.length; i++) {
    const key = item(keys, i)
    const was = before[key]
    const is = after[key]
    const kept = keep(was, is, met)
    const stillOld: boolean = old && Object.is(kept, was) && (kept !== undefined || own(before, key))
    const stillFresh: boolean = fresh && Object.is(kept, is)
    if (out === null && !stillOld && !stillFresh) out = firstOf(old ? before : after, keys, i)
    if (out !== null) out[key] = kept
    old = stillOld
    fresh = stillFresh
  }
  return old ? before : (out ?? after)
}

function firstOf(record: Readonly<Record<string, unknown>>, keys: readonly string[], count: number) {
  const out: Record<string, unknown> = {}
  for (let i = 0; i < count; i++) out[item(keys, i)] = record[item(keys, i)]
  return out
}

/**
 * What turns one value into another: nothing, a whole new value, or changes of some of its parts. Plain data, so it can
 * be sent.
 */
export type Changes =
  | { readonly kind: 'same' }
  | { readonly kind: 'whole'; readonly value: unknown }
  | {
      readonly kind: 'parts'
      readonly parts: readonly (readonly [string, Changes])[]
      readonly gone: readonly string[]
    }
const SAME: Changes = { kind: 'same' }

/**
 * The changes from `before` to `after`: records part by part, lists of one length place by place, everything else
 * whole.
 */
export function changesOf(before: unknown, after: unknown): Changes {
  if (Object.is(before, after)) return SAME
  const lists = Array.isArray(before) && Array.isArray(after) && before.length === after.length
  if (!lists && !(isRecord(before) && isRecord(after))) return { kind: 'whole', value: after }
  const [old, fresh] = [before, after] as readonly [Record<string, unknown>, Record<string, unknown>]
  const parts: [string, Changes][] = []
  const keys = Object.keys(fresh)
  for (const key of keys) {
    const changes: Changes = own(old, key) ? changesOf(old[key], fresh[key]) : { kind: 'whole', value: fresh[key] }
    if (changes.kind !== 'same') parts.push([key, changes])
  }
  const gone = Object.keys(old).filter((key) => !own(fresh, key))
  return parts.length === 0 && gone.length === 0 ? SAME : { kind: 'parts', parts, gone }
}

/**
 * `before` with the changes made; parts without a change stay the same objects. Order of new keys is that of the
 * changes.
 */
export function withChanges(before: unknown, changes: Changes): unknown {
  if (changes.kind === 'same') return before
  if (changes.kind === 'whole') return changes.value
  const out = (Array.isArray(before) ? [...(before as unknown[])] : { ...(before as object) }) as Record<
    string,
    unknown
  >
  for (const [k, part] of changes.parts) out[k] = withChanges(out[k], part)
  for (const k of changes.gone) delete out[k]
  return out
}
