'use client'
import {
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
import { formatLength } from '@/core/units'
import { BurrSign, FailSign, HoldSign, SavedSign, SavingSign, timeWords, UncheckedSign } from '@/ui'
import { useDoc, useJob, type SaveState, type Stage } from '../job'
import { download } from '../drawing'
import type { Job } from '@/core/model'

function SaveSign({ save, onOpen }: { readonly save: SaveState; readonly onOpen: () => void }) {
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
          Kept in this browser; the server is away
        </span>
      )
    case 'held':
      return (
        <span className="saved clash" role="alert">
          <FailSign size={13} />
          Not kept: the server is away and this browser stores nothing. Leave this window open.
        </span>
      )
    case 'refused':
      return (
        <span className="saved clash" role="status">
          <FailSign size={13} />
          Not saved
        </span>
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

/** Undo, redo, details, and what more there is. */
function Tools({
  last,
  undo,
  next,
  redo,
  side,
  onSide,
  job,
  onHistory,
  onHelp,
}: {
  readonly last: string | undefined
  readonly undo: () => void
  readonly next: string
  readonly redo: () => void
  readonly side: boolean
  readonly onSide: () => void
  readonly job: Job
  readonly onHistory: () => void
  readonly onHelp: () => void
}) {
  return (
    <div className="d-flex">
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
      <Dropdown align="end">
        <Dropdown.Toggle as="button" type="button" className="icb" bsPrefix="icb" aria-label="More">
          <EllipsisVertical size={19} />
        </Dropdown.Toggle>
        <Dropdown.Menu>
          <Dropdown.Item
            as="button"
            className="d-flex align-items-center"
            onClick={() =>
              download(`${job.name}.burdock.json`, 'application/json', `${JSON.stringify(job, null, 2)}\n`)
            }
          >
            <Download size={15} className="me-2" />
            Export the job file
          </Dropdown.Item>
          <Dropdown.Item as="button" className="d-flex align-items-center" onClick={onHistory}>
            <HistoryIcon size={15} className="me-2" />
            History of edits
          </Dropdown.Item>
          <Dropdown.Item as="button" className="d-flex align-items-center" onClick={onHelp}>
            <Keyboard size={15} className="me-2" />
            Help: keys and terms
          </Dropdown.Item>
        </Dropdown.Menu>
      </Dropdown>
    </div>
  )
}

/** Name, the facts that decide the building, save state, undo, tally and the book. */
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
  const { job, derived } = useDoc()
  const save = useJob((state) => state.save)
  const history = useJob((state) => state.history)
  const undo = useJob((state) => state.undo)
  const redo = useJob((state) => state.redo)
  const go = useJob((state) => state.go)
  const building = job.building
  const bay = derived.grid.baysIn.every((bayIn) => Math.abs(bayIn - derived.grid.baysIn[0]) < 0.01)
    ? `${derived.grid.baysIn.length} @ ${short(derived.grid.baysIn[0])}`
    : `${derived.grid.baysIn.length} by hand`
  const facts: readonly [Stage, string, string][] = [
    ['building', '', `${short(building.widthIn)} × ${short(building.lengthIn)}`],
    ['building', '', `${short(building.heelIn)} heel`],
    ['building', '', `${Number(building.pitchPer12.toFixed(2))}:12`],
    ['building', 'bays ', bay],
    ['site', 'snow ', job.site.groundSnowPsf === null ? '?' : String(job.site.groundSnowPsf)],
    ['site', 'wind ', job.site.windMph === null ? '?' : `${job.site.windMph} ${job.site.exposure ?? '?'}`],
    ['site', 'frost ', job.site.frostIn === null ? '?' : formatLength(job.site.frostIn, { feet: false })],
    ...building.leanTos
      .slice(0, 1)
      .map(
        (leanTo) =>
          [
            'building',
            'lean-to ',
            building.leanTos.length > 1 ? `${short(leanTo.depthIn)}, two` : short(leanTo.depthIn),
          ] as [Stage, string, string],
      ),
  ]
  const last = history.past.at(-1)?.label
  const next = history.future[0]?.label
  return (
    <header className="top">
      <Link href="/" className="home" aria-label="All jobs" title="All jobs">
        <BurrSign size={38} />
      </Link>
      <div style={{ minWidth: 0, flex: '0 1 auto' }}>
        <h1 title={job.name}>{job.name}</h1>
        <div className="sum">
          {facts.map(([stage, pre, text], i) => (
            <button key={i} type="button" onClick={() => go(stage)}>
              {pre}
              <b>{text}</b>
            </button>
          ))}
        </div>
      </div>
      <div className="spacer" />
      <SaveSign save={save} onOpen={onClash} />
      <Tools
        last={last}
        undo={undo}
        next={next}
        redo={redo}
        side={side}
        onSide={onSide}
        job={job}
        onHistory={onHistory}
        onHelp={onHelp}
      />
      <button type="button" className="tally" onClick={() => go('holds')} title="What holds">
        <span>
          <HoldSign />
          {derived.tally.holds + derived.tally.close} hold
        </span>
        {derived.tally.fails > 0 && (
          <span className="bad">
            <FailSign size={15} ground="var(--keel)" fill="#fff" />
            {derived.tally.fails} fail{derived.tally.fails > 1 ? '' : 's'}
          </span>
        )}
        <span className="open">
          <UncheckedSign />
          {derived.tally.notChecked}
          <span className="visually-hidden">not checked</span>
        </span>
      </button>
      <button type="button" className="btn btn-primary hide-narrow" onClick={() => go('book')}>
        <BookOpen size={17} />
        Crew book
      </button>
    </header>
  )
}

/** Feet alone where the inches are none: for the summary only, never for a mark. */
function short(inches: number): string {
  const text = formatLength(inches)
  return text.endsWith('′ 0″') ? text.slice(0, -3) : text
}
