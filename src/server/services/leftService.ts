import 'server-only'
import { readRecords } from '@/core/field'
import type { LeftEntries, Sender } from '@/core/people'
import { db } from '../db/client'
import { revisionOf } from '../repositories/jobs'
import { addLeft, leftAt, dropLot, lotOf, lotsOf, onceKnown } from '../repositories/left'
import { note } from '../repositories/people'
import { addRecords } from './recordService'

/** Lots of one phone that may wait: whoever has a phone that was lost cannot fill the disk with it. */
const MOST_LOTS = 20

/** What became of entries that a phone without a session has left. */
export type Leaving = 'left' | 'unknown-phone' | 'too-many' | 'gone'

/** Keeps the entries of a phone that was signed out until the office looks at them. A browser that was never known leaves nothing. */
export async function leave(job: string, records: readonly unknown[], token: string | null): Promise<Leaving> {
  const device = token === null ? null : await onceKnown(db(), token)
  if (device === null) return 'unknown-phone'
  if ((await revisionOf(db(), job)) === null) return 'gone'
  if ((await lotsOf(db(), device)) >= MOST_LOTS) return 'too-many'
  const names = new Set(readRecords(records).read.map(({ who, device: name }) => who || name))
  await addLeft(db(), { job, device, who: [...names].slice(0, 5).join(', ').slice(0, 200), records, now: new Date() })
  return 'left'
}

/** What phones have left at a job. */
export const leftEntries = (job: string): Promise<readonly LeftEntries[]> => leftAt(db(), job)

/** Takes or refuses what a phone has left. Gives how many entries were taken; null where somebody was faster. */
export async function settleLeft(
  job: string,
  id: string,
  { take, by }: { readonly take: boolean; readonly by: Sender | null },
): Promise<number | null> {
  const records = await lotOf(db(), job, id)
  if (records === null) return null
  // Whoever takes them answers for them. They are in before the lot goes: added twice they count once, gone they are lost.
  const reply = take ? await addRecords(job, records, 0, by) : null
  if (!(await dropLot(db(), id))) return null
  const facts = { count: records.length, job }
  await note(db(), take ? 'left entries taken' : 'left entries refused', { person: by?.id ?? null, facts }, new Date())
  return reply?.kind === 'ok' ? records.length - reply.refused.length : 0
}
