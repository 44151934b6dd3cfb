'use client'
import { type Dispatch, type SetStateAction, useState } from 'react'
import {
  FOUND,
  judgeHole,
  ROD_MOST_IN,
  reached,
  type Found,
  type CureClock,
  type HoleNeed,
  type Said,
  type SetupLevels,
  type HoleVerdict,
  type FieldRecord,
  type FieldState,
  type RecordBody,
} from '@/core/field'
import { DIG_CAUTION } from '@/formats/words'
import { holeNeed } from '@/core/derive'
import { bagsFor } from '@/core/quantities'
import { Measure } from '@/ui'
import { Big } from './Big'
import { cureOf } from './cure'
import type { FieldPage } from './page'
import { entryIn, Keypad, type Entry } from './Keypad'
import { useLog, useMeasured } from './useField'
import type { RodLog } from '@/core/marks'

const NAMES: Readonly<Record<Found, string>> = {
  nothing: 'Good ground',
  rock: 'Rock',
  root: 'Root',
  water: 'Water',
  soft: 'Soft',
  frost: 'Frozen',
  clay: 'Clay',
}

/** Rod or tape, and the way to the post's card. */
function HoleActions({
  rod,
  setup,
  rods,
  setRod,
  setEntry,
  setAround,
  go,
  post,
}: {
  readonly rod: boolean
  readonly setup: SetupLevels | undefined
  readonly rods: RodLog
  readonly setRod: Dispatch<SetStateAction<boolean>>
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
  readonly go: (path: readonly string[]) => void
  readonly post: string
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
        Card of {post}
      </button>
    </div>
  )
}

/** How far the concrete has cured. */
function CureNote({ cure }: { readonly cure: CureClock }) {
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
          . Practice weather.
        </p>
        {cure.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </div>
    </div>
  )
}

/** What the hole as dug means. */
function VerdictNote({
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
        {verdict.cures.map((cure) => (
          <p key={cure}>
            {cure[0].toUpperCase()}
            {cure.slice(1)}.
          </p>
        ))}
      </div>
      {log && (
        <button type="button" onClick={() => undo(log.id)}>
          Undo
        </button>
      )}
    </div>
  )
}

/** How deep the rod's reading says the hole is. */
function RodDepth({ absurd, deep }: { readonly absurd: boolean; readonly deep: number | null }) {
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
function HolePlan({
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
        <span>{bagLb} lb bags</span>
        <b>{each}</b>
      </div>
    </div>
  )
}

/** What was measured of a hole: a tape's depth, or a rod's reading with its set-up. */
interface MeasuredHole {
  readonly depthIn: number | null
  readonly setup: string | null
  readonly bottomReadingIn: number | null
}
const measuredOf = (log: Said<'hole'> | undefined): MeasuredHole => ({
  depthIn: log?.body.depthIn ?? null,
  setup: log?.body.setup ?? null,
  bottomReadingIn: log?.body.bottomReadingIn ?? null,
})

/** The rod in the set-up at work, and what its reading lies off the depth from the string; null where it cannot say. */
const rodOf = (setup: SetupLevels | undefined, gradeReadingIn: number | null) =>
  setup === undefined || setup.shiftIn === null || gradeReadingIn === null
    ? null
    : { setup: setup.setup, offIn: setup.shiftIn - gradeReadingIn }

function keepWords(typed: boolean, byRod: boolean): string {
  const what = byRod ? 'reading' : 'depth'
  return typed ? `Keep this ${what}` : `Tap the ${what}`
}

/** Pouring now, and taking it back. */
function PourActions({
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
        Poured now, {each} bags
      </button>
      {poured && (
        <button type="button" className="quiet" onClick={() => undo(poured.id)}>
          Undo
        </button>
      )}
    </div>
  )
}

/** Deeper than any hole that is dug by hand or auger: misread, inches. */
const DEEPEST_IN = 240

function ReadIn({ place, number }: { readonly place: string; readonly number: number }) {
  return (
    <p className="fnote">
      Read in set-up {number}
      {place ? `, ${place}` : ''}: start a new one under Readings if the laser has moved.
    </p>
  )
}

/** What is planned, said and known of one hole. */
function lookAt({
  job,
  derived,
  state,
  post,
  kept,
  now,
}: Pick<FieldPage, 'job' | 'derived'> & {
  readonly state: FieldState
  readonly post: string
  readonly kept: number | null
  readonly now: string
}) {
  const need = holeNeed(derived, job, post)
  const log = state.holes[post] as Said<'hole'> | undefined
  const poured = state.pours[post]?.at(-1)
  const hole = derived.holes.find((each) => each.postIds.includes(post))
  return {
    need,
    log,
    poured,
    verdict: log && need ? judgeHole(need, log, kept) : null,
    cure: poured ? cureOf(job, poured.body.poured, now) : null,
    each: hole ? bagsFor(hole.volumes.concreteFt3, job.fieldwork.concrete.bagLb) : 0,
  }
}

function KeepKeys({
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
    <div className="acts">
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
function FoundKeys({
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
          {NAMES[each]}
        </button>
      ))}
    </div>
  )
}

