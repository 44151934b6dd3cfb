'use client'
import type { Hold, PostState } from '@/core/field'
import { holdSaid } from '@/formats/words'
import { Reason } from './Reason'
import type { PostPage } from './page'
import { useLog } from './useField'

/** Where what is missing is entered. */
const WAY: Readonly<Partial<Record<Hold['why'], readonly [words: string, path: string]>>> = {
  lines: ['Enter the marking', 'lines'],
  inspection: ['Sign an inspection', 'inspect'],
  cure: ['Enter temperatures', 'temps'],
}

/** What keeps a post from its next step, in few words: the rest stands under the keys. */
export function HeldLine({ hold, next }: { readonly hold: Hold; readonly next: PostState }) {
  return (
    <div className="fwarn" role="status">
      <div>
        <b>Hold: not {next} yet</b>
        <p>{holdSaid(hold)}</p>
      </div>
    </div>
  )
}

/** What keeps a post from its next step, the way to what is missing, and the reason for which a lead goes on. */
export function HoldNote({
  hold,
  next,
  page,
}: {
  readonly hold: Hold
  readonly next: PostState
  readonly page: PostPage
}) {
  const add = useLog((log) => log.add)
  const way = hold.why === 'depth' ? (['Its hole', 'hole'] as const) : WAY[hold.why]
  return (
    <div className="fwarn hold" role="alert">
      <div>
        <b>Hold: not {next} yet</b>
        <p>{holdSaid(hold)}</p>
        {way && (
          <div className="acts">
            <button
              type="button"
              className="main"
              onClick={() => page.go(hold.why === 'depth' ? ['hole', page.post] : [way[1]])}
            >
              {way[0]}
            </button>
          </div>
        )}
        {page.isLead ? (
          <Reason
            words="Go on all the same"
            onGiven={(reason) => add({ kind: 'override', post: page.post, state: next, reason })}
          />
        ) : (
          <p>Out of order only with a lead’s reason.</p>
        )}
      </div>
    </div>
  )
}
