import 'server-only'
import type { Knex } from 'knex'
import type { Role } from '@/core/people'
import { fail, ok, type Result } from '@/core/result'
import { hashOf, newCode, newRowId } from '../auth/tokens'
import { db, write } from '../db/client'
import { NAMELESS, takeNameOut } from '../repositories/names'
import { note, openInvitations, type SignedIn } from '../repositories/people'

const DAY_MS = 86_400_000
/** How long an invitation may wait to be taken. */
const INVITATION_MS = 7 * DAY_MS

interface OnDevice {
  readonly session: string
  readonly device: string
  readonly label: string
  readonly seenAt: string
}
/** Somebody of the office, and where they are signed in. */
export interface Person {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly withdrawn: boolean
  readonly on: readonly OnDevice[]
}

interface SessionSeen {
  readonly id: string
  readonly person_id: string
  readonly device_id: string
  readonly seen_at: Date
  readonly label: string
}

/** Everybody of the office but those whose names were erased, in the order in which they came. */
export async function allPeople(): Promise<readonly Person[]> {
  const people = await db()('people').whereNull('erased_at').orderBy('made_at')
  const sessions: readonly SessionSeen[] = await db()('sessions')
    .join('devices', 'devices.id', 'sessions.device_id')
    .whereNull('devices.revoked_at')
    .where('sessions.ends_at', '>', new Date())
    .orderBy('sessions.seen_at', 'desc')
    .select('sessions.id', 'sessions.person_id', 'sessions.device_id', 'sessions.seen_at', 'devices.label')
  return people.map(({ id, name, role, withdrawn_at }) => ({
    id,
    name,
    role,
    withdrawn: withdrawn_at !== null,
    on: sessions
      .filter((session) => session.person_id === id)
      .map((session) => ({
        session: session.id,
        device: session.device_id,
        label: session.label,
        seenAt: session.seen_at.toISOString(),
      })),
  }))
}

/** Who is invited: somebody new, or somebody who is there and takes a new secret or another phone. */
type Invited = { readonly name: string; readonly role: Role } | { readonly person: string }

/** The row of an invitation that says whom it is for. */
async function invitedAs(wanted: Invited): Promise<Result<{ name: string; role: Role; person_id: string | null }>> {
  if ('person' in wanted) {
    const person = await db()('people').where({ id: wanted.person }).whereNull('erased_at').first()
    return person ? ok({ name: person.name, role: person.role, person_id: person.id }) : fail('nobody-has', ['person'])
  }
  const { name, role } = wanted
  const taken = await db()('people').where({ name }).first('id')
  return taken ? fail('name-taken', ['name'], { name }) : ok({ name, role, person_id: null })
}

/** An invitation that nobody has taken yet. */
export interface OpenInvitation {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly endsAt: string
}

/** The invitations that can still be taken, in the order in which they were made. */
export async function invitationsWaiting(): Promise<readonly OpenInvitation[]> {
  const rows = await openInvitations(db()).orderBy('made_at').select('id', 'name', 'role', 'ends_at')
  return rows.map(({ id, name, role, ends_at }) => ({ id, name, role, endsAt: ends_at.toISOString() }))
}

/** Takes an invitation back: its code opens nothing any more. */
export const takeInvitationBack = (by: SignedIn | null, id: string): Promise<Result<null>> =>
  write(async (trx): Promise<Result<null>> => {
    const open = await openInvitations(trx).where({ id }).first('name')
    if (!open) return fail('invitation-over')
    await trx('invitations').where({ id }).delete()
    await note(trx, 'invitation taken back', { person: by?.id, facts: { name: open.name } }, new Date())
    return ok(null)
  })

/** Makes an invitation; gives its code, this once. An earlier one of the same name that nobody has taken is over. */
export async function invite(
  by: SignedIn | null,
  wanted: Invited,
): Promise<Result<{ readonly code: string; readonly name: string; readonly endsAt: string }>> {
  const invited = await invitedAs(wanted)
  if (!invited.ok) return invited
  const { name, role } = invited.value
  const code = newCode()
  const now = new Date()
  const ends_at = new Date(now.getTime() + INVITATION_MS)
  const row = { id: newRowId(), code_hash: hashOf(code), made_by: by?.id ?? null, made_at: now, ends_at, used_at: null }
  await write(async (trx) => {
    await openInvitations(trx).where({ name }).delete()
    await trx('invitations').insert({ ...row, ...invited.value })
    await note(trx, 'invited', { person: by?.id, facts: { name, role } }, now)
  })
  return ok({ code, name, endsAt: ends_at.toISOString() })
}

/** Owners who can still sign in. */
const ownersLeft = async (trx: Knex, without: string): Promise<number> => {
  const [{ n }]: { n?: number | string }[] = await trx('people')
    .where({ role: 'owner' })
    .whereNotNull('secret_hash')
    .whereNull('withdrawn_at')
    .whereNot({ id: without })
    .count({ n: '*' })
  return Number(n)
}

