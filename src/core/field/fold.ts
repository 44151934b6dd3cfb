import { addUnder } from '../result'
import { byClock } from './clock'
import { postsOf } from './naming'
import type { PieceState, PostState, StringSide } from './kinds'
import type { FieldRecord, RecordBody, RecordOf } from './recordShape'
import type { Said } from './envelope'
import { type Contest, countedPours, goesOn, judgeEach, sameCut, sameDepth } from './contest'
import { POST_STATES } from './kinds'

/** How far the office had moved a record's post, inches, since the plan that the record was made from, and as of which revision. */
export interface Moved {
  readonly byIn: number
  readonly revision: number
}

/** A record as the office holds it: when it arrived besides when its device says it was made. */
export interface Stored {
  readonly record: FieldRecord
  readonly receivedAt: string | null
  /** Set where its post stood elsewhere by the time it came in. */
  readonly moved?: Moved | undefined
}

/** What a piece was cut to, from which board, and who said so. */
export interface PieceCut {
  readonly name: string
  readonly board: string
  readonly lengthIn: number
  readonly at: string
  readonly who: string
}

/** How far a piece has come, and what it was cut to where it was. */
interface PieceSaid {
  readonly state: PieceState
  readonly cut: PieceCut | null
}

/** What all records of a job say together. The order in which they arrived makes no difference. */
export interface FieldState {
  readonly setups: readonly Said<'setup'>[]
  readonly checks: readonly Said<'check'>[]
  /** Every reading that was not taken back, oldest first. */
  readonly readings: readonly Said<'reading'>[]
  /** Readings that a lead has kept although they do not agree with the others. */
  readonly kept: ReadonlySet<string>
  readonly holes: Readonly<Record<string, Said<'hole'>>>
  readonly pours: Readonly<Record<string, readonly Said<'pour'>[]>>
  readonly states: Readonly<Record<string, PostState>>
  readonly cuts: Readonly<Record<string, Said<'cut'>>>
  /** Pieces that are no posts, by the stick that they are. */
  readonly pieces: Readonly<Record<string, PieceSaid>>
  readonly gaps: readonly Said<'gap'>[]
  /** The newest of each: sides of the strings, posts as they stand. */
  readonly squares: Readonly<Partial<Record<StringSide, Said<'square'>>>>
  readonly stands: Readonly<Record<string, Said<'stand'>>>
  readonly spans: readonly Said<'span'>[]
  readonly delivered: readonly Said<'delivered'>[]
  readonly notes: readonly Said<'note'>[]
  readonly here: readonly Said<'here'>[]
  readonly short: readonly Said<'short'>[]
  readonly temps: readonly Said<'temps'>[]
  /** When the buried lines were last marked, and by which reference. */
  readonly lines: Said<'lines'> | null
  /** Steps out of order for which a lead gave a reason, by post and state. */
  readonly overrides: Readonly<Record<string, Said<'override'>>>
  readonly signs: readonly Said<'sign'>[]
  readonly gradeLockedIn: number | null
  readonly printed: Said<'print'> | null
  readonly voided: ReadonlySet<string>
  /** Records that do not count because their post has moved since. */
  readonly moved: ReadonlySet<string>
  readonly all: readonly FieldRecord[]
  readonly troubles: readonly FieldTrouble[]
}

export type FieldTrouble =
  | ({ readonly kind: 'two-depths' } & Contest<Said<'hole'>>)
  | ({ readonly kind: 'two-cuts' } & Contest<Said<'cut'>>)
  | ({ readonly kind: 'two-pours' } & Contest<Said<'pour'>>)
  | ({ readonly kind: 'state-back' } & Contest<Said<'state'>>)
  | { readonly kind: 'moved'; readonly record: FieldRecord; readonly moved: Moved }
  | { readonly kind: 'clock'; readonly record: FieldRecord; readonly hours: number }
  | { readonly kind: 'no-setup'; readonly reading: Said<'reading'> }

