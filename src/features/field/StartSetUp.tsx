'use client'
import { cutText } from '@/core/result'
import { useState } from 'react'
import { ROD_MOST_IN } from '@/core/field'
import { Big } from './Big'
import { type Entry, entryIn, Keypad } from './Keypad'
import { EMPTY } from './readings'

/** Starting a set-up: where the laser stands, and what the rod reads on the benchmark if there is one. */
export function SetUp({ onStart }: { readonly onStart: (place: string, benchmarkIn: number | null) => void }) {
  const [place, setPlace] = useState('')
  const [with_, setWith] = useState(false)
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [around, setAround] = useState(52)
  return (
    <>
      <label className="who">
        Where does the laser stand
        <input
          value={place}
          placeholder="where the laser stands"
          onChange={(event) => setPlace(cutText(event.target.value, 80))}
        />
      </label>
      {with_ ? (
        <>
          <Big inches={entryIn(entry)} empty="on the benchmark" words={false} />
          <Keypad entry={entry} around={around} most={ROD_MOST_IN} onEntry={setEntry} onAround={setAround} />
        </>
      ) : (
        <p className="fnote">
          With a benchmark reading, set-ups tie together and a bump is found. A stake or a nail in a tree will do.
        </p>
      )}
      <div className="acts">
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
    </>
  )
}
