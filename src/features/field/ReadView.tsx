'use client'
import { inchesAlone } from '@/core/units'
import { gapsInSequence, type Levels, ROD_MOST_IN, type Said, spotTarget } from '@/core/field'
import type { RodLog } from '@/core/marks'
import { type Rod, simulatedRod } from '@/devices/rod'
import { OFF, targetName } from '@/formats/words'
import { Measure } from '@/ui'
import { TriangleAlert } from 'lucide-react'
import { useMemo, useRef, useState } from 'react'
import type { Post } from '@/core/layout'
import { Big } from './Big'
import { type Entry, entryIn, Keypad } from './Keypad'
import type { FieldPage } from './page'
import { doubtOf, EMPTY, expectedIn, placesOf, type RodOn } from './readings'
import { KeptReading, Neighbors, PracticeRod, ReadModes, RowChips, SetUpNote } from './ReadParts'
import { SetUp } from './StartSetUp'
import { useLog, useMeasured } from './useField'
import { numberOf, useOwnSetup } from './useSetup'
import { newId } from '@/formats/ids'

/** A reading far from its neighbors or the plan. */
function SecondLook({
  name,
  doubt,
  setEntry,
}: {
  readonly name: string
  readonly doubt: NonNullable<ReturnType<typeof doubtOf>>
  readonly setEntry: (entry: Entry) => void
}) {
  return (
    <div className="fwarn" role="alert">
      <TriangleAlert size={26} />
      <div>
        <b>
          {name} is <Measure inches={Math.abs(doubt.offIn)} feet={false} /> off {OFF[doubt.by].from}
        </b>
        <p>{OFF[doubt.by].over} is worth a second look.</p>
        <button type="button" className="main" onClick={() => setEntry(EMPTY)}>
          Read again
        </button>
      </div>
    </div>
  )
}

/** Where the keypad opens: what is expected, else the pad's plan, else the newest reading or the benchmark. */
function aroundOf({
  expected,
  padIn,
  newestIn,
  benchmarkIn,
}: {
  readonly expected: number | null
  readonly padIn: number | null
  readonly newestIn: number | undefined
  readonly benchmarkIn: number | null
}): number {
  return Math.round(expected ?? padIn ?? newestIn ?? benchmarkIn ?? 52)
}

/** What the rod should read on the pad of a post by the plan; null while no grade line is known. */
function padReadingIn({ derived, kind, rods, shiftIn }: PadOf): number | null {
  if (rods.gradeReadingIn === null) return null
  return rods.gradeReadingIn - shiftIn + (derived.holes.find((hole) => hole.kind === kind)?.embedIn ?? 0)
}

interface PadOf {
  readonly derived: FieldPage['derived']
  readonly kind: Post['kind'] | undefined
  readonly rods: RodLog
  readonly shiftIn: number
}

/** A practice rod that can be bumped or held out of plumb, and the reading it gives. */
function usePracticeRod(onRead: (entry: Entry) => void) {
  const [rod, setRod] = useState<Rod | null>(null)
  const seed = useRef(7)
  const practice = (place: number, leanDeg = 0) => {
    // A leaning rod is a rod of its own: it reads too much once and is held plumb again.
    const fresh = () => simulatedRod({ seed: ++seed.current, heightIn: 52, leanDeg })
    const practice = leanDeg ? fresh() : (rod ?? fresh())
    if (!leanDeg) setRod(practice)
    const reading = practice.read(((place * 37) % 9) / 4)
    onRead({ whole: Math.floor(reading), sixteenths: Math.round((reading % 1) * 16) })
  }
  return { rod, practice }
}

/** What the key says that keeps the reading. */
function keepWords(value: number | null, doubted: boolean, mode: 'read' | 'setup' | 'check'): string {
  if (value === null) return 'Tap the inches'
  if (doubted) return `Keep ${inchesAlone(value)} anyway`
  return mode === 'check' ? `Benchmark reads ${inchesAlone(value)}` : `Keep ${inchesAlone(value)}`
}

/** What the screen looks at: the target, its row and neighbors, what is expected there, where the keypad opens. */
function lookAt({
  derived,
  on,
  setup,
  levels,
  rods,
  rows,
  order,
  picked,
  readings,
}: {
  readonly derived: FieldPage['derived']
  readonly on: RodOn
  readonly setup: Said<'setup'>
  readonly levels: Levels
  readonly rods: RodLog
  readonly rows: readonly (readonly string[])[]
  readonly order: readonly string[]
  readonly picked: string | null
  readonly readings: readonly Said<'reading'>[]
}) {
  const shiftIn = levels.setups.find((each) => each.setup === setup.body.setup)?.shiftIn ?? 0
  const places = placesOf(on, rods, levels, shiftIn)
  const kindOf = (id: string) => derived.posts.find((post) => post.id === id)?.kind
  const target = picked ?? order.find((id) => !places.read(id)) ?? order[0]
  const row = rows.find((each) => each.includes(target)) ?? order
  const i = row.indexOf(target)
  const near = [row[i - 1], row[i + 1]].filter((id): id is string => id !== undefined)
  // Pads of different kinds of post lie at different depths: only like ones are compared. Ground is as it is.
  const alike = (id: string) => on === 'foot' || (on === 'footing' && kindOf(id) === kindOf(target))
  const expected = expectedIn(near.filter(alike).flatMap((id) => places.here(id) ?? []))
  const around = aroundOf({
    expected,
    padIn: on === 'footing' ? padReadingIn({ derived, kind: kindOf(target), rods, shiftIn }) : null,
    newestIn: readings.filter((reading) => reading.body.setup === setup.body.setup).at(-1)?.body.inches,
    benchmarkIn: setup.body.benchmarkIn,
  })
  const planIn = on === 'foot' && target in rods.planReadsIn ? rods.planReadsIn[target] - shiftIn : null
  return { ...places, target, row, near, expected, planIn, around }
}

