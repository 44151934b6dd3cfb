import Link from 'next/link'
import { allJobs, dbFault } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page() {
  let jobs: Awaited<ReturnType<typeof allJobs>> = []
  let away = false
  try {
    jobs = (await allJobs()).filter((stored) => !stored.archived && !stored.deleted)
  } catch (error) {
    if (!dbFault(error)) throw error
    away = true
  }
  return (
    <div className="field">
      <main className="fmain" style={{ paddingTop: 24 }}>
        <h1 style={{ fontSize: 26 }}>Field</h1>
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
