import type { Knex } from 'knex'
import type { Role } from '@/core/people'
import { hashOf, newRowId, newToken } from '../auth/tokens'

/** Somebody who is signed in on a device. */
export interface SignedIn {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly session: string
  readonly device: string
}

const MIN_MS = 60_000
const DAY_MS = 24 * 60 * MIN_MS
/** A device that has not been seen so long signs in again. */
const SESSION_MS = 30 * DAY_MS
/** How old a token grows before a page that is opened is given a new one, and how long the old one goes on. */
const TURN_MS = 12 * 60 * MIN_MS
const GRACE_MS = 2 * MIN_MS
/** A visit is noted this often. */
const NOTED_MS = MIN_MS

const after = (now: Date, ms: number): Date => new Date(now.getTime() + ms)

/** Whether this office has an owner: from then on everybody signs in. */
export const hasOwner = async (db: Knex): Promise<boolean> =>
  (await db('people').where({ role: 'owner' }).whereNotNull('secret_hash').first('id')) !== undefined

interface SessionFound extends SignedIn {
  readonly token_hash: string
  readonly turned_at: Date
  readonly seen_at: Date
}

/** Whether a token is the newest of a session, or the one before it. */
const tokenIs = (hash: string) => (either: Knex.QueryBuilder) =>
  void either.where('sessions.token_hash', hash).orWhere('sessions.before_hash', hash)

/** The session of a token, if it still runs; `turn` says that the token is due to be replaced. */
export async function sessionOf(
  db: Knex,
  token: string,
  now: Date,
): Promise<(SignedIn & { readonly turn: boolean }) | null> {
  const token_hash = hashOf(token)
  const row: SessionFound | undefined = await db('sessions')
    .join('people', 'people.id', 'sessions.person_id')
    .join('devices', 'devices.id', 'sessions.device_id')
    .where(tokenIs(token_hash))
    .whereNull('people.withdrawn_at')
    .whereNull('devices.revoked_at')
    .where('sessions.ends_at', '>', now)
    .first(
      'people.id',
      'people.name',
      'people.role',
      'sessions.id as session',
      'sessions.token_hash',
      'sessions.turned_at',
      'sessions.seen_at',
      'devices.id as device',
    )
  if (!row) return null
  const { id, name, role, session, device } = row
  const old = row.token_hash !== token_hash
  if (old && now.getTime() - row.turned_at.getTime() > GRACE_MS) return null
  if (now.getTime() - row.seen_at.getTime() > NOTED_MS) {
    await db('sessions')
      .where({ id: session })
      .update({ seen_at: now, ends_at: after(now, SESSION_MS) })
    await db('devices').where({ id: device }).update({ seen_at: now })
  }
  return { id, name, role, session, device, turn: !old && now.getTime() - row.turned_at.getTime() > TURN_MS }
}

/** Gives a session a new token; the old one goes on for a moment. */
export async function turnToken(db: Knex, session: string, now: Date): Promise<string> {
  const token = newToken()
  await db('sessions')
    .where({ id: session })
    .update({ before_hash: db.ref('token_hash'), token_hash: hashOf(token), turned_at: now })
  return token
}

/** A device by the token that its browser keeps; null where it is not known, or not any more. */
export async function deviceOf(db: Knex, token: string | null): Promise<string | null> {
  if (token === null) return null
  const row = await db('devices')
    .where({ token_hash: hashOf(token) })
    .whereNull('revoked_at')
    .first('id')
  return row?.id ?? null
}

/** Makes a device known. */
export async function addDevice(db: Knex, label: string, now: Date): Promise<{ id: string; token: string }> {
  const [id, token] = [newRowId(), newToken()]
  await db('devices').insert({ id, token_hash: hashOf(token), label, made_at: now, seen_at: now, revoked_at: null })
  return { id, token }
}

/** Signs somebody in on a device; gives the token for its browser. */
export async function addSession(db: Knex, person: string, device: string, now: Date): Promise<string> {
  const token = newToken()
  await db('sessions').insert({
    id: newRowId(),
    person_id: person,
    device_id: device,
    token_hash: hashOf(token),
    before_hash: null,
    made_at: now,
    turned_at: now,
    seen_at: now,
    ends_at: after(now, SESSION_MS),
  })
  return token
}

export const endSession = async (db: Knex, id: string): Promise<void> => {
  await db('sessions').where({ id }).delete()
}

/** The invitations that can still be taken. */
export const openInvitations = (db: Knex) => db('invitations').whereNull('used_at').andWhere('ends_at', '>', new Date())

/** Notes something that happened, for the audit. */
export const note = async (
  db: Knex,
  what: string,
  of: { readonly person?: string | null; readonly device?: string | null; readonly facts?: object },
  now: Date,
): Promise<void> => {
  await db('happenings').insert({
    at: now,
    what,
    person_id: of.person ?? null,
    device_id: of.device ?? null,
    facts: JSON.stringify(of.facts ?? {}),
  })
}
