import { z } from 'zod'
import { type Issue, issuesOf, isRecord, ok, type Result } from '../result'
import { isBare, withEnvelope } from './envelope'
import { type FieldRecord, recordSchema } from './recordShape'
import { key } from './shapes'

const anyRecord = z.preprocess((value) => (isBare(value) ? withEnvelope(value) : value), recordSchema)

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
