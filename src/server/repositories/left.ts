import type { Knex } from 'knex'
import type { LeftEntries } from '@/core/people'
import { hashOf, newRowId } from '../auth/tokens'
import { pack, unpack } from '../db/packed'

/** A device that was ever known here, also one that was revoked since; null for any other. */
export async function onceKnown(db: Knex, token: string): Promise<string | null> {
  const row = await db('devices')
    .where({ token_hash: hashOf(token) })
    .first('id')
  return row?.id ?? null
}

/** How many lots of entries of a device wait for the office. */
export async function lotsOf(db: Knex, device: string): Promise<number> {
  const [row] = await db('left_entries').where({ device_id: device }).count({ lots: '*' })
  return Number(row?.lots ?? 0)
}

export async function addLeft(
  db: Knex,
  left: {
    readonly job: string
    readonly device: string
    readonly who: string
    readonly records: readonly unknown[]
    readonly now: Date
  },
): Promise<void> {
  const { job, device, who, records, now } = left
  await db('left_entries').insert({
    id: newRowId(),
    job_id: job,
    device_id: device,
    who,
    at: now,
    count: records.length,
    records: pack(records),
  })
}

interface LeftFound {
  readonly id: string
  readonly who: string
  readonly label: string | null
  readonly at: Date
  readonly count: number
}

/** What waits for the office at one job, the oldest first. */
export async function leftAt(db: Knex, job: string): Promise<readonly LeftEntries[]> {
  const rows: readonly LeftFound[] = await db('left_entries')
    .leftJoin('devices', 'devices.id', 'left_entries.device_id')
    .where({ job_id: job })
    .orderBy('left_entries.at')
    .select('left_entries.id', 'left_entries.who', 'left_entries.at', 'left_entries.count', 'devices.label')
  return rows.map(({ id, who, label, at, count }) => ({ id, who, phone: label ?? '', at: at.toISOString(), count }))
}

/** The records of one lot; null where it is not there any more. */
export async function lotOf(db: Knex, job: string, id: string): Promise<readonly unknown[] | null> {
  const row = await db('left_entries').where({ id, job_id: job }).first('records')
  return row ? (unpack(row.records) as readonly unknown[]) : null
}

/** Takes one lot out of what waits; whether it was there still. */
export const dropLot = async (db: Knex, id: string): Promise<boolean> =>
  (await db('left_entries').where({ id }).delete()) > 0
