'use client'
import { useEffect, useMemo, useState } from 'react'
import {
  checkDue,
  doubtOf,
  gapsInSequence,
  type Levels,
  type Measured,
  type Said,
  secondsWanted,
  spotTarget,
} from '@/core/field'
import type { Suspicion } from '@/core/marks'
import { feetInWords } from '@/core/units'
import { answer } from '@/devices/answer'
import { targetName } from '@/formats/words'
import { type Entry, entryIn } from './Keypad'
import type { FieldPage } from './page'
import { EMPTY, expectedIn, type Places, placesOf, type RodOn } from './readings'
import { useLog, useMeasured } from './useField'

/** What the page does: reading, reading a second time on the way back, or the benchmark. */
export type ReadMode = 'read' | 'second' | 'check'

/** How often it is asked whether a check is due, ms. */
const DUE_MS = 30_000
/** Where the keypad opens when nothing says where. */
const ROD_IN = 52

/** The time of day, now and then: a check falls due without a tap. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), DUE_MS)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** What the rod should read on the pad of a post by the plan; null while no grade line is known. */
function padReadingIn(
  { derived }: FieldPage,
  { rods }: Measured,
  target: string,
  shiftIn: number | null,
): number | null {
  if (rods.gradeReadingIn === null || shiftIn === null) return null
  const kind = derived.posts.find(({ id }) => id === target)?.kind
  return rods.gradeReadingIn - shiftIn + (derived.holes.find((hole) => hole.kind === kind)?.embedIn ?? 0)
}

interface Seen {
  readonly page: FieldPage
  readonly on: RodOn
  readonly setup: Said<'setup'>
  readonly levels: Levels
  readonly measured: Measured
  readonly places: Places
  readonly shiftIn: number | null
}

/** What stands beside the target in its row, and where the keypad opens for it. */
function besideOf(target: string, order: readonly string[], { page, on, setup, measured, places, shiftIn }: Seen) {
  const kindOf = (id: string) => page.derived.posts.find((post) => post.id === id)?.kind
  const row = measured.rows.find((each) => each.includes(target)) ?? order
  const at = row.indexOf(target)
  const near = [row[at - 1], row[at + 1]].filter((id): id is string => id !== undefined)
  // Pads of different kinds of post lie at different depths: only like ones are compared. Ground is as it is.
  const alike = (id: string) => on === 'foot' || (on === 'footing' && kindOf(id) === kindOf(target))
  const expected = expectedIn(near.filter(alike).flatMap((id) => places.here(id) ?? []))
  const padIn = on === 'footing' ? padReadingIn(page, measured, target, shiftIn) : null
  const around = Math.round(expected ?? padIn ?? setup.body.benchmarkIn ?? ROD_IN)
  return { row, at, near, around }
}

/** The posts or spots in the order they are walked, and those of which a second reading is asked for. */
function useOrder({ page, on, measured, levels, places }: Omit<Seen, 'setup' | 'shiftIn'>) {
  const { job, derived } = page
  const { rods, rows } = measured
  const order = useMemo(
    () => (on === 'ground' ? job.ground.spots.map(({ id }) => spotTarget(id)) : [...new Set(rows.flat())]),
    [on, job, rows],
  )
  const confirmed = on === 'footing' ? levels.confirmed.footings : levels.confirmed.feet
  const wanted =
    on === 'ground'
      ? []
      : secondsWanted(order, {
          posts: derived.posts,
          highPost: rods.benchmarkPost,
          isRead: places.read,
          confirmed,
          rule: job.fieldwork.secondReadings,
        })
  return { order, wanted }
}

/** Which place comes first when nobody has picked one: what is to be read again, then what was not read. */
function firstOf(mode: ReadMode, order: readonly string[], wanted: readonly string[], places: Places): string {
  const back = mode === 'second' ? (wanted[0] ?? [...order].reverse().find((id) => !places.sure(id))) : undefined
  return (
    back ?? order.find((id) => !places.read(id)) ?? order.find((id) => places.suspect(id) !== null) ?? order[0] ?? ''
  )
}

/** What would be doubted of what is being entered (null on the rod: nothing yet), were it kept now. */
function useDoubt(
  {
    target,
    of,
    setup,
    rodIn,
    shiftIn,
  }: {
    readonly target: string
    readonly of: 'foot' | 'footing'
    readonly setup: string
    readonly rodIn: number | null
    readonly shiftIn: number | null
  },
  { job, derived }: FieldPage,
): Suspicion | null {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  return useMemo(
    () =>
      rodIn === null || shiftIn === null
        ? null
        : doubtOf({ target, of, inches: rodIn + shiftIn, rodIn, setup }, job, derived, { state, levels }),
    [target, of, setup, rodIn, shiftIn, job, derived, state, levels],
  )
}