/** Ends the access of a person: every session is over at once. A new invitation opens it again, an earlier one does not. */
export const withdraw = (by: SignedIn | null, id: string): Promise<Result<null>> =>
  write(async (trx): Promise<Result<null>> => {
    const person = await trx('people').where({ id }).whereNull('erased_at').first()
    if (!person) return fail('nobody-has', ['person'])
    if (person.role === 'owner' && (await ownersLeft(trx, id)) === 0) return fail('last-owner')
    const now = new Date()
    await trx('people').where({ id }).update({ withdrawn_at: now })
    await trx('sessions').where({ person_id: id }).delete()
    await openInvitations(trx).where({ person_id: id }).delete()
    await note(trx, 'access withdrawn', { person: by?.id, facts: { of: id, name: person.name } }, now)
    return ok(null)
  })

/** A device that is not known any more: lost, sold, or somebody else's now. */
export const revokeDevice = (by: SignedIn | null, id: string): Promise<Result<null>> =>
  write(async (trx): Promise<Result<null>> => {
    const now = new Date()
    const changed = await trx('devices').where({ id }).whereNull('revoked_at').update({ revoked_at: now })
    if (changed === 0) return fail('nobody-has', ['device'])
    await trx('sessions').where({ device_id: id }).delete()
    await note(trx, 'device revoked', { person: by?.id, device: id }, now)
    return ok(null)
  })

/** All that is held of a person: to be handed to them. */
export async function dataOf(id: string): Promise<Result<object>> {
  const person = await db()('people').where({ id }).first('id', 'name', 'role', 'made_at', 'withdrawn_at')
  if (!person) return fail('nobody-has', ['person'])
  const [sessions, edits, records, happenings] = await Promise.all([
    db()('sessions').where({ person_id: id }).select('device_id', 'made_at', 'seen_at', 'ends_at'),
    db()('edits').where({ person_id: id }).select('job_id', 'revision', 'at', 'label').orderBy('at'),
    db()('records').where({ person_id: id }).select('job_id', 'id', 'made_at', 'device', 'body').orderBy('made_at'),
    db()('happenings').where({ person_id: id }).select('at', 'what', 'device_id').orderBy('id'),
  ])
  return ok({ person, sessions, edits, records, happenings })
}

/** Takes a person's name out of everything that stays: what they did is kept, and nameless. */
export const erase = (by: SignedIn | null, id: string): Promise<Result<null>> =>
  write(async (trx): Promise<Result<null>> => {
    const person = await trx('people').where({ id }).whereNull('erased_at').first()
    if (!person) return fail('nobody-has', ['person'])
    if (person.role === 'owner' && (await ownersLeft(trx, id)) === 0) return fail('last-owner')
    const now = new Date()
    await trx('people')
      .where({ id })
      .update({ name: `${NAMELESS} ${id}`, secret_hash: null, withdrawn_at: now, erased_at: now })
    // What a phone was called may be a name too.
    const seenOn = trx('happenings').where({ person_id: id }).whereNotNull('device_id').select('device_id')
    await trx('devices').whereIn('id', seenOn).update({ label: '' })
    await trx('sessions').where({ person_id: id }).delete()
    await trx('invitations').where({ person_id: id }).orWhere({ name: person.name }).delete()
    await takeNameOut(trx, id, person.name)
    await trx('happenings').where({ person_id: id }).update({ facts: '{}' })
    await trx('happenings').whereRaw("JSON_VALUE(facts, '$.name') = ?", [person.name]).update({ facts: '{}' })
    await note(trx, 'name erased', { person: by?.id, facts: { of: id } }, now)
    return ok(null)
  })

/** One thing that happened, as the audit shows it. */
export interface Happening {
  readonly id: number
  readonly at: string
  readonly what: string
  readonly who: string | null
  readonly device: string | null
  readonly facts: object
}

interface HappeningFound {
  readonly id: number
  readonly at: Date
  readonly what: string
  readonly facts: string | object
  readonly name: string | null
  readonly label: string | null
}

/** Newest first; at most so many. */
export async function happenings(limit = 200): Promise<readonly Happening[]> {
  const rows: readonly HappeningFound[] = await db()('happenings')
    .leftJoin('people', 'people.id', 'happenings.person_id')
    .leftJoin('devices', 'devices.id', 'happenings.device_id')
    .orderBy('happenings.id', 'desc')
    .limit(limit)
    .select('happenings.id', 'happenings.at', 'happenings.what', 'happenings.facts', 'people.name', 'devices.label')
  return rows.map(({ id, at, what, facts, name, label }) => ({
    id: Number(id),
    at: at.toISOString(),
    what,
    who: name,
    device: label,
    facts: typeof facts === 'string' ? (JSON.parse(facts) as object) : facts,
  }))
}
