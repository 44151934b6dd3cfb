'use client'
import { useRef, useState } from 'react'
import { canSpeak, setSpeaks, speaks } from '@/devices/answer'
import { type Rod, simulatedRod } from '@/devices/rod'
import { Measure } from '@/ui'
import type { Entry } from './Keypad'
import { besideEachOther, nextOn, rodWords } from './readings'
import type { Reading } from './useReading'

/** The row’s posts, the target among them. */
export function RowChips({ r }: { readonly r: Reading }) {
  const signOf = (id: string) => {
    if (r.places.again(id)) return 'again'
    if (r.places.sure(id)) return '✓✓'
    return r.places.read(id) ? '✓' : '○'
  }
  return (
    <div className="chips" role="group" aria-label="Posts">
      {besideEachOther(r.row, r.at, SHOWN, 2).map((id) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === r.target}
          className={r.places.suspect(id) ? 'odd' : ''}
          onClick={() => r.pick(id)}
        >
          {r.nameOf(id)}
          <small>{signOf(id)}</small>
        </button>
      ))}
    </div>
  )
}
/** Posts of a row beside each other. */
const SHOWN = 6

/** What the rod reads at a place from here. */
function ReadThere({ r, id }: { readonly r: Reading; readonly id: string }) {
  const inches = r.places.here(id)
  if (inches !== null) return <Measure inches={inches} feet={false} />
  if (r.places.read(id)) return 'not tied'
  return r.places.again(id) ? 'read again' : 'not read'
}

/** What the neighbors read; nothing while a second reading is taken blind. */
export function Neighbors({ r }: { readonly r: Reading }) {
  if (r.mode !== 'read') return <div className="besides">{r.mode === 'second' && <span>second time, blind</span>}</div>
  return (
    <div className="besides">
      {r.near.map((id, k) => (
        <div key={id}>
          <span>
            {r.nameOf(id)}, {k === 0 && r.at > 0 ? 'before' : 'after'}
          </span>
          <b>
            <ReadThere r={r} id={id} />
          </b>
        </div>
      ))}
    </div>
  )
}

/** New set-up, checking back, reading twice, what the rod stands on. */
export function ReadModes({
  r,
  embedded,
  onSetUp,
}: {
  readonly r: Reading
  readonly embedded: boolean
  readonly onSetUp: () => void
}) {
  const hasSpots = r.page.job.ground.spots.length > 0
  return (
    <div className="acts small">
      <button type="button" onClick={onSetUp}>
        New set-up
      </button>
      {r.benchmarkIn !== null && (
        <button
          type="button"
          aria-pressed={r.mode === 'check'}
          onClick={() => r.setMode(r.mode === 'check' ? 'read' : 'check')}
        >
          Check back
        </button>
      )}
      {r.on !== 'ground' && (
        <button
          type="button"
          aria-pressed={r.mode === 'second'}
          onClick={() => r.setMode(r.mode === 'second' ? 'read' : 'second', true)}
        >
          Second reading
        </button>
      )}
      {(embedded || hasSpots) && (
        <button type="button" aria-pressed={r.on !== 'foot'} onClick={() => r.setOn(nextOn(r.on, embedded, hasSpots))}>
          {rodWords(r.on, embedded)}
        </button>
      )}
      <SayAloud />
    </div>
  )
}

/** Whether the phone says the numbers aloud. */
function SayAloud() {
  const [on, setOn] = useState(speaks)
  if (!canSpeak()) return null
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={() => {
        setSpeaks(!on)
        setOn(!on)
      }}
    >
      Say it aloud
    </button>
  )
}

/** A practice rod that reads, is bumped or leans: in a practice copy only. */
export function PracticeRod({ r }: { readonly r: Reading }) {
  const [rod, setRod] = useState<Rod | null>(null)
  const seed = useRef(7)
  const enter = (inches: number) => {
    const entry: Entry = { whole: Math.floor(inches), sixteenths: Math.round((inches % 1) * 16) }
    r.setEntry(entry)
    r.setAround(Math.floor(inches))
  }
  const made = (leanDeg: number) => simulatedRod({ seed: ++seed.current, heightIn: 52, leanDeg })
  const read = (leanDeg = 0) => {
    // A leaning rod is a rod of its own: it reads too much once and is held plumb again.
    const held = leanDeg ? made(leanDeg) : (rod ?? made(0))
    if (!leanDeg) setRod(held)
    enter(held.read(((r.order.indexOf(r.target) * 37) % 9) / 4))
  }
  return (
    <div className="acts small">
      <button type="button" onClick={() => read()}>
        Practice rod
      </button>
      {rod && (
        <>
          <button
            type="button"
            onClick={() => {
              rod.bump(2.25)
              read()
            }}
          >
            Practice a bump
          </button>
          <button type="button" onClick={() => read(9)}>
            Practice a leaning rod
          </button>
        </>
      )}
    </div>
  )
}
