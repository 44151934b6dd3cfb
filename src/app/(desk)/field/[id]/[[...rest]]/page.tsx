import { headers } from 'next/headers'
import { FieldApp } from '@/features/field'
import { dbFault, oneJob, personOf } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string; rest?: string[] }> }) {
  const { id, rest } = await params
  let job: Awaited<ReturnType<typeof oneJob>> = null
  try {
    job = await oneJob(id)
  } catch (error) {
    if (!dbFault(error)) throw error
  }
  const plan = job && { doc: job.doc, revision: job.revision }
  const signedIn = personOf(await headers())?.name ?? null
  return <FieldApp id={id} initial={plan} path={(rest ?? []).map(decodeURIComponent)} signedIn={signedIn} />
}