/** Reading a rod at one set-up, a post a screen. */
export function useReading(page: FieldPage, setup: Said<'setup'>, first: string | null) {
  const { job, derived } = page
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const add = useLog((log) => log.add)
  const measured = useMeasured(job, derived)
  const now = useNow()
  const [on, setOn] = useState<RodOn>('foot')
  const [mode, setMode] = useState<ReadMode>('read')
  const [picked, setPicked] = useState<string | null>(first)
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [aroundAt, setAround] = useState<number | null>(null)
  const [last, setLast] = useState<string | null>(null)
  const level = levels.setups.find((each) => each.setup === setup.body.setup)
  const benchmarkIn = level?.benchmarkIn ?? null
  // A set-up that was just started stands alone until the log has been folded with it.
  const shiftIn = level ? level.shiftIn : 0
  const places = placesOf(on, { rods: measured.rods, padSuspects: measured.padSuspects, levels }, shiftIn)
  const { order, wanted } = useOrder({ page, on, measured, levels, places })
  const target = picked ?? firstOf(mode, order, wanted, places)
  const nameOf = (id: string) => targetName(id, derived.names)
  const beside = besideOf(target, order, { page, on, setup, levels, measured, places, shiftIn })
  const value = entryIn(entry)
  const isWhole = value !== null && entry.sixteenths !== null && mode === 'read' && on !== 'ground'
  const of = on === 'footing' ? 'footing' : 'foot'
  const doubt = useDoubt({ target, of, setup: setup.body.setup, rodIn: isWhole ? value : null, shiftIn }, page)
  const pick = (id: string | null) => {
    setPicked(id)
    setEntry(EMPTY)
    setAround(null)
  }
  const keep = () => {
    if (value === null) return
    setEntry(EMPTY)
    setAround(null)
    if (mode === 'check') {
      setLast(add({ kind: 'check', setup: setup.body.setup, benchmarkIn: value }).id)
      setMode('read')
      answer('kept', `Benchmark ${feetInWords(value)}`)
      return
    }
    const body = { kind: 'reading' as const, setup: setup.body.setup, target, of: on, inches: value }
    setLast(add(mode === 'second' ? { ...body, second: true } : body).id)
    answer(doubt ? 'look' : 'kept', `${nameOf(target)}, ${feetInWords(value)}`)
    const left = mode === 'second' ? wanted.filter((id) => id !== target) : order.slice(order.indexOf(target) + 1)
    setPicked(left.find((id) => mode === 'second' || !places.read(id)) ?? null)
  }
  return {
    page,
    setup,
    level,
    /** What the benchmark reads from here; null where nobody looked. */
    benchmarkIn,
    /** Whether it was looked at once only, since the set-up was started without. */
    isFirstLook: setup.body.benchmarkIn === null && level?.closingIn === null,
    on,
    setOn: (next: RodOn) => {
      setOn(next)
      pick(null)
    },
    mode,
    /** Reading a second time begins on the way back, or where one stands. */
    setMode: (next: ReadMode, here = false) => {
      setMode(next)
      pick(here && places.read(target) ? target : null)
      if (next === 'check') setAround(Math.round(benchmarkIn ?? ROD_IN))
    },
    places,
    order,
    wanted,
    target,
    nameOf,
    ...beside,
    around: aroundAt ?? beside.around,
    setAround,
    entry,
    setEntry,
    value,
    doubt,
    pick,
    keep,
    due: checkDue(state, setup, now),
    last: lastOf(state, last),
    skipped: gapsInSequence(measured.rows, levels),
    suspects: suspectsIn(order, places),
    setLast,
  }
}
export type Reading = ReturnType<typeof useReading>

/** What was just entered, if it still stands. */
function lastOf(
  state: { readonly readings: readonly Said<'reading'>[]; readonly checks: readonly Said<'check'>[] },
  id: string | null,
) {
  if (id === null) return null
  return state.readings.find((each) => each.id === id) ?? state.checks.find((each) => each.id === id) ?? null
}

const suspectsIn = (order: readonly string[], places: Places): readonly (readonly [string, Suspicion])[] =>
  order.flatMap((id) => {
    const suspicion = places.suspect(id)
    return suspicion ? [[id, suspicion] as const] : []
  })
