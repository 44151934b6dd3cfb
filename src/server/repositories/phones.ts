import type { Knex } from 'knex'
import type { PhoneOnSite, PhoneSays } from '@/core/people'

/** Notes what a phone has just said of itself. */
export async function notePhone(
  db: Knex,
  jobId: string,
  { device, who, waiting, shows, clock }: PhoneSays,
  { now, person }: { readonly now: Date; readonly person: string | null },
): Promise<void> {
  const said = { who, waiting, shows, person_id: person, seen_at: now, ahead_ms: Math.round(clock - now.getTime()) }
  await db('phones')
    .insert({ job_id: jobId, device, ...said })
    .onConflict(['job_id', 'device'])
    .merge(said)
}

/** The phones of a job, those heard of last first. */
export async function phonesOf(db: Knex, jobId: string): Promise<readonly PhoneOnSite[]> {
  const rows = await db('phones').where({ job_id: jobId }).orderBy('seen_at', 'desc').limit(100)
  return rows.map(({ device, who, seen_at, waiting, shows, ahead_ms }) => ({
    device,
    who,
    seenAt: seen_at.toISOString(),
    waiting,
    shows,
    aheadMs: Number(ahead_ms),
  }))
}
