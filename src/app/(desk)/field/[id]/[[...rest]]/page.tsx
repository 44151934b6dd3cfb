import { FieldApp } from '@/features/field'
import { dbFault, oneJob } from '@/server'

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
  return <FieldApp id={id} initial={plan} path={(rest ?? []).map(decodeURIComponent)} />
}
