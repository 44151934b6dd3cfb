'use client'
import {
  Calculator,
  BookOpen,
  Download,
  EllipsisVertical,
  History as HistoryIcon,
  Keyboard,
  PanelRightClose,
  PanelRightOpen,
  Redo2,
  Undo2,
} from 'lucide-react'
import Link from 'next/link'
import Dropdown from 'react-bootstrap/Dropdown'
import type { Building, Job } from '@/core/model'
import { formatLength, HALF_MARK_IN, NO_BREAK, UNIT_SYSTEMS, type UnitSystem, upTo } from '@/core/units'
import {
  BurrSign,
  FailSign,
  HoldSign,
  SavedSign,
  SavingSign,
  timeWords,
  UncheckedSign,
  useOwnUnits,
  useUnits,
} from '@/ui'
import { useContext } from 'react'
import { JobContext, useJob, type SaveState, type Stage, TROUBLE_WORDS } from '../job'
import { UNITS } from '@/formats/words'
import { pocketAddress } from '@/formats/pocket/address'
import { download } from '../drawing'

function SaveSign({ onOpen }: { readonly onOpen: () => void }) {
  const save: SaveState = useJob((state) => state.save)
  switch (save.kind) {
    case 'saved':
      return (
        <span className="saved" role="status">
          <SavedSign />
          Saved {timeWords(save.at)}
        </span>
      )
    case 'saving':
      return (
        <span className="saved" role="status">
          <SavingSign />
          Saving
        </span>
      )
    case 'kept':
      return (
        <span className="saved kept" role="status">
          <SavingSign off />
          Kept in this browser; {TROUBLE_WORDS[save.why]}
        </span>
      )
    case 'held':
      return (
        <span className="saved clash" role="alert">
          <FailSign size={13} />
          Not kept: {TROUBLE_WORDS[save.why]} and this browser stores nothing. Leave this window open.
        </span>
      )
    case 'refused':
      return (
        <button type="button" className="saved clash" onClick={onOpen}>
          <FailSign size={13} />
          Not saved: why
        </button>
      )
    case 'clash':
      return (
        <button type="button" className="saved clash" onClick={onOpen}>
          <FailSign size={13} />
          Changed elsewhere: choose
        </button>
      )
  }
}

function UndoAndRedo() {
  const last = useJob((state) => state.history.past.at(-1)?.label)
  const next = useJob((state) => state.history.future[0]?.label)
  const undo = useJob((state) => state.undo)
  const redo = useJob((state) => state.redo)
  return (
    <>
      <button
        type="button"
        className="icb"
        aria-label={last ? `Undo: ${last}` : 'Undo'}
        title={last ? `Undo: ${last}` : 'Nothing to undo'}
        disabled={!last}
        onClick={undo}
      >
        <Undo2 size={19} />
      </button>
      <button
        type="button"
        className="icb"
        aria-label={next ? `Redo: ${next}` : 'Redo'}
        title={next ? `Redo: ${next}` : 'Nothing to redo'}
        disabled={!next}
        onClick={redo}
      >
        <Redo2 size={19} />
      </button>
    </>
  )
}

/** Ways to read lengths, and what they are called. */
const READ_IN: readonly { readonly system: UnitSystem | null; readonly says: string }[] = [
  { system: null, says: 'what the job says' },
  ...UNIT_SYSTEMS.map((system) => ({ system, says: UNITS[system] })),
]

