'use client'
import { useState } from 'react'
import { ROD_MOST_IN, type Said } from '@/core/field'
import { inchesAlone } from '@/core/units'
import { useAwake } from '@/devices/awake'
import { newId } from '@/formats/ids'
import { Big } from './Big'
import { Keypad } from './Keypad'
import type { FieldPage } from './page'
import { EMPTY } from './readings'
import { Neighbors, PracticeRod, ReadModes, RowChips } from './ReadParts'
import { KeptLine, ReadSlot } from './ReadSlot'
import { SetUp } from './StartSetUp'
import { useLog } from './useField'
import { type Reading, useReading } from './useReading'
import { numberOf, useOwnSetup } from './useSetup'

/** What the key says that keeps the reading. */
function keepWords({ value, doubt, mode }: Reading): string {
  if (value === null) return 'Tap the inches'
  if (mode === 'check') return `Benchmark reads ${inchesAlone(value)}`
  return doubt ? `Keep ${inchesAlone(value)} all the same` : `Keep ${inchesAlone(value)}`
}

/** What stands in the readout before a reading is tapped. A second reading is taken without the first in sight. */
function emptyWords({ target, nameOf, places, mode }: Reading): string {
  if (mode === 'check') return 'benchmark'
  const here = mode === 'second' ? null : places.here(target)
  return here === null ? nameOf(target) : `was ${inchesAlone(here)}`
}

/** Which set-up this is, and what this browser cannot do for whoever reads. */
function SetUpNote({ r, number }: { readonly r: Reading; readonly number: number }) {
  const awake = useAwake()
  const place = r.setup.body.place ? `, ${r.setup.body.place}` : ''
  return (
    <p className="fnote">
      Set-up {number}
      {place}: {r.level?.count ?? 0} readings{r.level?.state === 'closed' ? ', closed' : ''}.
      {awake === 'cannot' && ' This browser lets the screen go dark: set it to stay on.'}
    </p>
  )
}

/** One rod reading a screen: the post, the reading large, what is said of it, and the keys, each in its own place. */
function ReadOne({
  page,
  setup,
  first,
  onSetUp,
}: {
  readonly page: FieldPage
  readonly setup: Said<'setup'>
  readonly first: string | null
  readonly onSetUp: () => void
}) {
  const undo = useLog((log) => log.undo)
  const setups = useLog((log) => log.state.setups)
  const r = useReading(page, setup, first)
  const { job } = page
  return (
    <>
      <div className="readpage">
        <div className="readhead">
          <RowChips r={r} />
          <div className="readout">
            <Big inches={r.value} empty={emptyWords(r)} />
            <Neighbors r={r} />
          </div>
          <KeptLine r={r} undo={undo} />
          <ReadSlot r={r} />
        </div>
        <Keypad entry={r.entry} around={r.around} most={ROD_MOST_IN} onEntry={r.setEntry} onAround={r.setAround} />
        <div className="acts keepkeys">
          <button type="button" className="quiet" onClick={() => r.setEntry(EMPTY)}>
            Clear
          </button>
          <button type="button" className={r.doubt ? 'main odd' : 'main'} disabled={r.value === null} onClick={r.keep}>
            {keepWords(r)}
          </button>
        </div>
      </div>
      <ReadModes r={r} embedded={job.building.school !== 'pier'} onSetUp={onSetUp} />
      {job.practice && <PracticeRod r={r} />}
      <SetUpNote r={r} number={numberOf(setups, setup)} />
    </>
  )
}

/** The page of readings: a set-up is started or joined first. `post` is the one that was asked for. */
export function ReadView({ post, ...page }: FieldPage & { readonly post: string | null }) {
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const setSetup = useLog((log) => log.setSetup)
  const [anew, setAnew] = useState(false)
  const setup = useOwnSetup()
  const begin = (key: string) => {
    setSetup(key)
    setAnew(false)
  }
  if (setup && !anew)
    return <ReadOne page={page} setup={setup} first={post} onSetUp={() => setAnew(true)} key={setup.body.setup} />
  return (
    <SetUp
      standing={state.setups.filter((each) => each.body.setup !== setup?.body.setup)}
      onStart={(place, benchmarkIn) => {
        const key = `s${state.setups.length + 1}-${newId(8)}`
        add({ kind: 'setup', setup: key, place, benchmarkIn })
        begin(key)
      }}
      onJoin={begin}
    />
  )
}
