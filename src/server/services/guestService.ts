import 'server-only'
import type { FieldPlan } from '@/core/derive'
import { foldRecords, measure, type PostAsBuilt, tieLevels } from '@/core/field'
import { type GuestCard, mayStandUntil, type Sender } from '@/core/people'
import { fail, ok, type Result } from '@/core/result'
import { db } from '../db/client'
import { addGuestCard, dropGuestCard, guestCardOf, guestCardsOf } from '../repositories/guests'
import { revisionOf } from '../repositories/jobs'
import { note } from '../repositories/people'
import { allRecords } from '../repositories/records'
import { planNow } from './fieldPlanService'

/** Makes a card by which a guest reads one post; gives its token, this once. Null where there is no such job. */
export async function makeGuestCard(
  job: string,
  { post, until }: { readonly post: string; readonly until: Date },
  by: Sender | null,
): Promise<Result<{ readonly token: string }> | null> {
  const plan = await planNow(job)
  if (!plan) return null
  if (!plan.derived.posts.some(({ id }) => id === post)) return fail('no-such-post', ['post'], { post })
  const now = new Date()
  if (!mayStandUntil(until, now)) return fail('guest-until', ['until'])
  const token = await addGuestCard(db(), { job, post, until, now })
  const facts = { job, post, until: until.toISOString() }
  await note(db(), 'guest card made', { person: by?.id ?? null, facts }, now)
  return ok({ token })
}

/** The cards of a job that stand; null where there is no such job. */
export async function guestCards(job: string): Promise<readonly GuestCard[] | null> {
  return (await revisionOf(db(), job)) === null ? null : guestCardsOf(db(), job, new Date())
}

/** Takes a card back at once; whether it was there. */
export async function takeGuestCard(job: string, id: string, by: Sender | null): Promise<boolean> {
  if (!(await dropGuestCard(db(), job, id))) return false
  await note(db(), 'guest card taken back', { person: by?.id ?? null, facts: { job } }, new Date())
  return true
}

/** What a guest reads: one post as it stands now, and nothing of any other. */
export interface GuestReads {
  readonly job: string
  readonly revision: number
  readonly until: string
  /** Null where the plan has the post no more. */
  readonly built: PostAsBuilt | null
  readonly wallNames: FieldPlan['derived']['wallNames']
  readonly boardEdge: FieldPlan['job']['fieldwork']['boardEdge']
  readonly school: FieldPlan['job']['building']['school']
  /** How deep its hole is to be dug; null where it stands on none. */
  readonly digIn: number | null
  /** How deep it was dug, from the string; null where nobody has said. */
  readonly dugIn: number | null
}

/** What the holder of a token reads; null where it opens nothing. */
export async function readGuest(token: string): Promise<GuestReads | null> {
  const card = await guestCardOf(db(), token, new Date())
  const plan = card && (await planNow(card.job))
  if (!plan) return null
  const { job, derived, revision } = plan
  const state = foldRecords(await allRecords(db(), card.job))
  const { asBuilt, dugIn } = measure(job, derived, state, tieLevels(state))
  return {
    job: job.name,
    revision,
    until: card.until.toISOString(),
    built: asBuilt.find(({ id }) => id === card.post) ?? null,
    wallNames: derived.wallNames,
    boardEdge: job.fieldwork.boardEdge,
    school: job.building.school,
    digIn: derived.holes.find(({ postIds }) => postIds.includes(card.post))?.digIn ?? null,
    dugIn: dugIn[card.post] ?? null,
  }
}