/** What more there is. */
function MoreMenu({ onHistory, onHelp }: { readonly onHistory: () => void; readonly onHelp: () => void }) {
  const store = useContext(JobContext)
  const [own, setOwn] = useOwnUnits()
  const id = useJob((state) => state.id)
  const exportJob = () => {
    const job = store?.getState().history.present
    if (job) download(`${job.name}.burdock.json`, 'application/json', `${JSON.stringify(job, null, 2)}\n`)
  }
  return (
    <Dropdown align="end">
      <Dropdown.Toggle as="button" type="button" className="icb" bsPrefix="icb" aria-label="More">
        <EllipsisVertical size={19} />
      </Dropdown.Toggle>
      <Dropdown.Menu>
        <Dropdown.Item as="button" className="d-flex align-items-center" onClick={exportJob}>
          <Download size={15} className="me-2" />
          Export the job file
        </Dropdown.Item>
        <Dropdown.Item as="button" className="d-flex align-items-center" onClick={onHistory}>
          <HistoryIcon size={15} className="me-2" />
          History of edits
        </Dropdown.Item>
        <Dropdown.Item href={pocketAddress('', { job: id })} className="d-flex align-items-center">
          <Calculator size={15} className="me-2" />
          The pocket: figures by themselves
        </Dropdown.Item>
        <Dropdown.Item as="button" className="d-flex align-items-center" onClick={onHelp}>
          <Keyboard size={15} className="me-2" />
          Help: keys and terms
        </Dropdown.Item>
        <Dropdown.Divider />
        <Dropdown.Header aria-level={2}>I read lengths in</Dropdown.Header>
        {READ_IN.map(({ system, says }) => (
          <Dropdown.Item
            key={says}
            as="button"
            aria-pressed={own === system}
            className={own === system ? 'active' : ''}
            onClick={() => setOwn(system)}
          >
            {says}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  )
}

function bayFact(baysIn: readonly number[], system: UnitSystem): string {
  const alike = baysIn.every((bayIn) => Math.abs(bayIn - baysIn[0]) < HALF_MARK_IN)
  return alike ? `${baysIn.length} @ ${short(baysIn[0], system)}` : `${baysIn.length} by hand`
}

function leanToFact(leanTos: Building['leanTos'], system: UnitSystem): readonly Fact[] {
  if (leanTos.length === 0) return []
  const depth = short(leanTos[0].depthIn, system)
  return [['building', 'lean-to ', leanTos.length > 1 ? `${depth}, two` : depth]]
}

/** A fact that decides the building: the stage that it is entered in, what it is called, and what it is. */
type Fact = readonly [stage: Stage, called: string, is: string]

const factsOf = ({ building, site }: Job, baysIn: readonly number[], system: UnitSystem): readonly Fact[] => [
  ['building', '', `${short(building.widthIn, system)} × ${short(building.lengthIn, system)}`],
  ['building', '', `${short(building.heelIn, system)} heel`],
  ['building', '', `${upTo(building.pitchPer12, 2)}:12`],
  ['building', 'bays ', bayFact(baysIn, system)],
  ['site', 'snow ', site.groundSnowPsf === null ? '?' : upTo(site.groundSnowPsf, 2)],
  ['site', 'wind ', site.windMph === null ? '?' : `${upTo(site.windMph, 1)} ${site.exposure ?? '?'}`],
  ['site', 'frost ', site.frostIn === null ? '?' : formatLength(site.frostIn, { feet: false, system })],
  ...leanToFact(building.leanTos, system),
]

/** Name of the job, and the facts that decide the building. */
function NameAndFacts() {
  const job = useJob((state) => state.history.present)
  const baysIn = useJob((state) => state.derived.grid.baysIn)
  const units = useUnits()
  const go = useJob((state) => state.go)
  return (
    <div style={{ minWidth: 0, flex: '0 1 auto' }}>
      <div className="name">
        <h1 title={job.name}>{job.name}</h1>
        {job.practice && <b className="practice">Practice copy</b>}
      </div>
      <div className="sum">
        {factsOf(job, baysIn, units).map(([stage, called, is], i) => (
          <button key={i} type="button" onClick={() => go(stage)}>
            {called}
            <b>{is}</b>
          </button>
        ))}
      </div>
    </div>
  )
}

/** How many members hold, fail, and are not checked. */
function TallyButton() {
  const tally = useJob((state) => state.derived.tally)
  const go = useJob((state) => state.go)
  return (
    <button type="button" className="tally" onClick={() => go('holds')} title="What holds">
      <span>
        <HoldSign />
        {tally.holds + tally.close} hold
      </span>
      {tally.fails > 0 && (
        <span className="bad">
          <FailSign size={15} ground="var(--keel)" fill="#fff" />
          {tally.fails} fail{tally.fails > 1 ? '' : 's'}
        </span>
      )}
      <span className="open">
        <UncheckedSign />
        {tally.notChecked}
        <span className="visually-hidden">not checked</span>
      </span>
    </button>
  )
}

/**
 * Name, the facts that decide the building, save state, undo, tally and the book. Each part reads what it shows itself, so
 * that an edit draws anew only what it changes.
 */
export function TopBar({
  onHelp,
  onHistory,
  onClash,
  side,
  onSide,
}: {
  readonly onHelp: () => void
  readonly onHistory: () => void
  readonly onClash: () => void
  readonly side: boolean
  readonly onSide: () => void
}) {
  const go = useJob((state) => state.go)
  return (
    <header className="top">
      <Link href="/" className="home" aria-label="All jobs" title="All jobs">
        <BurrSign size={38} />
      </Link>
      <NameAndFacts />
      <div className="spacer" />
      <SaveSign onOpen={onClash} />
      <div className="d-flex">
        <UndoAndRedo />
        <button
          type="button"
          className="icb only-narrow"
          aria-label="Details"
          aria-controls="details"
          aria-expanded={side}
          title={side ? 'Put the details aside' : 'Show the details'}
          onClick={onSide}
        >
          {side ? <PanelRightClose size={19} /> : <PanelRightOpen size={19} />}
        </button>
        <MoreMenu onHistory={onHistory} onHelp={onHelp} />
      </div>
      <TallyButton />
      <button type="button" className="btn btn-primary hide-narrow" onClick={() => go('book')}>
        <BookOpen size={17} />
        Crew book
      </button>
    </header>
  )
}

/** Feet alone where the inches are none: for the summary only, never for a mark. */
function short(inches: number, system: UnitSystem): string {
  const text = formatLength(inches, { system })
  return text.endsWith(`′${NO_BREAK}0″`) ? text.slice(0, -3) : text
}
