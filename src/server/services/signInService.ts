import 'server-only'
import type { Knex } from 'knex'
import { type Role, secretIssue, secretKindOf } from '@/core/people'
import { fail, ok, type Result } from '@/core/result'
import { forgetTries, tryOnce } from '../auth/attempts'
import { hashSecret, isSecret } from '../auth/secrets'
import { hashOf, newRowId, readCode } from '../auth/tokens'
import { db, write } from '../db/client'
import {
  addDevice,
  addSession,
  deviceOf,
  endSession,
  hasOwner,
  note,
  openInvitations,
  type SignedIn,
} from '../repositories/people'

/** The browser that asks: what it is known by, what it is called, and where it asks from. */
export interface From {
  readonly device: string | null
  readonly label: string
  readonly address: string
}

/** Tokens for the browser of somebody who has signed in: who they are, and by what their device is known. */
export interface Entered {
  readonly session: string
  /** Null where the browser has its own already. */
  readonly device: string | null
  readonly role: Role
}

async function enter(
  trx: Knex,
  person: { readonly id: string; readonly role: Role },
  { device, label }: From,
): Promise<Entered> {
  const now = new Date()
  const known = await deviceOf(trx, device)
  const fresh = known === null ? await addDevice(trx, label, now) : null
  const on = known ?? fresh?.id ?? ''
  const session = await addSession(trx, person.id, on, now)
  await note(trx, 'signed in', { person: person.id, device: on }, now)
  return { session, device: fresh?.token ?? null, role: person.role }
}

/** How many minutes there are to wait for another try, of this name or from this address; null where there are none. */
async function waitFor(name: string, address: string): Promise<number | null> {
  return (await tryOnce('address', address)) ?? (await tryOnce('name', name.toLowerCase()))
}

/**
 * Signs somebody in. Whatever is wrong with name and secret is one answer; a number alone opens nothing but on a phone
 * that the office knows.
 */
export async function signIn(name: string, secret: string, from: From): Promise<Result<Entered>> {
  const minutes = await waitFor(name, from.address)
  if (minutes !== null) return fail('too-many-tries', [], { minutes })
  const person = await db()('people').where({ name }).whereNull('withdrawn_at').first()
  const fits = await isSecret(secret, person?.secret_hash ?? null)
  if (!person || !fits) {
    await note(db(), 'sign-in refused', { person: person?.id ?? null }, new Date())
    return fail('sign-in-failed')
  }
  if (secretKindOf(person.role) === 'pin' && (await deviceOf(db(), from.device)) === null)
    return fail('phone-not-known')
  await forgetTries('name', name.toLowerCase())
  return ok(await write((trx) => enter(trx, person, from)))
}

/** Whether nobody signs in here yet. */
export const officeIsOpen = async (): Promise<boolean> => !(await hasOwner(db()))

/** Whether a session still runs. */
export const stillIn = async (session: string): Promise<boolean> =>
  (await db()('sessions').where({ id: session }).andWhere('ends_at', '>', new Date()).first('id')) !== undefined

/** Ends a session on its own device. */
export async function signOut({ id, session, device }: SignedIn): Promise<void> {
  await endSession(db(), session)
  await note(db(), 'signed out', { person: id, device }, new Date())
}

/** Makes the first account of an office; from then on everybody signs in. */
export async function makeOwner(
  { name, secret, code }: { readonly name: string; readonly secret: string; readonly code: string },
  from: From,
): Promise<Result<Entered>> {
  const minutes = await tryOnce('address', from.address)
  if (minutes !== null) return fail('too-many-tries', [], { minutes })
  const asked = process.env.BURDOCK_SETUP_CODE
  if (asked && hashOf(readCode(code)) !== hashOf(readCode(asked))) return fail('setup-code', ['code'])
  const wrong = secretIssue('owner', secret)
  if (wrong) return { ok: false, issues: [wrong] }
  const secret_hash = await hashSecret(secret)
  return write(async (trx): Promise<Result<Entered>> => {
    // Two who ask at once: the second waits here, and finds an owner.
    await trx.raw("SELECT GET_LOCK('burdock-owner', 10)")
    try {
      if (await hasOwner(trx)) return fail('owner-there')
      const id = newRowId()
      const now = new Date()
      await trx('people').insert({
        id,
        name,
        role: 'owner',
        secret_hash,
        made_at: now,
        withdrawn_at: null,
        erased_at: null,
      })
      await note(trx, 'office opened', { person: id }, now)
      return ok(await enter(trx, { id, role: 'owner' }, from))
    } finally {
      await trx.raw("SELECT RELEASE_LOCK('burdock-owner')")
    }
  })
}

/** An invitation that can still be taken. */
export interface Invitation {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly person: string | null
}

/** The invitation of a code; null where there is none, or not any more. */
async function invitationOf(code: string): Promise<Invitation | null> {
  const row = await openInvitations(db())
    .where({ code_hash: hashOf(readCode(code)) })
    .first()
  return row ? { id: row.id, name: row.name, role: row.role, person: row.person_id } : null
}

/** What an invitation says before it is taken; guesses are counted. */
export async function readInvitation(code: string, address: string): Promise<Result<Invitation>> {
  const minutes = await tryOnce('address', address)
  if (minutes !== null) return fail('too-many-tries', [], { minutes })
  const found = await invitationOf(code)
  return found ? ok(found) : fail('invitation-over')
}

/** Takes an invitation: a person with a secret of their own, on a device that is known from now on. */
export async function join(code: string, secret: string, from: From): Promise<Result<Entered>> {
  const read = await readInvitation(code, from.address)
  if (!read.ok) return read
  const { role, name } = read.value
  const wrong = secretIssue(role, secret)
  if (wrong) return { ok: false, issues: [wrong] }
  const secret_hash = await hashSecret(secret)
  return write(async (trx): Promise<Result<Entered>> => {
    const now = new Date()
    const isNew = read.value.person === null
    // A name that was given to somebody else meanwhile uses no invitation up.
    if (isNew && (await trx('people').where({ name }).first('id'))) return fail('name-taken', ['name'], { name })
    const used = await trx('invitations').where({ id: read.value.id }).whereNull('used_at').update({ used_at: now })
    if (used !== 1) return fail('invitation-over')
    const id = read.value.person ?? newRowId()
    if (isNew) {
      await trx('people').insert({ id, name, role, secret_hash, made_at: now, withdrawn_at: null, erased_at: null })
    } else await trx('people').where({ id }).update({ secret_hash, withdrawn_at: null })
    await note(trx, 'joined', { person: id, facts: { role } }, now)
    return ok(await enter(trx, { id, role }, from))
  })
}
