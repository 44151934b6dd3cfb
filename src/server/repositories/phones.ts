import type { Knex } from 'knex'
import type { PhoneOnSite, PhoneSays } from '@/core/people'
import type { PhoneRow } from '../db/tables'

/** Notes what a phone has just said of itself; `known` is its browser, where somebody has signed in there. */
export async function notePhone(
  db: Knex,
  jobId: string,
  { device, who, waiting, shows, clock }: PhoneSays,
  { now, person, known }: { readonly now: Date; readonly person: string | null; readonly known: string | null },
): Promise<void> {
  const aheadMs = Math.round(clock - now.getTime())
  const said = { who, waiting, shows, person_id: person, device_id: known, seen_at: now, ahead_ms: aheadMs }
  await db('phones')
    .insert({ job_id: jobId, device, ...said })
    .onConflict(['job_id', 'device'])
    .merge(said)
}

/** The phones of a job, those heard of last first. */
export async function phonesOf(db: Knex, jobId: string): Promise<readonly PhoneOnSite[]> {
  const rows = await db('phones')
    .leftJoin('devices', 'devices.id', 'phones.device_id')
    .where('phones.job_id', jobId)
    .orderBy('phones.seen_at', 'desc')
    .limit(100)
    .select<(PhoneRow & { label: string | null })[]>('phones.*', 'devices.label')
  return rows.map(({ device, label, who, seen_at, waiting, shows, ahead_ms }) => ({
    device,
    called: label || null,
    who,
    seenAt: seen_at.toISOString(),
    waiting,
    shows,
    aheadMs: Number(ahead_ms),
  }))
}
