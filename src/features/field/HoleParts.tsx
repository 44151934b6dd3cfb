'use client'
import { stated } from '@/core/units'
import {
  type CureClock,
  type FieldRecord,
  type FieldState,
  FOUND,
  type Found,
  type HoleNeed,
  type HoleVerdict,
  reached,
  type RecordBody,
  type Said,
  type SetupLevels,
} from '@/core/field'
import type { RodLog } from '@/core/marks'
import { FOUND_WORDS } from '@/formats/words'
import { Measure } from '@/ui'
import type { Dispatch, SetStateAction } from 'react'
import type { Entry } from './Keypad'

/** Rod or tape, and the way to the post's card. */
export function HoleActions({
  rod,
  setup,
  rods,
  setRod,
  setEntry,
  setAround,
  go,
  post,
  name,
}: {
  readonly rod: boolean
  readonly setup: SetupLevels | undefined
  readonly rods: RodLog
  readonly setRod: Dispatch<SetStateAction<boolean>>
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
  readonly go: (path: readonly string[]) => void
  readonly post: string
  readonly name: string
}) {
  return (
    <div className="acts small">
      <button
        type="button"
        aria-pressed={rod}
        disabled={!rod && (setup === undefined || setup.shiftIn === null || rods.gradeReadingIn === null)}
        onClick={() => {
          setRod(!rod)
          window.scrollTo({ top: 0 })
          setEntry({ whole: null, sixteenths: null })
          setAround(null)
        }}
      >
        {rod ? 'Rod on the bottom' : 'Tape from the string'}
      </button>
      <button type="button" onClick={() => go(['post', post])}>
        Card of {name}
      </button>
    </div>
  )
}

/** How far the concrete has cured. */
export function CureNote({ cure, weather }: { readonly cure: CureClock; readonly weather: string }) {
  return (
    <div className="fok" role="status">
      <div>
        <b>{cure.say}</b>
        <p>
          Poured {Math.round(cure.hours)} h ago
          {cure.next
            ? `; ${cure.next.what} in about ` +
              `${Number.isFinite(cure.next.inHours) ? `${Math.ceil(cure.next.inHours)} h` : 'warmer weather'}`
            : ''}
          . {weather}
        </p>
        {cure.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </div>
    </div>
  )
}

/** What the hole as dug means. */
export function VerdictNote({
  verdict,
  log,
  undo,
}: {
  readonly verdict: HoleVerdict
  readonly log: Said<'hole'>
  readonly undo: (id: string) => void
}) {
  return (
    <div className={verdict.state === 'holds' ? 'fok' : 'fwarn'} role={verdict.state === 'holds' ? 'status' : 'alert'}>
      <div>
        <b>{verdict.say}</b>
        {helps(verdict).length > 0 && <p>What helps: under the keys.</p>}
      </div>
      {log && (
        <button type="button" onClick={() => undo(log.id)}>
          Undo
        </button>
      )}
    </div>
  )
}

/** What to do about a hole: what was found in it, and each way to make it hold. */
const helps = ({ note, remedies }: HoleVerdict): readonly string[] => [
  ...(note === null ? [] : [note]),
  ...remedies.map((remedy) => `${remedy[0].toUpperCase()}${remedy.slice(1)}.`),
]

/** The same in full, under the keys: it takes the room that it needs. */
export function HoleHelp({ verdict }: { readonly verdict: HoleVerdict | null }) {
  const all = verdict ? helps(verdict) : []
  if (!all.length) return null
  return (
    <ul className="helps">
      {all.map((help) => (
        <li key={help}>{help}</li>
      ))}
    </ul>
  )
}

/** How deep the rod's reading says the hole is. */
export function RodDepth({ absurd, deep }: { readonly absurd: boolean; readonly deep: number | null }) {
  return (
    <div className={absurd ? 'fwarn' : 'fok'} role={absurd ? 'alert' : 'status'}>
      <div>
        <b>
          {absurd ? (
            `That reading is ${deep !== null && deep <= 0 ? 'above the grade line' : 'over 20 feet down'}: ` +
            'read it again.'
          ) : (
            <>
              So deep from the string: <Measure inches={deep ?? 0} />
            </>
          )}
        </b>
      </div>
    </div>
  )
}

/** The hole as planned. */
export function HolePlan({
  need,
  bagLb,
  each,
}: {
  readonly need: HoleNeed
  readonly bagLb: 60 | 40 | 50 | 80
  readonly each: number
}) {
  return (
    <div className="plan3">
      <div>
        <span>string to bottom</span>
        <b>
          <Measure inches={need.depthIn} />
        </b>
      </div>
      <div>
        <span>across</span>
        <b>
          <Measure inches={need.diameterIn} feet={false} />
        </b>
      </div>
      <div>
        <span>{stated(bagLb, 'weightLb')} bags</span>
        <b>{each}</b>
      </div>
    </div>
  )
}

/** Pouring now, and taking it back. */
export function PourActions({
  add,
  post,
  each,
  bagLb,
  state,
  poured,
  undo,
}: {
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly post: string
  readonly each: number
  readonly bagLb: 40 | 60 | 80 | 50
  readonly state: FieldState
  readonly poured: Said<'pour'> | undefined
  readonly undo: (id: string) => void
}) {
  return (
    <div className="acts">
      <button
        type="button"
        className="quiet grow"
        onClick={() => {
          add({ kind: 'pour', post, bags: each, bagLb, poured: new Date().toISOString() })
          if (!reached(state.states[post], 'footing ready')) add({ kind: 'state', post, state: 'footing ready' })
        }}
      >
        {poured ? 'Poured again' : 'Poured now'}, {each} bags
      </button>
      {poured && (
        <button type="button" className="quiet" onClick={() => undo(poured.id)}>
          Undo
        </button>
      )}
    </div>
  )
}

export function KeepKeys({
  disabled,
  words,
  onClear,
  onKeep,
}: {
  readonly disabled: boolean
  readonly words: string
  readonly onClear: () => void
  readonly onKeep: () => void
}) {
  return (
    <div className="acts keepkeys">
      <button type="button" className="quiet" onClick={onClear}>
        Clear
      </button>
      <button type="button" className="main" disabled={disabled} onClick={onKeep}>
        {words}
      </button>
    </div>
  )
}

/** What was found in the hole: rock, water, roots, or nothing. */
export function FoundKeys({
  found,
  onFound,
}: {
  readonly found: Found | undefined
  readonly onFound: (found: Found) => void
}) {
  return (
    <div className="found" role="group" aria-label="What was found">
      {FOUND.map((each) => (
        <button key={each} type="button" aria-pressed={found === each} onClick={() => onFound(each)}>
          {FOUND_WORDS[each]}
        </button>
      ))}
    </div>
  )
}

export function ReadIn({ place, number }: { readonly place: string; readonly number: number }) {
  return (
    <p className="fnote">
      Read in set-up {number}
      {place ? `, ${place}` : ''}: start a new one under Readings if the laser has moved.
    </p>
  )
}
