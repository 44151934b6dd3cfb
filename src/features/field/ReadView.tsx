'use client'
import { TriangleAlert } from 'lucide-react'
import { type Dispatch, type SetStateAction, useMemo, useRef, useState } from 'react'
import { gapsInSequence, ROD_MOST_IN, type Said } from '@/core/field'
import { OFF_PLAN_IN, SECOND_LOOK_IN } from '@/core/marks'
import { formatLength } from '@/core/units'
import { OFF } from '@/formats/words'
import { simulatedRod, type Rod } from '@/devices/rod'
import { Measure } from '@/ui'
import { Big } from './Big'
import type { FieldPage } from './page'
import { entryIn, Keypad, type Entry } from './Keypad'
import { useLog, useMeasured } from './useField'

const EMPTY: Entry = { whole: null, sixteenths: null }
const say = (inches: number) => formatLength(inches, { feet: false })

/** Starting a set-up: where the laser stands, and what the rod reads on the benchmark if there is one. */
function SetUp({ onStart }: { readonly onStart: (place: string, benchmarkIn: number | null) => void }) {
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
          placeholder="south-east corner"
          onChange={(event) => setPlace(event.target.value.slice(0, 80))}
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

/** A practice rod that is bumped or leans. */
function PracticeRod({ rod, practise }: { readonly rod: Rod; readonly practise: (lean?: number) => void }) {
  return (
    <div className="acts small">
      <button
        type="button"
        onClick={() => {
          rod.bump(2.25)
          practise()
        }}
      >
        Practise a bump
      </button>
      <button type="button" onClick={() => practise(9)}>
        Practise a leaning rod
      </button>
    </div>
  )
}

/** New set-up, checking back, what the rod stands on. */
function ReadModes({
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
  targetWords,
  practise,
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
  readonly targetWords: () => 'Rod on the pad' | 'Rod on the ground' | 'Rod on the stake' | 'Rod on the bracket'
  readonly practise: (lean?: number) => void
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
            const nextTarget = () => {
              if (on === 'foot') {
                if (embedded) return 'footing'
                return 'ground'
              }
              if (on === 'footing' && spots.length > 0) return 'ground'
              return 'foot'
            }
            setOn(nextTarget())
            setPicked(null)
            setEntry(EMPTY)
            setAround(null)
          }}
        >
          {targetWords()}
        </button>
      )}
      <button type="button" onClick={() => practise()}>
        Practice rod
      </button>
    </div>
  )
}

/** The reading that was just kept, with a way back. */
function KeptReading({
  lastRead,
  undo,
  setPicked,
  setLast,
}: {
  readonly lastRead: Said<'reading'>
  readonly undo: (id: string) => void
  readonly setPicked: Dispatch<SetStateAction<string | null>>
  readonly setLast: Dispatch<SetStateAction<string | null>>
}) {
  return (
    <div className="fok" role="status">
      {lastRead.body.target.replace('spot-', '')} kept:{' '}
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

/** A reading far from its neighbours or the plan. */
function SecondLook({
  target,
  by,
  offPlan,
  off,
  setEntry,
}: {
  readonly target: string
  readonly by: 'neighbours' | 'plan'
  readonly offPlan: number
  readonly off: number
  readonly setEntry: Dispatch<SetStateAction<Entry>>
}) {
  return (
    <div className="fwarn" role="alert">
      <TriangleAlert size={26} />
      <div>
        <b>
          {target} is <Measure inches={Math.abs(by === 'plan' ? offPlan : off)} feet={false} /> off {OFF[by].from}
        </b>
        <p>{OFF[by].over} is worth a second look.</p>
        <button type="button" className="main" onClick={() => setEntry(EMPTY)}>
          Read again
        </button>
      </div>
    </div>
  )
}

/** What the neighbours read. */
function Neighbours({
  near,
  i,
  here,
}: {
  readonly near: string[]
  readonly i: number
  readonly here: (id: string) => number | null
}) {
  return (
    <div className="besides">
      {near.map((id, k) => (
        <div key={id}>
          <span>
            {id}, {k === 0 && i > 0 ? 'before' : 'after'}
          </span>
          <b>{here(id) === null ? 'not read' : <Measure inches={here(id) ?? 0} feet={false} />}</b>
        </div>
      ))}
    </div>
  )
}

/** The row's posts, the target among them. */
function RowChips({
  row,
  i,
  here,
  odd,
  target,
  setPicked,
  setEntry,
  setAround,
}: {
  readonly row: readonly string[]
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
            {id.replace('spot-', '')}
            <small>{readSign()}</small>
          </button>
        )
      })}
    </div>
  )
}

