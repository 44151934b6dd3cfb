'use client'
import { cutText } from '@/core/result'
import { pocketAddress } from '@/formats/pocket/address'
import { bumpsSaid, troublesSaid, untiedSaid } from '@/formats/words'
import { POST_STATES, type PostAsBuilt, reached, WHO_MOST_LETTERS } from '@/core/field'
import { AfterFrame, Measure } from '@/ui'
import { ClockLine, LastingLine, ReadyLine, SetAsideList, SignedOutLine } from './Keeping'
import type { FieldPage } from './page'
import { PlanChanged } from './PlanLines'
import { useLog, useMeasured } from './useField'

/** Every post with its state and what is known of its foot. */
function PostList({
  asBuilt,
  go,
}: {
  readonly asBuilt: readonly PostAsBuilt[]
  readonly go: (path: readonly string[]) => void
}) {
  return (
    <ul className="plist">
      {asBuilt.map((built) => (
        <li key={built.id}>
          <button type="button" onClick={() => go(['post', built.id])}>
            <b>{built.name}</b>
            <span>{built.state}</span>
            <span className="m">
              {built.upFromRodIn !== null ? (
                <>
                  <Measure inches={Math.abs(built.upFromRodIn)} feet={false} /> {built.upFromRodIn >= 0 ? 'up' : 'down'}
                </>
              ) : (
                <>{built.rodAgain ? 'read again' : 'not read'}</>
              )}
            </span>
            <progress
              max={POST_STATES.length - 1}
              value={POST_STATES.indexOf(built.state)}
              aria-label={`${built.name}: ${built.state}`}
            />
          </button>
        </li>
      ))}
    </ul>
  )
}

/** Who writes: the account that is signed in, or whoever says so where nobody signs in. */
function WhoWrites({ signedIn }: Pick<FieldPage, 'signedIn'>) {
  const who = useLog((log) => log.who)
  const setWho = useLog((log) => log.setWho)
  if (signedIn !== null) return <p className="fnote">Written as {signedIn}.</p>
  return (
    <label className="who">
      Who is writing
      <input
        value={who}
        placeholder="your name"
        onChange={(event) => setWho(cutText(event.target.value, WHO_MOST_LETTERS))}
      />
    </label>
  )
}

/** What is next: reading, hole, card; and every post with its state. */
export function TodayView({ job, derived, go, signedIn, plan, before, see }: FieldPage) {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const { rods, asBuilt, rows, office } = useMeasured(job, derived)
  const order = derived.posts.map((post) => post.id)
  // Rows are walked one after another, as the page of readings does.
  const nextRead = [...new Set(rows.flat())].find((id) => !rods.offsets[id])
  const nextHole = order.find((id) => !reached(state.states[id], 'hole dug'))
  const nextCard = order.find((id) => !reached(state.states[id], 'cut'))
  const misfit = asBuilt.filter((built) => built.fit && built.fit.kind !== 'fits')
  const deep = (id: string) => derived.holes.find((hole) => hole.postIds.includes(id))
  return (
    <>
      <a className="fpocket" href={pocketAddress('')}>
        Pocket: figures by themselves
      </a>
      <WhoWrites signedIn={signedIn} />
      <ReadyLine plan={plan} />
      <div className="next">
        <button type="button" className="do" onClick={() => go(['read'])}>
          <span>Next reading</span>
          <b>{nextRead ? derived.names[nextRead] : 'all read'}</b>
        </button>
        <button type="button" className="do" onClick={() => go(['hole', nextHole ?? order[0]])}>
          <span>Next hole</span>
          <b>{nextHole ? derived.names[nextHole] : 'all dug'}</b>
          {nextHole && (
            <i>
              <Measure inches={deep(nextHole)?.digIn ?? 0} /> deep
            </i>
          )}
        </button>
        <button type="button" className="do" onClick={() => go(['post', nextCard ?? order[0]])}>
          <span>Next card</span>
          <b>{nextCard ? derived.names[nextCard] : 'all cut'}</b>
        </button>
      </div>
      <div className="acts small">
        <button type="button" onClick={() => go(['more'])}>
          More to enter
        </button>
        <button type="button" onClick={() => go(['entered'])}>
          What was entered, and undo
        </button>
      </div>
      {/* Below the keys: what is said comes and goes, and they must not move under a thumb. */}
      <SignedOutLine />
      <LastingLine />
      <ClockLine />
      <PlanChanged before={before} asBuilt={asBuilt} see={see} />
      <SetAsideList go={go} derived={derived} />
      {troublesSaid(state, levels, derived.names).map(({ key, title, say }) => (
        <div className="fwarn" role="alert" key={key}>
          <b>{title}</b>
          <p>{say}</p>
        </div>
      ))}
      {levels.setups
        .flatMap((setup) => [...bumpsSaid(setup), ...untiedSaid(setup)])
        .map((said) => (
          <div className="fwarn" role="alert" key={said}>
            <b>{said}</b>
          </div>
        ))}
      {office.state === 'untied' && office.count > 0 && (
        <div className="fwarn" role="alert">
          <b>{office.count} readings typed in the office are not used</b>
          <p>
            They were taken from another place. The office must say, under Posts, what its rod read on the benchmark.
          </p>
        </div>
      )}
      {misfit.map((built) => (
        <div className="fwarn" role="alert" key={built.id}>
          <b>{built.name} no longer fits</b>
          <p>{built.fit?.say}</p>
        </div>
      ))}
      <h2>Posts</h2>
      <AfterFrame>
        <PostList asBuilt={asBuilt} go={go} />
      </AfterFrame>
    </>
  )
}
