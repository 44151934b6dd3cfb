'use client'
import { cutText } from '@/core/result'
import { useState } from 'react'
import { ROD_MOST_IN, type Said } from '@/core/field'
import { dayTime } from '@/ui'
import { Big } from './Big'
import { type Entry, entryIn, Keypad } from './Keypad'
import { EMPTY } from './readings'

/** Lasers that others have set up: a second rod at one of them reads in its set-up. */
function Standing({
  standing,
  onJoin,
}: {
  readonly standing: readonly Said<'setup'>[]
  readonly onJoin: (setup: string) => void
}) {
  if (standing.length === 0) return null
  return (
    <>
      <h2>Or read from a laser that stands already</h2>
      <p className="fnote">Only with your rod at that very laser: another one stands at another height.</p>
      <ul className="plist standing">
        {standing
          .slice(-4)
          .reverse()
          .map(({ body, who, device, at }) => (
            <li key={body.setup}>
              <button type="button" onClick={() => onJoin(body.setup)}>
                <b>{body.place || body.setup}</b>
                <span>
                  {who || device}, {dayTime(at)}
                </span>
              </button>
            </li>
          ))}
      </ul>
    </>
  )
}

/** What it means to read no benchmark: where a laser has stood before, what is read from the new one counts for nothing. */
const noBenchmark = (hasOthers: boolean) => (
  <p className="fnote">
    {hasOthers
      ? 'Read the benchmark that the others read: without it this set-up is not tied to them and moves no mark.'
      : 'With a benchmark reading, set-ups tie together and a bump is found. A stake or a nail in a tree will do.'}
  </p>
)

/** Starting a set-up: where the laser stands, and what the rod reads on the benchmark if there is one. */
export function SetUp({
  standing,
  onStart,
  onJoin,
}: {
  readonly standing: readonly Said<'setup'>[]
  readonly onStart: (place: string, benchmarkIn: number | null) => void
  readonly onJoin: (setup: string) => void
}) {
  const [place, setPlace] = useState('')
  const [with_, setWith] = useState(false)
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [around, setAround] = useState(52)
  return (
    <>
      <div className="readpage">
        <div className="readhead">
          <label className="who">
            Where does the laser stand
            <input
              value={place}
              placeholder="where the laser stands"
              onChange={(event) => setPlace(cutText(event.target.value, 80))}
            />
          </label>

          {with_ && <Big inches={entryIn(entry)} empty="on the benchmark" words={false} />}
          {!with_ && noBenchmark(standing.length > 0)}
        </div>
        {with_ && <Keypad entry={entry} around={around} most={ROD_MOST_IN} onEntry={setEntry} onAround={setAround} />}
        <div className="acts keepkeys">
          <button type="button" className="quiet" onClick={() => setWith(!with_)}>
            {with_ ? 'No benchmark' : 'Read a benchmark'}
          </button>
          <button
            type="button"
            className="main"
            disabled={with_ && entryIn(entry) === null}
            onClick={() => onStart(place.trim(), with_ ? entryIn(entry) : null)}
          >
            Start this set-up
          </button>
        </div>
      </div>
      <Standing standing={standing} onJoin={onJoin} />
    </>
  )
}
