'use client'
import { type PostAsBuilt, writePlaceIn } from '@/core/field'
import { suspicionSaid } from '@/formats/words'
import { Measure } from '@/ui'
import type { PostPage } from './page'
import { Reason } from './Reason'
import { useLog, useMeasured } from './useField'

/** A post whose reading does not agree with the others: what it is, reading it again, and keeping it for a reason. */
export function Doubted({ job, derived, post, go, isLead }: PostPage) {
  const { rods, padSuspects } = useMeasured(job, derived)
  const current = useLog((log) => log.levels.current[post])
  const footing = useLog((log) => log.levels.footings[post])
  const add = useLog((log) => log.add)
  const suspicion = rods.suspects[post] ?? padSuspects[post]
  if (!suspicion) return null
  const said = suspicionSaid(post, suspicion, derived.names)
  const kept = rods.suspects[post] ? current : footing
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>{said.title}</b>
        <p>
          {said.say} {said.until}
        </p>
        <div className="acts">
          <button type="button" className="main" onClick={() => go(['read', post])}>
            Read it again
          </button>
        </div>
        {isLead && kept && suspicion.kind !== 'disputed' && (
          <Reason words="Keep it all the same" onGiven={(reason) => add({ kind: 'keep', reading: kept.id, reason })} />
        )}
        {!isLead && <p>Only a lead keeps it as it is.</p>}
      </div>
    </div>
  )
}

/** Where the post's number is written, so that it can be read until the end. */
export function WhereToWrite({ built }: { readonly built: PostAsBuilt }) {
  const at = writePlaceIn(built)
  return (
    <p className="fnote">
      {at === null ? (
        <>Write {built.name} on its top: there is no room between soil and seat.</>
      ) : (
        <>
          Write {built.name} on the inside face, <Measure inches={at} /> from the foot: no board and no cut takes it
          there.
        </>
      )}
    </p>
  )
}
