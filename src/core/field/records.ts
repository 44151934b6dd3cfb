import { z } from 'zod'
import { isRecord, type Issue, issuesOf, ok, type Result } from '../result'
import { CLOCK_PATTERN, clockAt } from './clock'

/** States of a post on site, in the order they come. */
export const POST_STATES = ['planned', 'hole dug', 'footing ready', 'cut', 'set', 'braced', 'inspected'] as const
export type PostState = (typeof POST_STATES)[number]
/** States of any other piece of the building, in the order they come. */
export const PIECE_STATES = ['planned', 'cut', 'set', 'fixed', 'checked'] as const
export type PieceState = (typeof PIECE_STATES)[number]
export const FOUND = ['nothing', 'rock', 'root', 'water', 'soft', 'frost', 'clay'] as const
export type Found = (typeof FOUND)[number]
/** Longest rod that is read, inches. */
export const ROD_MOST_IN = 300

const key = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/)
/** A post’s identity. Phones and printed codes from before posts had one send its name, which the server reads. */
const post = key
/** A stick, as the plan names it. */
const stick = z.string().regex(/^[A-Za-z0-9_./-]{1,100}$/)
const reading = z.number().min(0).max(ROD_MOST_IN)
const length = (max: number) => z.number().min(0).max(max)

const kinds = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('setup'), setup: key, place: z.string().max(80), benchmarkIn: reading.nullable() }),
  z.strictObject({ kind: z.literal('check'), setup: key, benchmarkIn: reading }),
  z.strictObject({
    kind: z.literal('reading'),
    setup: key,
    target: post.describe('A post, or a spot of the ground: spot-3'),
    of: z.enum(['foot', 'footing', 'ground']),
    inches: reading,
  }),
  z.strictObject({ kind: z.literal('grade'), gradeReadingIn: z.number().min(-300).max(ROD_MOST_IN).nullable() }),
  z.strictObject({
    kind: z.literal('hole'),
    post,
    depthIn: length(240).nullable(),
    setup: key.nullable(),
    bottomReadingIn: reading.nullable(),
    found: z.enum(FOUND),
    note: z.string().max(300),
  }),
  z.strictObject({
    kind: z.literal('pour'),
    post,
    bags: z.number().min(0).max(200),
    bagLb: z.literal([40, 50, 60, 80]),
    poured: z.string().max(40),
  }),
  z.strictObject({ kind: z.literal('state'), post, state: z.enum(POST_STATES) }),
  z.strictObject({ kind: z.literal('cut'), post, lengthIn: length(480).nullable() }),
  z.strictObject({
    kind: z.literal('pieces'),
    state: z.enum(PIECE_STATES),
    pieces: z
      .record(
        stick,
        z
          .strictObject({
            name: z.string().max(60),
            board: z.string().max(80).describe('What it was cut from'),
            lengthIn: z.number().min(0).max(1200),
          })
          .nullable(),
      )
      .describe('Sticks that came to this state; what each was cut to, null where that is not said'),
  }),
  z.strictObject({ kind: z.literal('gap'), from: post, to: post, gapIn: length(480) }),
  z.strictObject({ kind: z.literal('print'), cards: z.record(post, z.string().max(2000)) }),
  z.strictObject({ kind: z.literal('void'), record: key }),
])

/**
 * One thing that happened on site. Records are only ever added; an undo is a record of its own. The id is made on the
 * device, so that one sent twice counts once.
 */
const recordSchema = z.strictObject({
  id: key,
  /** What the device's own clock said; the order of records never hangs on it. */
  at: z.iso.datetime({ offset: true }),
  device: z.string().min(1).max(40),
  /** The device's own count of what it made for this job, from 1; null for records of before it was kept. */
  deviceSeq: z.int().min(1).nullable(),
  who: z.string().max(60),
  clock: z.string().regex(CLOCK_PATTERN),
  /** The plan's revision that the page showed when the record was made; null where that is not known. */
  planRevision: z.int().min(1).nullable(),
  body: kinds,
})
export type FieldRecord = z.infer<typeof recordSchema>
export type RecordBody = FieldRecord['body']
export type RecordOf<K extends RecordBody['kind']> = Extract<RecordBody, { kind: K }>
type Envelope = 'deviceSeq' | 'clock' | 'planRevision'

/** A record as phones made it before it had its whole envelope: its clock is the time it says, the rest is not known. */
export const withEnvelope = (record: Omit<FieldRecord, Envelope>): FieldRecord => ({
  ...record,
  deviceSeq: null,
  clock: clockAt(Date.parse(record.at)),
  planRevision: null,
})

/** Whether a record is of before the envelope, as far as that can be told. */
const isBare = (value: unknown): value is Omit<FieldRecord, Envelope> =>
  isRecord(value) &&
  !('clock' in value) &&
  !('deviceSeq' in value) &&
  typeof value.at === 'string' &&
  Number.isFinite(Date.parse(value.at))

const anyRecord = z.preprocess((value) => (isBare(value) ? withEnvelope(value) : value), recordSchema)

/** A record of this device's own store, made by whatever version of its page. */
export const upToDate = (record: FieldRecord): FieldRecord => (isBare(record) ? withEnvelope(record) : record)

/** A record that was not taken, and why; its id is empty where it has none that reads. */
export interface RefusedRecord {
  readonly id: string
  readonly issues: readonly Issue[]
}

const idOf = (value: unknown): string => {
  const id = isRecord(value) ? key.safeParse(value.id) : null
  return id?.success ? id.data : ''
}

/** Records from a device, each by itself: one that does not read is turned away with its reason, the others stand. */
export function readRecords(values: readonly unknown[]): {
  readonly read: readonly FieldRecord[]
  readonly refused: readonly RefusedRecord[]
} {
  const read: FieldRecord[] = []
  const refused: RefusedRecord[] = []
  values.forEach((value, i) => {
    const parsed = anyRecord.safeParse(value, { reportInput: true })
    if (parsed.success) read.push(parsed.data)
    else
      refused.push({
        id: idOf(value),
        issues: issuesOf(parsed.error).map((each) => ({ ...each, path: ['records', i, ...each.path] })),
      })
  })
  return { read, refused }
}

/** Checks records that come together from a file or with a request: all or none. Issues name the record and the field. */
export function parseRecords(value: unknown): Result<readonly FieldRecord[]> {
  const parsed = z.array(anyRecord).safeParse(value, { reportInput: true })
  return parsed.success ? ok(parsed.data) : { ok: false, issues: issuesOf(parsed.error) }
}

/** The set-up that a record belongs to; null where its kind has none. */
export function setUpOf(body: RecordBody): string | null {
  switch (body.kind) {
    case 'setup':
    case 'check':
    case 'reading':
    case 'hole':
      return body.setup
    default:
      return null
  }
}

/** An entry that stands, with who made it on which device and when. */
export interface Said<K extends RecordBody['kind']> {
  readonly id: string
  readonly at: string
  readonly clock: string
  readonly device: string
  readonly who: string
  readonly body: RecordOf<K>
}