/** By what an override is found. */
export const overrideKey = (post: string, state: PostState): string => `${post} ${state}`
/** The newest entry of each thing. */
const newest = <T>(entries: readonly T[], thingOf: (entry: T) => string): Record<string, T> =>
  Object.fromEntries(entries.map((entry) => [thingOf(entry), entry]))

/** A device clock this far from the server's is wrong, hours. */
const CLOCK_HOURS = 12

/** Records taken back. One taken back by an undo that was itself taken back stands again. */
function takenBack(all: readonly FieldRecord[]): ReadonlySet<string> {
  const undo = new Map<string, string[]>()
  for (const record of all) if (record.body.kind === 'void') addUnder(undo, record.body.record, record.id)
  const isVoid = (id: string, depth = 0): boolean =>
    depth < 50 && (undo.get(id)?.some((by) => !isVoid(by, depth + 1)) ?? false)
  return new Set([...undo.keys()].filter((id) => isVoid(id)))
}

/** Readings that belong to no set-up. */
function readingTroubles(setups: readonly Said<'setup'>[], readings: readonly Said<'reading'>[]): FieldTrouble[] {
  const known = new Set(setups.map((setup) => setup.body.setup))
  return readings.flatMap((reading) => (known.has(reading.body.setup) ? [] : [{ kind: 'no-setup' as const, reading }]))
}

/** What a record is said of: entries of one kind about one post or spot take each other's place. */
function thingOf({ body }: FieldRecord): string {
  if (body.kind === 'reading') return `reading ${body.of} ${body.target}`
  return 'post' in body ? `${body.kind} ${body.post}` : `${body.kind} ${postsOf(body).join(' ')}`
}

/** Entries for a post that has moved since, until the same is entered again where it stands now, or they are taken back. */
function movedTroubles(stored: readonly Stored[], standing: readonly FieldRecord[]): FieldTrouble[] {
  const those = stored.filter(({ moved }) => moved)
  if (those.length === 0) return []
  const newest = new Map(standing.map((record) => [thingOf(record), record]))
  return those.flatMap(({ record, moved }) => {
    const again = newest.get(thingOf(record))
    return !moved || (again && byClock(again, record) > 0) ? [] : [{ kind: 'moved' as const, record, moved }]
  })
}

const MS_PER_HOUR = 3_600_000
/** How far a record is from the future, hours. Times of one zone, as most are, sort as text and need not be read. */
function hoursAhead({ record, receivedAt }: Stored): number {
  if (receivedAt === null) return 0
  const isOneZone = record.at.endsWith('Z') && receivedAt.endsWith('Z')
  if (isOneZone && record.at <= receivedAt) return 0
  return (Date.parse(record.at) - Date.parse(receivedAt)) / MS_PER_HOUR
}

/** Whether a record came from the future: one may wait days for a signal, only one that is ahead proves a wrong clock. */
export const isAhead = (stored: Stored): boolean => hoursAhead(stored) > CLOCK_HOURS

const clockTroubles = (stored: readonly Stored[]): FieldTrouble[] =>
  stored.filter(isAhead).map((own) => ({ kind: 'clock' as const, record: own.record, hours: hoursAhead(own) }))

/** How far each piece has come. One that is planned again is not cut any more; one that is set keeps what it was cut to. */
function piecesSaid(all: readonly Said<'pieces'>[]): Readonly<Record<string, PieceSaid>> {
  const pieces: Record<string, PieceSaid> = {}
  for (const { body, at, who } of all)
    for (const [id, said] of Object.entries(body.pieces)) {
      const kept = body.state === 'planned' ? null : (pieces[id]?.cut ?? null)
      pieces[id] = { state: body.state, cut: said && body.state !== 'planned' ? { ...said, at, who } : kept }
    }
  return pieces
}

/** Pours by post, those that count, and posts where two devices poured. */
function poursOf(all: readonly Said<'pour'>[]) {
  const counted: Record<string, readonly Said<'pour'>[]> = {}
  const contests: Contest<Said<'pour'>>[] = []
  const byPost = new Map<string, Said<'pour'>[]>()
  for (const pour of all) addUnder(byPost, pour.body.post, pour)
  for (const [post, pours] of byPost) {
    const own = countedPours(pours)
    counted[post] = own.counted
    if (own.contest) contests.push(own.contest)
  }
  return { counted, contests }
}

