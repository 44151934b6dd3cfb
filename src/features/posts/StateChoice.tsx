import { useState } from 'react'
import { holeNeed } from '@/core/frame'
import { type Held, heldOn, POST_STATES, type PostAsBuilt, type PostState } from '@/core/field'
import { cutText } from '@/core/result'
import { holdSaid } from '@/formats/words'
import { footingOf, useLog, useMeasured } from '../field'
import { useDoc } from '../job'

/** Letters of a reason, at least and at most. */
const LEAST_REASON = 3
const MOST_REASON = 200

/** Why a step is held, and the reason for which it is taken all the same. */
function HeldNote({ held, onGiven }: { readonly held: readonly Held[]; readonly onGiven: (reason: string) => void }) {
  const [reason, setReason] = useState('')
  const given = reason.trim()
  return (
    <div className="caution mt-1" role="alert">
      {held.map(({ state, hold }) => (
        <div key={state}>
          <b>Not {state} yet.</b> {holdSaid(hold)}
        </div>
      ))}
      <div className="d-flex gap-1 mt-1">
        <input
          className="form-control form-control-sm"
          aria-label="Why it goes on all the same"
          placeholder="why"
          value={reason}
          onChange={(event) => setReason(cutText(event.target.value, MOST_REASON))}
        />
        <button
          type="button"
          className="btn btn-light btn-sm text-nowrap"
          disabled={given.length < LEAST_REASON}
          onClick={() => onGiven(given)}
        >
          Go on
        </button>
      </div>
    </div>
  )
}

/** How far a post’s work has come. A step out of order asks for a reason. */
export function StateChoice({ built }: { readonly built: PostAsBuilt }) {
  const { job, derived } = useDoc()
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const said = useLog((log) => log.state)
  const { dugIn } = useMeasured(job, derived)
  const [now] = useState(() => new Date().toISOString())
  const [asked, setAsked] = useState<PostState | null>(null)
  const hole = {
    post: built.id,
    hasConcrete: (derived.holes.find(({ postIds }) => postIds.includes(built.id))?.volumes.concreteFt3 ?? 0) > 0,
    need: holeNeed(derived, job, built.id),
    depthIn: dugIn[built.id] ?? null,
  }
  const footing = footingOf(job, said, hole, now)
  const held = asked === null ? [] : heldOn(built, asked, said, footing)
  /** Work goes forward by itself; back it goes by taking back what was said after. */
  const put = (next: PostState) => {
    const at = POST_STATES.indexOf(next)
    for (const { id, body } of said.all)
      if (
        body.kind === 'state' &&
        body.post === built.id &&
        POST_STATES.indexOf(body.state) > at &&
        !said.voided.has(id)
      )
        undo(id)
    add({ kind: 'state', post: built.id, state: next })
    setAsked(null)
  }
  return (
    <>
      <select
        className="form-select form-select-sm"
        style={{ height: 24, minWidth: 120, padding: '0 22px 0 6px', fontSize: 13 }}
        aria-label={`state of ${built.name}`}
        value={built.state}
        onChange={(event) => {
          const next = event.target.value as PostState
          if (heldOn(built, next, said, footing).length > 0) setAsked(next)
          else put(next)
        }}
      >
        {POST_STATES.map((state) => (
          <option key={state}>{state}</option>
        ))}
      </select>
      {asked !== null && held.length > 0 && (
        <HeldNote
          held={held}
          onGiven={(reason) => {
            for (const { state } of held) add({ kind: 'override', post: built.id, state, reason })
            put(asked)
          }}
        />
      )}
    </>
  )
}
