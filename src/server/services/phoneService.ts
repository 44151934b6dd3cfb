import 'server-only'
import { type PhoneOnSite, phoneSchema } from '@/core/people'
import { personOf } from '../auth/visitor'
import { db } from '../db/client'
import { log } from '../http/log'
import { revisionOf } from '../repositories/jobs'
import { notePhone, phonesOf } from '../repositories/phones'

const PHONE_HEADER = 'x-burdock-phone'

/** What the header says; null where there is none or it is nothing that a phone of ours would send. */
function saidIn(headers: Headers) {
  const text = headers.get(PHONE_HEADER)
  if (text === null) return null
  try {
    const parsed = phoneSchema.safeParse(JSON.parse(decodeURIComponent(text)))
    return parsed.success ? parsed.data : null
  } catch {
    return null
  }
}

/** Notes what a phone says of itself beside its question. Its question is answered whatever becomes of that. */
export async function hearPhone(jobId: string, headers: Headers): Promise<void> {
  const said = saidIn(headers)
  if (!said) return
  try {
    if ((await revisionOf(db(), jobId)) === null) return
    const visitor = personOf(headers)
    const by = { person: visitor?.id ?? null, known: visitor?.device ?? null }
    await notePhone(db(), jobId, said, { now: new Date(), ...by })
  } catch (error) {
    log().warn({ name: error instanceof Error ? error.name : typeof error }, 'a phone was not noted')
  }
}

/** Who is on site: every phone that has asked for this job, with the plan's newest revision. Null where there is no such job. */
export async function phonesOn(
  jobId: string,
): Promise<{ readonly revision: number; readonly phones: readonly PhoneOnSite[] } | null> {
  const revision = await revisionOf(db(), jobId)
  return revision === null ? null : { revision, phones: await phonesOf(db(), jobId) }
}
