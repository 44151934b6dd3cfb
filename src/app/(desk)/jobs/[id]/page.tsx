import { JobDesk } from '@/features/shell'
import { oneJob } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params
  // Null both when the database is away and when there is no such job: the desk asks again and can tell.
  const job = await oneJob(id).catch(() => null)
  return <JobDesk id={id} initial={job} />
}
