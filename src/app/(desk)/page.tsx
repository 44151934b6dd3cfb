import { JobYard } from '@/features/jobs'
import { allJobs } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page() {
  // The list can open without the database: it then says so and tries again by itself.
  const jobs = await allJobs().catch(() => null)
  return <JobYard initial={jobs} />
}
