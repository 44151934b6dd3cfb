'use client'
import { useEffect, useState } from 'react'
import { ask, type JobSummary } from '../job/api'
import { TROUBLE_WORDS, troubleOf } from '../job/troubleWords'
import { type KeptJob, keptJobs } from './kept'
import { useMe } from './useMe'

/** The jobs that can be opened: the office's where it answers, else those that are kept here. */
function useJobs(): { readonly jobs: readonly KeptJob[] | null; readonly trouble: string | null } {
  const [jobs, setJobs] = useState<readonly KeptJob[] | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  useEffect(() => {
    void (async () => {
      const kept = await keptJobs().catch(() => [])
      setJobs((current) => current ?? kept)
      const reply = await ask<readonly JobSummary[]>('/api/jobs')
      if (reply.kind === 'ok') setJobs(reply.value.filter(({ archived, deleted }) => !archived && !deleted))
      else setTrouble(TROUBLE_WORDS[troubleOf(reply)])
    })()
  }, [])
  return { jobs, trouble }
}

async function leave(): Promise<void> {
  await ask('/api/sign-out', 'POST', {})
  window.location.replace('/sign-in')
}

/** The jobs of the field, to open one. */
export function FieldJobs() {
  const { jobs, trouble } = useJobs()
  const me = useMe()
  return (
    <div className="field bare">
      <main className="fmain" style={{ paddingTop: 24 }}>
        <div className="fbar">
          <h1>Field</h1>
          {me?.kind === 'person' && (
            <button type="button" className="quiet" onClick={() => void leave()}>
              Sign out
            </button>
          )}
        </div>
        {me?.kind === 'person' && <p className="fnote">Signed in as {me.name}.</p>}
        {trouble !== null && (
          <p role="status">No list from the office: {trouble}. These are kept on this phone and open all the same.</p>
        )}
        {jobs?.length === 0 && <p>No job is here yet. Open one once with a signal: after that it is kept.</p>}
        <ul className="plist">
          {jobs?.map((job) => (
            <li key={job.id}>
              <a href={`/field/${encodeURIComponent(job.id)}`} className="joblink">
                <b>{job.name}</b>
              </a>
            </li>
          ))}
        </ul>
      </main>
    </div>
  )
}
