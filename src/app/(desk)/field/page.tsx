import { headers } from 'next/headers'
import Link from 'next/link'
import { Me } from '@/features/people'
import { allJobs, dbFault, visitorOf, whoIs } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page() {
  const me = whoIs(visitorOf(await headers()))
  let jobs: Awaited<ReturnType<typeof allJobs>> = []
  let away = false
  try {
    jobs = (await allJobs()).filter((stored) => !stored.archived && !stored.deleted)
  } catch (error) {
    if (!dbFault(error)) throw error
    away = true
  }
  return (
    <div className="field bare">
      <main className="fmain" style={{ paddingTop: 24 }}>
        <div className="d-flex align-items-center gap-2">
          <h1 style={{ fontSize: 26, flex: 1 }}>Field</h1>
          {me.kind === 'person' && <Me me={me} />}
        </div>
        {me.kind === 'person' && <p className="fnote">Signed in as {me.name}.</p>}
        {away && <p>The server is away. A job opened before on this phone still opens from its own page.</p>}
        <ul className="plist">
          {jobs.map((job) => (
            <li key={job.id}>
              <Link href={`/field/${job.id}`} className="joblink">
                <b>{job.name}</b>
              </Link>
            </li>
          ))}
        </ul>
      </main>
    </div>
  )
}
