'use client'
import type { Dispatch, SetStateAction } from 'react'
import type { Levels, Said } from '@/core/field'
import type { Rod } from '@/devices/rod'
import { Measure } from '@/ui'
import type { Entry } from './Keypad'
import { EMPTY, nextOn, rodWords } from './readings'

/** A practice rod that is bumped or leans. */
export function PracticeRod({ rod, practice }: { readonly rod: Rod; readonly practice: (lean?: number) => void }) {
  return (
    <div className="acts small">
      <button
        type="button"
        onClick={() => {
          rod.bump(2.25)
          practice()
        }}
      >
        Practice a bump
      </button>
      <button type="button" onClick={() => practice(9)}>
        Practice a leaning rod
      </button>
    </div>
  )
}

/** New set-up, checking back, what the rod stands on. */
export function ReadModes({
  setMode,
  setup,
  mode,
  setEntry,
  setAround,
  embedded,
  spots,
  on,
  setOn,
  setPicked,
  practice,
}: {
  readonly setMode: Dispatch<SetStateAction<'setup' | 'check' | 'read'>>
  readonly setup: Said<'setup'>
  readonly mode: 'check' | 'read'
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
  readonly embedded: boolean
  readonly spots: string[]
  readonly on: 'foot' | 'footing' | 'ground'
  readonly setOn: Dispatch<SetStateAction<'foot' | 'footing' | 'ground'>>
  readonly setPicked: Dispatch<SetStateAction<string | null>>
  readonly practice: (lean?: number) => void
}) {
  return (
    <div className="acts small">
      <button type="button" onClick={() => setMode('setup')}>
        New set-up
      </button>
      {setup.body.benchmarkIn !== null && (
        <button
          type="button"
          aria-pressed={mode === 'check'}
          onClick={() => {
            setMode(mode === 'check' ? 'read' : 'check')
            setEntry(EMPTY)
            setAround(Math.round(setup.body.benchmarkIn ?? 52))
          }}
        >
          Check back
        </button>
      )}
      {(embedded || spots.length > 0) && (
        <button
          type="button"
          aria-pressed={on !== 'foot'}
          onClick={() => {
            setOn(nextOn(on, embedded, spots.length > 0))
            setPicked(null)
            setEntry(EMPTY)
            setAround(null)
          }}
        >
          {rodWords(on, embedded)}
        </button>
      )}
      <button type="button" onClick={() => practice()}>
        Practice rod
      </button>
    </div>
  )
}

/** The reading that was just kept, with a way back. */
export function KeptReading({
  lastRead,
  nameOf,
  undo,
  setPicked,
  setLast,
}: {
  readonly lastRead: Said<'reading'>
  readonly nameOf: (target: string) => string
  readonly undo: (id: string) => void
  readonly setPicked: Dispatch<SetStateAction<string | null>>
  readonly setLast: Dispatch<SetStateAction<string | null>>
}) {
  return (
    <div className="fok" role="status">
      {nameOf(lastRead.body.target)} kept:{' '}
      <b>
        <Measure inches={lastRead.body.inches} feet={false} />
      </b>
      <button
        type="button"
        onClick={() => {
          undo(lastRead.id)
          setPicked(lastRead.body.target)
          setLast(null)
        }}
      >
        Undo
      </button>
    </div>
  )
}

/** What the neighbors read. */
export function Neighbors({
  near,
  nameOf,
  i,
  here,
}: {
  readonly near: string[]
  readonly nameOf: (target: string) => string
  readonly i: number
  readonly here: (id: string) => number | null
}) {
  return (
    <div className="besides">
      {near.map((id, k) => (
        <div key={id}>
          <span>
            {nameOf(id)}, {k === 0 && i > 0 ? 'before' : 'after'}
          </span>
          <b>{here(id) === null ? 'not read' : <Measure inches={here(id) ?? 0} feet={false} />}</b>
        </div>
      ))}
    </div>
  )
}

/** The row's posts, the target among them. */
export function RowChips({
  row,
  nameOf,
  i,
  here,
  odd,
  target,
  setPicked,
  setEntry,
  setAround,
}: {
  readonly row: readonly string[]
  readonly nameOf: (target: string) => string
  readonly i: number
  readonly here: (id: string) => number | null
  readonly odd: (id: string) => boolean
  readonly target: string
  readonly setPicked: Dispatch<SetStateAction<string | null>>
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
}) {
  return (
    <div className="chips" role="group" aria-label="Posts">
      {row.slice(Math.max(0, i - 2), i + 4).map((id) => {
        const readSign = () => {
          if (here(id) === null) return '○'
          if (odd(id)) return 'again'
          return '✓'
        }
        return (
          <button
            key={id}
            type="button"
            aria-pressed={id === target}
            className={odd(id) ? 'odd' : ''}
            onClick={() => {
              setPicked(id)
              setEntry(EMPTY)
              setAround(null)
            }}
          >
            {nameOf(id)}
            <small>{readSign()}</small>
          </button>
        )
      })}
    </div>
  )
}

export interface SetUpNoteOf {
  readonly setup: Said<'setup'>
  readonly levels: Levels
  readonly number: number
}

export function SetUpNote({ setup, levels, number }: SetUpNoteOf) {
  const level = levels.setups.find((each) => each.setup === setup.body.setup)
  return (
    <p className="fnote">
      Set-up {number}
      {setup.body.place ? `, ${setup.body.place}` : ''}: {level?.count ?? 0} readings
      {level?.state === 'closed' ? ', closed' : ''}. Hold the rod plumb: a leaning rod reads too much.
    </p>
  )
}
