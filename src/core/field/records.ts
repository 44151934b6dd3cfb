import { z } from 'zod'
import { issuesOf } from '../result'
import { ok, type Result } from '../result'

/** States of a post on site, in the order they come. */
export const POST_STATES = ['planned', 'hole dug', 'footing ready', 'cut', 'set', 'braced', 'inspected'] as const
export type PostState = (typeof POST_STATES)[number]
export const FOUND = ['nothing', 'rock', 'root', 'water', 'soft', 'frost', 'clay'] as const
export type Found = (typeof FOUND)[number]
/** Longest rod that is read, inches. */
export const ROD_MOST_IN = 300

const key = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/)
/** A post’s identity. Phones and printed codes from before posts had one send its name, which the server reads. */
const post = key
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
  at: z.iso.datetime({ offset: true }),
  device: z.string().min(1).max(40),
  who: z.string().max(60),
  body: kinds,
})
export type FieldRecord = z.infer<typeof recordSchema>
export type RecordBody = FieldRecord['body']
export type RecordOf<K extends RecordBody['kind']> = Extract<RecordBody, { kind: K }>

/** Checks records that come from a device or a file. Issues name the record and the field. */
export function parseRecords(value: unknown): Result<readonly FieldRecord[]> {
  const parsed = z.array(recordSchema).max(2000).safeParse(value, { reportInput: true })
  return parsed.success ? ok(parsed.data) : { ok: false, issues: issuesOf(parsed.error) }
}
