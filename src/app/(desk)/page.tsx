import { headers } from 'next/headers'
import { JobYard } from '@/features/jobs'
import { Me } from '@/features/people'
import { allJobs, visitorOf, whoIs } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page() {
  // The list can open without the database: it then says so and tries again by itself.
  const jobs = await allJobs().catch(() => null)
  const me = whoIs(visitorOf(await headers()))
  return <JobYard initial={jobs} me={<Me me={me} />} owns={me.kind !== 'person' || me.role === 'owner'} />
}
