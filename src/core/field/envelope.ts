import { isRecord } from '../result'
import { clockAt } from './clock'
import type { FieldRecord, RecordBody, RecordOf } from './recordShape'

type Envelope = 'deviceSeq' | 'clock' | 'planRevision'

/** A record as phones made it before it had its whole envelope: its clock is the time it says, the rest is not known. */
export const withEnvelope = (record: Omit<FieldRecord, Envelope>): FieldRecord => ({
  ...record,
  deviceSeq: null,
  clock: clockAt(Date.parse(record.at)),
  planRevision: null,
})

/** Whether a record is of before the envelope, as far as that can be told. */
export const isBare = (value: unknown): value is Omit<FieldRecord, Envelope> =>
  isRecord(value) &&
  !('clock' in value) &&
  !('deviceSeq' in value) &&
  typeof value.at === 'string' &&
  Number.isFinite(Date.parse(value.at))

/** A record of this device's own store, made by whatever version of its page. */
export const upToDate = (record: FieldRecord): FieldRecord => (isBare(record) ? withEnvelope(record) : record)

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
