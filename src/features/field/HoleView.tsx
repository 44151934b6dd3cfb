'use client'
import {
  type FieldState,
  type Found,
  type Hold,
  type HoleNeed,
  type HoleVerdict,
  judgeHole,
  reached,
  ROD_MOST_IN,
  type Said,
  type SetupLevels,
} from '@/core/field'
import { DIG_CAUTION } from '@/formats/words'
import { type Dispatch, type ReactNode, type SetStateAction, useState } from 'react'
import { Big } from './Big'
import { cureOf, weatherWords } from './cure'
import {
  CureNote,
  FoundKeys,
  HoleActions,
  HoleHelp,
  HolePlan,
  KeepKeys,
  PourActions,
  ReadIn,
  RodDepth,
  VerdictNote,
} from './HoleParts'
import { HeldLine, HoldNote } from './HoldNote'
import { type Entry, entryIn, Keypad } from './Keypad'
import type { FieldPage, PostPage } from './page'
import { useLog, useMeasured } from './useField'
import { useHold } from './useHold'
import { numberOf, useOwnSetup } from './useSetup'

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

/** Deeper than any hole that is dug by hand or auger: misread, inches. */
const DEEPEST_IN = 240

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
  const need = derived.needs[post] ?? null
  const log = state.holes[post] as Said<'hole'> | undefined
  const poured = state.pours[post]?.at(-1)
  const hole = derived.holes.find((each) => each.postIds.includes(post))
  return {
    need,
    log,
    poured,
    verdict: log && need ? judgeHole(need, log, kept) : null,
    cure: poured ? cureOf(job, state.temps, poured.body.poured, now) : null,
    each: hole?.bags ?? 0,
  }
}

/** The depth as typed or read, what it means, and the keys that keep it. */
function DepthEntry({
  depth,
  kept,
  byRod,
  absurd,
  deep,
  verdict,
  log,
  undo,
  entry,
  around,
  need,
  plan,
  held,
  setEntry,
  setAround,
  keep,
}: {
  /** What is planned, and what holds the digging: they stand beside the readout, so that no key moves. */
  readonly plan: ReactNode
  readonly held: ReactNode
  readonly depth: number | null
  readonly kept: number | null
  readonly byRod: { setup: string; offIn: number } | null
  readonly absurd: boolean
  readonly deep: number | null
  readonly verdict: HoleVerdict | null
  readonly log: Said<'hole'> | undefined
  readonly undo: (id: string) => void
  readonly entry: Entry
  readonly around: number | null
  readonly need: HoleNeed | null
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
  readonly keep: () => void
}) {
  return (
    <div className="readpage">
      <div className="readhead">
        {plan}
        <div className="readout">
          <Big inches={depth ?? kept} empty={byRod ? 'rod reads?' : 'how deep?'} />
        </div>
        <div className="verdict">
          {depth === null
            ? (held ?? (verdict && log && <VerdictNote verdict={verdict} log={log} undo={undo} />))
            : byRod && <RodDepth absurd={absurd} deep={deep} />}
        </div>
      </div>
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
    </div>
  )
}

/** The pour, or what keeps the concrete out. */
function Pour({
  page,
  each,
  poured,
}: {
  readonly page: PostPage
  readonly each: number
  readonly poured: Said<'pour'> | undefined
}) {
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const hold = useHold(page, page.post, 'footing ready')
  if (hold && !poured) return <HoldNote hold={hold} next="footing ready" page={page} />
  const { bagLb } = page.job.fieldwork.concrete
  return <PourActions add={add} post={page.post} each={each} bagLb={bagLb} state={state} poured={poured} undo={undo} />
}

/** Whether a hole is dug, and what holds it where it is not. */
function useDig(page: PostPage): { readonly isDug: boolean; readonly held: Hold | null } {
  const state = useLog((log) => log.state.states[page.post])
  const hold = useHold(page, page.post, 'hole dug')
  const isDug = reached(state, 'hole dug')
  return { isDug, held: isDug ? null : hold }
}

/** One hole: how deep, what was found, does it hold, what went in, and what it may carry by now. */
export function HoleView(page: PostPage) {
  const { job, derived, post, go } = page
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [entry, setEntry] = useState<Entry>({ whole: null, sixteenths: null })
  const [around, setAround] = useState<number | null>(null)
  const [now] = useState(() => new Date().toISOString())
  const { rods, dugIn } = useMeasured(job, derived)
  const levels = useLog((log) => log.levels)
  const [rod, setRod] = useState(false)
  const own = useOwnSetup()
  const setup = own ? levels.setups.find((each) => each.setup === own.body.setup) : undefined
  const byRod = rod ? rodOf(setup, rods.gradeReadingIn) : null
  const depth = entryIn(entry)
  const kept = dugIn[post] ?? null
  const { need, log, verdict, poured, cure, each } = lookAt({ job, derived, state, post, kept, now })
  const { bagLb } = job.fieldwork.concrete
  const { held, isDug } = useDig(page)
  /** What was measured stays as it was said: a tape's depth, or a rod's reading with its set-up. */
  const put = (found: Found, measured: MeasuredHole) =>
    add({ kind: 'hole', post, ...measured, found, note: log?.body.note ?? '' })
  const deep = depth !== null && byRod ? depth + byRod.offIn : depth
  const absurd = deep !== null && (deep <= 0 || deep > DEEPEST_IN)
  const keep = () => {
    const found = log?.body.found ?? 'nothing'
    if (byRod) put(found, { depthIn: null, setup: byRod.setup, bottomReadingIn: depth })
    else put(found, { depthIn: depth, setup: null, bottomReadingIn: null })
    if (!held && !isDug) add({ kind: 'state', post, state: 'hole dug' })
    setEntry({ whole: null, sixteenths: null })
  }
  return (
    <>
      <DepthEntry
        plan={need && <HolePlan need={need} bagLb={bagLb} each={each} />}
        held={held && <HeldLine hold={held} next="hole dug" />}
        depth={depth}
        kept={kept}
        byRod={byRod}
        absurd={absurd}
        deep={deep}
        verdict={verdict}
        log={log}
        undo={undo}
        entry={entry}
        around={around}
        need={need}
        setEntry={setEntry}
        setAround={setAround}
        keep={keep}
      />
      <FoundKeys found={log?.body.found} onFound={(found) => put(found, measuredOf(log))} />
      {held ? <HoldNote hold={held} next="hole dug" page={page} /> : <Pour page={page} each={each} poured={poured} />}
      <HoleActions
        rod={rod}
        setup={setup}
        rods={rods}
        setRod={setRod}
        setEntry={setEntry}
        setAround={setAround}
        go={go}
        post={post}
        name={derived.names[post]}
      />
      <HoleHelp verdict={verdict} />
      {cure && <CureNote cure={cure} weather={weatherWords(state.temps)} />}
      <div className="caution">
        {DIG_CAUTION} Never pour on frozen ground. Measure from the string, not from the lumps.
      </div>
      {rod && own && <ReadIn place={own.body.place} number={numberOf(state.setups, own)} />}
    </>
  )
}
