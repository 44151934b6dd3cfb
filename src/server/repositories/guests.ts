import type { Knex } from 'knex'
import type { GuestCard } from '@/core/people'
import { hashOf, newRowId, newToken } from '../auth/tokens'

/** Makes a guest's card; gives the token that opens it, this once. */
export async function addGuestCard(
  db: Knex,
  { job, post, until, now }: { readonly job: string; readonly post: string; readonly until: Date; readonly now: Date },
): Promise<string> {
  const token = newToken()
  const row = { id: newRowId(), token_hash: hashOf(token), job_id: job, post_id: post, made_at: now, until }
  await db('guest_cards').insert(row)
  return token
}

/** The cards of a job that stand, those that end first before the others. */
export async function guestCardsOf(db: Knex, job: string, now: Date): Promise<readonly GuestCard[]> {
  const rows = await db('guest_cards').where({ job_id: job }).where('until', '>', now).orderBy('until')
  return rows.map(({ id, post_id, until, made_at }) => ({
    id,
    post: post_id,
    until: until.toISOString(),
    madeAt: made_at.toISOString(),
  }))
}

/** What a token opens; null where it is none, was taken back, or its time is over. */
export async function guestCardOf(
  db: Knex,
  token: string,
  now: Date,
): Promise<{ readonly job: string; readonly post: string; readonly until: Date } | null> {
  const row = await db('guest_cards')
    .where({ token_hash: hashOf(token) })
    .where('until', '>', now)
    .first()
  return row ? { job: row.job_id, post: row.post_id, until: row.until } : null
}

/** Takes a card back; whether it was there. */
export const dropGuestCard = async (db: Knex, job: string, id: string): Promise<boolean> =>
  (await db('guest_cards').where({ id, job_id: job }).delete()) > 0
