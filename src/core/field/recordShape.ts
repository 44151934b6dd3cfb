import { z } from 'zod'
import { CLOCK_PATTERN } from './clock'
import { FOUND, PIECE_STATES, POST_STATES, ROD_MOST_IN, WHO_MOST_LETTERS } from './kinds'
import { HELD_KINDS, MEASURED_KINDS, reason } from './moreKinds'
import { key, length, post } from './shapes'

/** A stick, as the plan names it. */
const stick = z.string().regex(/^[A-Za-z0-9_./-]{1,100}$/)
const reading = z.number().min(0).max(ROD_MOST_IN)

const kinds = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('setup'), setup: key, place: z.string().max(80), benchmarkIn: reading.nullable() }),
  z.strictObject({ kind: z.literal('check'), setup: key, benchmarkIn: reading }),
  z.strictObject({
    kind: z.literal('reading'),
    setup: key,
    target: post.describe('A post, or a spot of the ground: spot-3'),
    of: z.enum(['foot', 'footing', 'ground']),
    inches: reading,
    second: z.literal(true).optional().describe('Taken blind, to see whether the first one holds'),
  }),
  z.strictObject({
    kind: z.literal('keep'),
    reading: key.describe('A reading that does not agree with the others, kept by a lead'),
    reason,
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
  ...MEASURED_KINDS,
  ...HELD_KINDS,
  z.strictObject({ kind: z.literal('print'), cards: z.record(post, z.string().max(2000)) }),
  z.strictObject({ kind: z.literal('void'), record: key }),
])

/**
 * One thing that happened on site. Records are only ever added; an undo is a record of its own. The id is made on the
 * device, so that one sent twice counts once.
 */
export const recordSchema = z.strictObject({
  id: key,
  /** What the device's own clock said; the order of records never hangs on it. */
  at: z.iso.datetime({ offset: true }),
  device: z.string().min(1).max(40),
  /** The device's own count of what it made for this job, from 1; null for records of before it was kept. */
  deviceSeq: z.int().min(1).nullable(),
  who: z.string().max(WHO_MOST_LETTERS),
  clock: z.string().regex(CLOCK_PATTERN),
  /** The plan's revision that the page showed when the record was made; null where that is not known. */
  planRevision: z.int().min(1).nullable(),
  body: kinds,
})
export type FieldRecord = z.infer<typeof recordSchema>
export type RecordBody = FieldRecord['body']
export type RecordOf<K extends RecordBody['kind']> = Extract<RecordBody, { kind: K }>