/** One hole: how deep, what was found, does it hold, what went in, and what it may carry by now. */
export function HoleView({ job, derived, rest, go }: FieldPage) {
  const post = derived.posts.some((post) => post.id === rest[1]) ? rest[1] : derived.posts[0].id
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [entry, setEntry] = useState<Entry>({ whole: null, sixteenths: null })
  const [around, setAround] = useState<number | null>(null)
  const [now] = useState(() => new Date().toISOString())
  const { rods, dugIn } = useMeasured(job, derived)
  const levels = useLog((log) => log.levels)
  const [rod, setRod] = useState(false)
  const setup = levels.setups.at(-1)
  const byRod = rod ? rodOf(setup, rods.gradeReadingIn) : null
  const depth = entryIn(entry)
  const kept = dugIn[post] ?? null
  const { need, log, verdict, poured, cure, each } = lookAt({ job, derived, state, post, kept, now })
  const { bagLb } = job.fieldwork.concrete
  /** What was measured stays as it was said: a tape's depth, or a rod's reading with its set-up. */
  const put = (found: Found, measured: MeasuredHole) =>
    add({ kind: 'hole', post, ...measured, found, note: log?.body.note ?? '' })
  const deep = depth !== null && byRod ? depth + byRod.offIn : depth
  const absurd = deep !== null && (deep <= 0 || deep > DEEPEST_IN)
  const keep = () => {
    const found = log?.body.found ?? 'nothing'
    if (byRod) put(found, { depthIn: null, setup: byRod.setup, bottomReadingIn: depth })
    else put(found, { depthIn: depth, setup: null, bottomReadingIn: null })
    if (!reached(state.states[post], 'hole dug')) add({ kind: 'state', post, state: 'hole dug' })
    setEntry({ whole: null, sixteenths: null })
  }
  return (
    <>
      {need && <HolePlan need={need} bagLb={bagLb} each={each} />}
      <Big inches={depth ?? kept} empty={byRod ? 'rod reads?' : 'how deep?'} words={depth !== null} />
      {byRod && depth !== null && <RodDepth absurd={absurd} deep={deep} />}
      {verdict && log && depth === null && <VerdictNote verdict={verdict} log={log} undo={undo} />}
      <Keypad
        entry={entry}
        around={around ?? Math.round((need?.depthIn ?? 48) - (byRod?.offIn ?? 0))}
        most={byRod ? ROD_MOST_IN : 144}
        onEntry={setEntry}
        onAround={setAround}
      />
      <KeepKeys
        disabled={depth === null || absurd}
        words={keepWords(depth !== null, byRod !== null)}
        onClear={() => setEntry({ whole: null, sixteenths: null })}
        onKeep={keep}
      />
      <FoundKeys found={log?.body.found} onFound={(found) => put(found, measuredOf(log))} />
      <PourActions add={add} post={post} each={each} bagLb={bagLb} state={state} poured={poured} undo={undo} />
      {cure && <CureNote cure={cure} />}
      <div className="caution">
        {DIG_CAUTION} Never pour on frozen ground. Measure from the string, not from the lumps.
      </div>
      <HoleActions
        rod={rod}
        setup={setup}
        rods={rods}
        setRod={setRod}
        setEntry={setEntry}
        setAround={setAround}
        go={go}
        post={post}
      />
      {rod && setup && <ReadIn place={setup.place} number={levels.setups.length} />}
    </>
  )
}
