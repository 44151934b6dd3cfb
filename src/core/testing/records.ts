import { foldRecords, tieLevels, withEnvelope, type FieldRecord, type RecordBody } from '../field'

/** A record made `minute` minutes into a working day. */
export const record = (
  minute: number,
  body: RecordBody,
  device = 'phone-1',
  id = `r${minute}-${device}`,
): FieldRecord =>
  withEnvelope({
    id,
    at: `2026-05-04T${String(8 + Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}:00Z`,
    device,
    who: 'crew',
    body,
  })
/** A set-up with its readings, one a minute. */
export const setUp = (
  setup: string,
  minute: number,
  benchmarkIn: number | null,
  readings: Readonly<Record<string, number>>,
  checkIn?: number,
  of: 'foot' | 'footing' | 'ground' = 'foot',
): FieldRecord[] => [
  record(minute, { kind: 'setup', setup, place: 'corner', benchmarkIn }),
  ...Object.entries(readings).map(([target, inches], i) =>
    record(minute + i + 1, { kind: 'reading', setup, target, of, inches }),
  ),
  ...(checkIn === undefined ? [] : [record(minute + 90, { kind: 'check', setup, benchmarkIn: checkIn })]),
]
/** The same with every reading taken a second time, an hour later: read twice alike, none is doubted. */
export const twice = (records: readonly FieldRecord[]): FieldRecord[] => [
  ...records,
  ...records.flatMap(({ id, at, body, ...envelope }): FieldRecord[] => {
    if (body.kind !== 'reading') return []
    const later = new Date(Date.parse(at) + 3_600_000).toISOString()
    return [withEnvelope({ ...envelope, id: `${id}-2`, at: later, body: { ...body, second: true } })]
  }),
]
/** What records say together, and their levels. */
export const said = (records: readonly FieldRecord[]) => {
  const state = foldRecords(records.map((record) => ({ record, receivedAt: record.at })))
  return { state, levels: tieLevels(state) }
}