/** Puts records together. Pure: the same records in any order, or any of them twice, give the same state. */
export function foldRecords(stored: readonly Stored[]): FieldState {
  const byId = new Map<string, Stored>()
  for (const own of stored) {
    const has = byId.get(own.record.id)
    if (!has || (has.receivedAt === null && own.receivedAt !== null)) byId.set(own.record.id, own)
  }
  const known = [...byId.values()]
  const all = known.map(({ record }) => record).sort(byClock)
  const voided = takenBack(all)
  const moved = new Set(known.flatMap((own) => (own.moved ? [own.record.id] : [])))
  const standing = all.filter((record) => !voided.has(record.id) && !moved.has(record.id))
  const byKind = new Map<RecordBody['kind'], FieldRecord[]>()
  for (const record of standing) addUnder(byKind, record.body.kind, record)
  // A record is what was said, in its envelope: a long log is not copied with every entry.
  const said = <K extends RecordBody['kind']>(kind: K) =>
    (byKind.get(kind) ?? []) as (FieldRecord & { readonly body: RecordOf<K> })[]
  const setups = said('setup')
  const readings = said('reading')
  const ofPost = ({ body }: { readonly body: { readonly post: string } }): string => body.post
  const holes = judgeEach(said('hole'), ofPost, sameDepth)
  const cuts = judgeEach(said('cut'), ofPost, sameCut)
  const states = judgeEach(said('state'), ofPost, goesOn)
  const pours = poursOf(said('pour'))
  return {
    setups,
    checks: said('check'),
    readings,
    kept: new Set(said('keep').map(({ body }) => body.reading)),
    holes: holes.standing,
    pours: pours.counted,
    states: Object.fromEntries(Object.entries(states.standing).map(([post, { body }]) => [post, body.state])),
    cuts: Object.fromEntries(Object.entries(cuts.standing).filter(([, said]) => said.body.lengthIn !== null)),
    pieces: piecesSaid(said('pieces')),
    gaps: said('gap'),
    squares: newest(said('square'), ({ body }) => body.side),
    stands: newest(said('stand'), ofPost),
    spans: said('span'),
    delivered: said('delivered'),
    notes: said('note'),
    here: said('here'),
    short: said('short'),
    temps: said('temps'),
    lines: said('lines').at(-1) ?? null,
    overrides: newest(said('override'), ({ body }) => overrideKey(body.post, body.state)),
    signs: said('sign'),
    gradeLockedIn: said('grade').at(-1)?.body.gradeReadingIn ?? null,
    printed: said('print').at(-1) ?? null,
    voided,
    moved,
    all,
    troubles: [
      ...readingTroubles(setups, readings),
      ...holes.contests.map((contest) => ({ kind: 'two-depths' as const, ...contest })),
      ...cuts.contests.map((contest) => ({ kind: 'two-cuts' as const, ...contest })),
      ...pours.contests.map((contest) => ({ kind: 'two-pours' as const, ...contest })),
      ...states.contests.map((contest) => ({ kind: 'state-back' as const, ...contest })),
      ...movedTroubles(
        known.filter(({ record }) => !voided.has(record.id)),
        standing,
      ),
      ...clockTroubles(known),
    ],
  }
}

/** The records that count for papers made elsewhere: all but those whose posts have moved since. */
export const countedRecords = ({ all, moved }: Pick<FieldState, 'all' | 'moved'>): readonly FieldRecord[] =>
  moved.size > 0 ? all.filter(({ id }) => !moved.has(id)) : all

/** Whether a post's state is this far or farther. */
export const reached = (state: PostState | undefined, at: PostState): boolean =>
  POST_STATES.indexOf(state ?? 'planned') >= POST_STATES.indexOf(at)

/**
 * The state of records that come by themselves, without the time the server took them in: with a request, from a file.
 */
export const foldBare = (records: readonly FieldRecord[]): FieldState =>
  foldRecords(records.map((record) => ({ record, receivedAt: null })))
