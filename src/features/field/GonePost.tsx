import { postsOf } from '@/core/field'
import { dayTime } from '@/ui'
import { recordText } from '@/formats/words'
import type { FieldPage } from './page'
import { AllPosts } from './UnknownPost'
import { useLog } from './useField'

/** A post that is no more: it takes no entry, and what was recorded of it stays to be read. */
export function GonePost({ job, derived, post, go }: FieldPage & { readonly post: string }) {
  const all = useLog((log) => log.state.all)
  const voided = useLog((log) => log.state.voided)
  const name = derived.names[post]
  const reason = job.building.givenUp.find(({ id }) => id === post)?.reason
  const bridged = derived.omitted.some(({ id }) => id === post)
  const own = all.filter((record) => postsOf(record.body).includes(post) && !voided.has(record.id))
  return (
    <>
      <div className="fwarn" role="alert">
        <div>
          <b>{name} is no longer in the plan</b>
          {reason !== undefined && <p>It was given up: {reason}</p>}
          {bridged && <p>It is left out: a header or an opening stands there.</p>}
          <p>Nothing can be entered for it. Put its paper away.</p>
        </div>
      </div>
      <h2>What was recorded of it</h2>
      {own.length === 0 ? (
        <p className="fnote">Nothing.</p>
      ) : (
        <ul className="marks">
          {own.map((record) => (
            <li key={record.id}>
              <span>{recordText(record.body, derived.names)}</span>
              <i>
                {dayTime(record.at)}
                {record.who ? `, ${record.who}` : ''}
              </i>
            </li>
          ))}
        </ul>
      )}
      <AllPosts go={go} />
    </>
  )
}
