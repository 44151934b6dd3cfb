import type { FieldRecord, PostState, RecordBody, RecordOf } from './records'
import { POST_STATES } from './records'

/** A record as the office holds it: when it arrived besides when its device says it was made. */
export interface Stored {
  readonly record: FieldRecord
  readonly receivedAt: string | null
}
export interface Said<K extends RecordBody['kind']> {
  readonly id: string
  readonly at: string
  readonly device: string
  readonly who: string
  readonly body: RecordOf<K>
}

/** What all records of a job say together. The order in which they arrived makes no difference. */
export interface FieldState {
  readonly setups: readonly Said<'setup'>[]
  readonly checks: readonly Said<'check'>[]
  /** Every reading that was not taken back, oldest first. */
  readonly readings: readonly Said<'reading'>[]
  readonly holes: Readonly<Record<string, Said<'hole'>>>
  readonly pours: Readonly<Record<string, readonly Said<'pour'>[]>>
  readonly states: Readonly<Record<string, PostState>>
  readonly cuts: Readonly<Record<string, Said<'cut'>>>
  readonly gaps: readonly Said<'gap'>[]
  readonly gradeLockedIn: number | null
  readonly printed: Said<'print'> | null
  readonly voided: ReadonlySet<string>
  readonly all: readonly FieldRecord[]
  readonly troubles: readonly FieldTrouble[]
}
export type FieldTrouble =
  | {
      readonly kind: 'two-readings'
      readonly target: string
      readonly setup: string
      readonly a: Said<'reading'>
      readonly b: Said<'reading'>
    }
  | { readonly kind: 'clock'; readonly record: FieldRecord; readonly hours: number }
  | { readonly kind: 'no-setup'; readonly reading: Said<'reading'> }

/** Two phones may differ by this on one rod before someone must choose, inches. */
export const SAME_READING_IN = 1 / 8
/** A device clock this far from the server's is wrong, hours. */
export const CLOCK_HOURS = 12

const order = (a: FieldRecord, b: FieldRecord): number =>
  Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)

/** Puts records together. Pure: the same records in any order, or any of them twice, give the same state. */
export function foldRecords(stored: readonly Stored[]): FieldState {
  const byId = new Map<string, Stored>()
  for (const s of stored) {
    const has = byId.get(s.record.id)
    if (!has || (has.receivedAt === null && s.receivedAt !== null)) byId.set(s.record.id, s)
  }
  const all = [...byId.values()].map((s) => s.record).sort(order)
  // A record taken back by an undo that was itself taken back stands again.
  const undo = new Map<string, string[]>()
  for (const r of all) if (r.body.kind === 'void') undo.set(r.body.record, [...(undo.get(r.body.record) ?? []), r.id])
  const isVoid = (id: string, depth = 0): boolean =>
    depth < 50 && (undo.get(id) ?? []).some((v) => !isVoid(v, depth + 1))
  const voided = new Set(all.filter((r) => isVoid(r.id)).map((r) => r.id))
  const standing = all.filter((r) => !voided.has(r.id))
  const said = <K extends RecordBody['kind']>(kind: K): Said<K>[] =>
    standing
      .filter((r) => r.body.kind === kind)
      .map((r) => ({ id: r.id, at: r.at, device: r.device, who: r.who, body: r.body as RecordOf<K> }))
  const last = <K extends 'hole' | 'cut'>(list: readonly Said<K>[]): Record<string, Said<K>> =>
    Object.fromEntries(list.map((s) => [(s.body as { readonly post: string }).post, s]))
  const setups = said('setup')
  const readings = said('reading')
  const states: Record<string, PostState> = {}
  for (const s of said('state')) states[s.body.post] = s.body.state
  const pours: Record<string, Said<'pour'>[]> = {}
  for (const p of said('pour')) pours[p.body.post] = [...(pours[p.body.post] ?? []), p]
  const troubles: FieldTrouble[] = []
  const known = new Set(setups.map((s) => s.body.setup))
  const seen = new Map<string, Said<'reading'>>()
  for (const r of readings) {
    if (!known.has(r.body.setup)) troubles.push({ kind: 'no-setup', reading: r })
    const k = `${r.body.setup}|${r.body.target}|${r.body.of}`
    const before = seen.get(k)
    if (before && before.device !== r.device && Math.abs(before.body.inches - r.body.inches) > SAME_READING_IN)
      troubles.push({ kind: 'two-readings', target: r.body.target, setup: r.body.setup, a: before, b: r })
    seen.set(k, r)
  }
  for (const s of byId.values())
    if (s.receivedAt !== null) {
      const hours = (Date.parse(s.record.at) - Date.parse(s.receivedAt)) / 3600000
      // A record may wait days for a signal; only one from the future proves a wrong clock.
      if (hours > CLOCK_HOURS) troubles.push({ kind: 'clock', record: s.record, hours })
    }
  return {
    setups,
    checks: said('check'),
    readings,
    holes: last(said('hole')),
    pours,
    states,
    cuts: Object.fromEntries(Object.entries(last(said('cut'))).filter(([, c]) => c.body.lengthIn !== null)),
    gaps: said('gap'),
    gradeLockedIn: said('grade').at(-1)?.body.gradeReadingIn ?? null,
    printed: said('print').at(-1) ?? null,
    voided,
    all,
    troubles,
  }
}

/** Whether a post's state is this far or farther. */
export const reached = (state: PostState | undefined, at: PostState): boolean =>
  POST_STATES.indexOf(state ?? 'planned') >= POST_STATES.indexOf(at)

/** The state of records that come by themselves, without the time the server took them in: with a request, from a file. */
export const foldBare = (records: readonly FieldRecord[]): FieldState =>
  foldRecords(records.map((record) => ({ record, receivedAt: null })))