/** One rod reading a screen: the post, the reading large, its neighbours beside it, keys under the thumb. */
export function ReadView({ job, derived }: FieldPage) {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const { rods, rows } = useMeasured(job, derived)
  const [on, setOn] = useState<'foot' | 'footing' | 'ground'>('foot')
  const spots = useMemo(() => job.ground.spots.map((spot) => `spot-${spot.id}`), [job])
  const order = useMemo(() => (on === 'ground' ? spots : [...new Set(rows.flat())]), [rows, on, spots])
  const setup = state.setups.at(-1)
  const shift = levels.setups.find((levels) => levels.setup === setup?.body.setup)?.shiftIn ?? 0
  const [picked, setPicked] = useState<string | null>(null)
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [aroundAt, setAround] = useState<number | null>(null)
  const [mode, setMode] = useState<'read' | 'setup' | 'check'>('read')
  const [last, setLast] = useState<Said<'reading'>['id'] | null>(null)
  const [rod, setRod] = useState<Rod | null>(null)
  const embedded = job.building.school !== 'pier'
  const kindOf = (id: string) => derived.posts.find((post) => post.id === id)?.kind
  const read = (id: string): boolean => {
    if (on === 'foot') return id in rods.offsets
    if (on === 'footing') return id in levels.footings
    return id in levels.grounds
  }
  const seed = useRef(7)
  if (!setup || mode === 'setup')
    return (
      <SetUp
        onStart={(place, benchmarkIn) => {
          add({ kind: 'setup', setup: `s${state.setups.length + 1}-${Date.now().toString(36)}`, place, benchmarkIn })
          setMode('read')
          setEntry(EMPTY)
          setLast(null)
        }}
      />
    )

  const target = picked ?? order.find((id) => !read(id)) ?? order[0]
  const row = rows.find((row) => row.includes(target)) ?? order
  const i = row.indexOf(target)
  const near = [row[i - 1], row[i + 1]].filter((text): text is string => text !== undefined)
  // Readings are shown as this set-up would read them.
  const here = (id: string): number | null =>
    !read(id)
      ? null
      : (on === 'foot'
          ? rods.offsets[id].readingIn
          : (on === 'footing' ? levels.footings : levels.grounds)[id].inches) - shift
  const odd = (id: string): boolean => on === 'foot' && (rods.offsets[id]?.suspect ?? false)
  // Pads of different kinds of post lie at different depths: only like ones are compared.
  const known = near.flatMap((id) => {
    const reading = here(id)
    return reading === null || on === 'ground' || (on === 'footing' && kindOf(id) !== kindOf(target)) ? [] : [reading]
  })
  const expected = known.length ? known.reduce((sum, value) => sum + value, 0) / known.length : null
  const value = entryIn(entry)
  const off = value !== null && entry.sixteenths !== null && expected !== null && mode === 'read' ? value - expected : 0
  // The plan knows where brackets and ground lie, once some readings have fitted it: worth a look where there are no
  // neighbours yet.
  const offPlan =
    value !== null && entry.sixteenths !== null && mode === 'read' && on === 'foot' && target in rods.planReadsIn
      ? value - (rods.planReadsIn[target] - shift)
      : 0
  const doubtfulBy = () => {
    if (Math.abs(off) > SECOND_LOOK_IN) return 'neighbours'
    if (Math.abs(offPlan) > OFF_PLAN_IN) return 'plan'
    return null
  }
  const by = doubtfulBy()
  const suspect = by !== null
  const newest = state.readings.filter((reading) => reading.body.setup === setup.body.setup).at(-1)
  const around =
    aroundAt ??
    Math.round(
      expected ??
        (on === 'footing' && rods.gradeReadingIn !== null
          ? rods.gradeReadingIn - shift + (derived.holes.find((hole) => hole.kind === kindOf(target))?.embedIn ?? 0)
          : newest?.body.inches) ??
        setup.body.benchmarkIn ??
        52,
    )
  const keep = () => {
    if (value === null) return
    if (mode === 'check') {
      add({ kind: 'check', setup: setup.body.setup, benchmarkIn: value })
      setMode('read')
      setEntry(EMPTY)
      return
    }
    setLast(add({ kind: 'reading', setup: setup.body.setup, target, of: on, inches: value }).id)
    setEntry(EMPTY)
    setAround(null)
    setPicked(order.slice(order.indexOf(target) + 1).find((id) => !read(id)) ?? null)
  }
  const practise = (lean = 0) => {
    // A leaning rod is a rod of its own: it reads too much once and is held plumb again.
    const practice = lean
      ? simulatedRod({ seed: ++seed.current, heightIn: 52, leanDeg: lean })
      : (rod ?? simulatedRod({ seed: ++seed.current, heightIn: 52 }))
    if (!lean) setRod(practice)
    const reading = practice.read(((order.indexOf(target) * 37) % 9) / 4)
    setEntry({ whole: Math.floor(reading), sixteenths: Math.round((reading % 1) * 16) })
  }
  const lastRead = state.readings.find((reading) => reading.id === last)
  const skipped = gapsInSequence(rows, levels)
  const targetWords = () => {
    if (on === 'footing') return 'Rod on the pad'
    if (on === 'ground') return 'Rod on the ground'
    if (embedded) return 'Rod on the stake'
    return 'Rod on the bracket'
  }
  const keepWords = () => {
    if (value === null) return 'Tap the inches'
    if (suspect) return `Keep ${say(value)} anyway`
    if (mode === 'check') return `Benchmark reads ${say(value)}`
    return `Keep ${say(value)}`
  }
  const emptyWords = () => {
    if (mode === 'check') return 'benchmark'
    if (here(target) !== null) return `was ${say(here(target) ?? 0)}`
    return target.replace('spot-', '')
  }
  return (
    <>
      <RowChips
        row={row}
        i={i}
        here={here}
        odd={odd}
        target={target}
        setPicked={setPicked}
        setEntry={setEntry}
        setAround={setAround}
      />
      <div className="readout">
        <Big inches={value} empty={emptyWords()} />
        <Neighbours near={near} i={i} here={here} />
      </div>
      {by && <SecondLook target={target} by={by} offPlan={offPlan} off={off} setEntry={setEntry} />}
      {!suspect && lastRead && value === null && (
        <KeptReading lastRead={lastRead} undo={undo} setPicked={setPicked} setLast={setLast} />
      )}
      {!suspect && value === null && skipped.length > 0 && (
        <p className="fnote">Passed over: {skipped.slice(0, 6).join(', ')}.</p>
      )}
      <Keypad entry={entry} around={around} most={ROD_MOST_IN} onEntry={setEntry} onAround={setAround} />
      <div className="acts">
        <button type="button" className="quiet" onClick={() => setEntry(EMPTY)}>
          Clear
        </button>
        <button type="button" className={suspect ? 'quiet grow' : 'main'} disabled={value === null} onClick={keep}>
          {keepWords()}
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
        targetWords={targetWords}
        practise={practise}
      />
      {rod && <PracticeRod rod={rod} practise={practise} />}
      <p className="fnote">
        Set-up {state.setups.length}
        {setup.body.place ? `, ${setup.body.place}` : ''}:{' '}
        {levels.setups.find((levels) => levels.setup === setup.body.setup)?.count ?? 0} readings
        {levels.setups.find((levels) => levels.setup === setup.body.setup)?.state === 'closed' ? ', closed' : ''}. Hold
        the rod plumb: a leaning rod reads too much.
      </p>
    </>
  )
}