/** One rod reading a screen: the post, the reading large, its neighbors beside it, keys under the thumb. */
export function ReadView({ job, derived }: FieldPage) {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const { rods, rows } = useMeasured(job, derived)
  const [on, setOn] = useState<RodOn>('foot')
  const spots = useMemo(() => job.ground.spots.map((spot) => spotTarget(spot.id)), [job])
  const order = useMemo(() => (on === 'ground' ? spots : [...new Set(rows.flat())]), [rows, on, spots])
  const [picked, setPicked] = useState<string | null>(null)
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [aroundAt, setAround] = useState<number | null>(null)
  const [mode, setMode] = useState<'read' | 'setup' | 'check'>('read')
  const [last, setLast] = useState<Said<'reading'>['id'] | null>(null)
  const { rod, practice } = usePracticeRod(setEntry)
  const setup = useOwnSetup()
  const setSetup = useLog((log) => log.setSetup)
  if (!setup || mode === 'setup')
    return (
      <SetUp
        standing={state.setups.filter((each) => each.body.setup !== setup?.body.setup)}
        onStart={(place, benchmarkIn) => {
          const key = `s${state.setups.length + 1}-${newId(8)}`
          add({ kind: 'setup', setup: key, place, benchmarkIn })
          setSetup(key)
          setMode('read')
          setEntry(EMPTY)
          setLast(null)
        }}
        onJoin={(key) => {
          setSetup(key)
          setMode('read')
          setEntry(EMPTY)
          setLast(null)
        }}
      />
    )

  const embedded = job.building.school !== 'pier'
  const seen = lookAt({ derived, on, setup, levels, rods, rows, order, picked, readings: state.readings })
  const { read, here, odd, target, row, near, expected, planIn, around } = seen
  const i = row.indexOf(target)
  const value = entryIn(entry)
  const whole = value !== null && entry.sixteenths !== null && mode === 'read'
  const doubt = whole ? doubtOf(value, expected, planIn) : null
  const keep = () => {
    if (value === null) return
    setEntry(EMPTY)
    if (mode === 'check') {
      add({ kind: 'check', setup: setup.body.setup, benchmarkIn: value })
      setMode('read')
      return
    }
    setLast(add({ kind: 'reading', setup: setup.body.setup, target, of: on, inches: value }).id)
    setAround(null)
    setPicked(order.slice(order.indexOf(target) + 1).find((id) => !read(id)) ?? null)
  }
  const lastRead = state.readings.find((reading) => reading.id === last)
  const skipped = gapsInSequence(rows, levels)
  const nameOf = (target: string) => targetName(target, derived.names)
  const practiceHere = (leanDeg?: number) => practice(order.indexOf(target), leanDeg)
  const idle = doubt === null && value === null
  return (
    <>
      <RowChips
        row={row}
        nameOf={nameOf}
        i={i}
        here={here}
        odd={odd}
        target={target}
        setPicked={setPicked}
        setEntry={setEntry}
        setAround={setAround}
      />
      <div className="readout">
        <Big inches={value} empty={emptyWords(nameOf(target), here(target), mode)} />
        <Neighbors near={near} nameOf={nameOf} i={i} here={here} />
      </div>
      {doubt && <SecondLook name={nameOf(target)} doubt={doubt} setEntry={setEntry} />}
      {idle && lastRead && (
        <KeptReading lastRead={lastRead} nameOf={nameOf} undo={undo} setPicked={setPicked} setLast={setLast} />
      )}
      {idle && skipped.length > 0 && (
        <p className="fnote">Passed over: {skipped.slice(0, 6).map(nameOf).join(', ')}.</p>
      )}
      <Keypad entry={entry} around={aroundAt ?? around} most={ROD_MOST_IN} onEntry={setEntry} onAround={setAround} />
      <div className="acts">
        <button type="button" className="quiet" onClick={() => setEntry(EMPTY)}>
          Clear
        </button>
        <button type="button" className={doubt ? 'quiet grow' : 'main'} disabled={value === null} onClick={keep}>
          {keepWords(value, doubt !== null, mode)}
        </button>
      </div>
      <ReadModes
        setMode={setMode}
        setup={setup}
        mode={mode}
        setEntry={setEntry}
        setAround={setAround}
        embedded={embedded}
        spots={spots}
        on={on}
        setOn={setOn}
        setPicked={setPicked}
        practice={practiceHere}
      />
      {rod && <PracticeRod rod={rod} practice={practiceHere} />}
      <SetUpNote setup={setup} levels={levels} number={numberOf(state.setups, setup)} />
    </>
  )
}

/** What stands in the readout before a reading is tapped. */
function emptyWords(name: string, hereIn: number | null, mode: 'read' | 'setup' | 'check'): string {
  if (mode === 'check') return 'benchmark'
  return hereIn === null ? name : `was ${inchesAlone(hereIn)}`
}
