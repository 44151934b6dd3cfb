'use client'
import { useState } from 'react'
import { HINTS } from '@/formats/words'
import { STAGE_NAMES, useJob } from '../job'

/** Under this name the browser keeps which job the hints lead through, and how far. */
const KEPT = 'burdock-hints'
interface Led {
  readonly job: string
  readonly at: number
}

/** How far the hints have come in this job; null where they are put away, or belong to another. */
function ledThrough(jobId: string): number | null {
  try {
    const kept = window.localStorage.getItem(KEPT)
    if (kept === null) {
      window.localStorage.setItem(KEPT, JSON.stringify({ job: jobId, at: 0 } satisfies Led))
      return 0
    }
    const { job, at } = JSON.parse(kept) as Led
    return job === jobId && at < HINTS.length ? at : null
  } catch {
    // A browser that keeps nothing would show them for ever.
    return null
  }
}

/** Five short hints through the first job that this browser opens. They go one by one, or all at once. */
export function Hints() {
  const id = useJob((state) => state.id)
  const stage = useJob((state) => state.stage)
  const go = useJob((state) => state.go)
  const [at, setAt] = useState(() => ledThrough(id))
  const hint = at === null ? undefined : HINTS[at]
  if (at === null || !hint) return null
  const lead = (next: number) => {
    window.localStorage.setItem(KEPT, JSON.stringify({ job: id, at: next } satisfies Led))
    setAt(next < HINTS.length ? next : null)
    const following = HINTS[next]
    if (following) go(following.stage)
  }
  return (
    <section className="hints" aria-label="First steps">
      <p>
        <b>
          {at + 1} of {HINTS.length}, {STAGE_NAMES[hint.stage]}.
        </b>{' '}
        {hint.says}
      </p>
      <span className="d-flex gap-2">
        {stage !== hint.stage && (
          <button type="button" className="btn btn-light btn-sm" onClick={() => go(hint.stage)}>
            Show me
          </button>
        )}
        <button type="button" className="btn btn-light btn-sm" onClick={() => lead(at + 1)}>
          {at + 1 < HINTS.length ? 'Next' : 'Done'}
        </button>
        <button type="button" className="btn btn-light btn-sm" onClick={() => lead(HINTS.length)}>
          Put them away
        </button>
      </span>
    </section>
  )
}
