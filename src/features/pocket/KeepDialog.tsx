'use client'
'use no memo'
import { type FormEvent, useEffect, useRef, useState } from 'react'
import type { FigureName } from '@/core/pocket'
import { keepWithJob, type JobLine, jobsToKeepWith } from './jobs'

type Jobs =
  { readonly kind: 'asking' } | { readonly kind: 'away' } | { readonly kind: 'here'; readonly jobs: readonly JobLine[] }

const OUTCOME = {
  away: 'The office machine does not answer: nothing was kept with a job. Here it is kept; try again with a signal.',
  refused: 'The job did not take it. Open the job and look whether it can be saved.',
  gone: 'That job is there no more. Choose another.',
} as const

/** Asks which job a figure is kept with, and what it is for. */
export function KeepDialog({
  name,
  given,
  job,
  kept: from,
  onClose,
}: {
  readonly name: FigureName
  readonly given: Record<string, unknown>
  readonly job: string | null
  /** The kept figure that it was opened from. */
  readonly kept: string | null
  readonly onClose: (kept: string | null) => void
}) {
  const dialog = useRef<HTMLDialogElement>(null)
  const [jobs, setJobs] = useState<Jobs>({ kind: 'asking' })
  const [picked, setPicked] = useState(job ?? '')
  const [words, setWords] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  useEffect(() => {
    dialog.current?.showModal()
    let here = true
    void jobsToKeepWith().then((found) => {
      if (!here) return
      setJobs(found ? { kind: 'here', jobs: found } : { kind: 'away' })
      setPicked((now) => (found?.some(({ id }) => id === now) ? now : (found?.[0]?.id ?? '')))
    })
    return () => {
      here = false
    }
  }, [])
  const keep = async (event: FormEvent) => {
    event.preventDefault()
    setBusy(true)
    const outcome = await keepWithJob(picked, {
      figure: name,
      given,
      words: words.trim(),
      instead: picked === job ? from : null,
    })
    setBusy(false)
    if (outcome === 'kept') onClose(jobs.kind === 'here' ? (jobs.jobs.find(({ id }) => id === picked)?.name ?? '') : '')
    else setSaid(OUTCOME[outcome])
  }
  return (
    <dialog ref={dialog} className="keep" aria-labelledby="keep-title" onClose={() => onClose(null)}>
      <form onSubmit={(event) => void keep(event)}>
        <h2 id="keep-title">Keep with a job</h2>
        {jobs.kind === 'asking' && <p>Asking for the jobs…</p>}
        {jobs.kind === 'away' && <p role="alert">{OUTCOME.away}</p>}
        {jobs.kind === 'here' && jobs.jobs.length === 0 && (
          <p>There is no job yet. Make one first; the figure is still here then.</p>
        )}
        {jobs.kind === 'here' && jobs.jobs.length > 0 && (
          <>
            <label>
              Job
              <select value={picked} onChange={(event) => setPicked(event.target.value)}>
                {jobs.jobs.map(({ id, name: title }) => (
                  <option key={id} value={id}>
                    {title}
                  </option>
                ))}
              </select>
            </label>
            <label>
              What it is for
              <input
                type="text"
                value={words}
                maxLength={120}
                placeholder="which gate, which wall"
                onChange={(event) => setWords(event.target.value)}
              />
            </label>
          </>
        )}
        {said && <p role="alert">{said}</p>}
        <p className="buttons">
          <button type="button" onClick={() => dialog.current?.close()}>
            Not now
          </button>
          {jobs.kind === 'here' && jobs.jobs.length > 0 && (
            <button type="submit" className="primary" disabled={busy}>
              {from !== null && picked === job ? 'Keep in its place' : 'Keep it'}
            </button>
          )}
        </p>
      </form>
    </dialog>
  )
}
