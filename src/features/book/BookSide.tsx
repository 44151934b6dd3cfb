'use client'
import { Download, DraftingCompass, FileSpreadsheet, Printer, Ruler } from 'lucide-react'
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { type Job, PAPERS, SIDES } from '@/core/model'
import { scheduleCsv } from '@/formats/csv'
import { PAPER_WORDS } from '@/formats/words'
import { ChoiceField, FailSign, LengthField, TextField } from '@/ui'
import { download, PaperNote, usePaper } from '../drawing'
import { useLog, useSchedule } from '../field'
import { type BookKind, type JobState, type Picked, useDoc, useJob } from '../job'
import { KeptFigures } from './KeptFigures'
import { useBook } from './useBook'
import type { ShownDerived } from '@/formats/shown'
import { type CardsASheet, opensHereOnly } from '@/formats/fieldsheets'

const LEVELING = [
  { value: 'high-pier', label: 'marks from the high point' },
  { value: 'cut-to-laser', label: 'set long, cut to a laser line' },
  { value: 'level-strings', label: 'level strings' },
] as const
const SECONDS = [
  { value: 'some', label: 'at the high point, corners and every fifth post' },
  { value: 'all', label: 'at every post' },
] as const
const EDGES = [
  { value: 'top', label: 'top of the board' },
  { value: 'bottom', label: 'bottom of the board' },
] as const
const CRAYONS = [
  ['grade', 'grade line'],
  ['skirt', 'skirt'],
  ['girt', 'girts'],
  ['sill', 'sills'],
  ['head', 'heads'],
  ['heel', 'heel'],
  ['rafter', 'rafter'],
] as const

/** How the sheets are laid out: cards, poles, crayons. */
function SheetFields({
  perSheet,
  pick,
  job,
  edit,
}: {
  readonly perSheet: CardsASheet
  readonly pick: (partial: Partial<Picked>) => void
  readonly job: Job
  readonly edit: JobState['edit']
}) {
  return (
    <>
      <ChoiceField
        label="Cards to a sheet"
        name="perSheet"
        value={String(perSheet) as '2' | '4'}
        choices={[
          { value: '4', label: 'four' },
          { value: '2', label: 'two, larger' },
        ]}
        onChange={(value) => pick({ cards: value === '2' ? 2 : 4 })}
      />
      <ChoiceField
        label="Heights are carried"
        value={job.fieldwork.levelSchool}
        choices={LEVELING}
        onChange={(value) => {
          edit('way of leveling', (job) => ({ ...job, fieldwork: { ...job.fieldwork, levelSchool: value } }))
        }}
      />
      <ChoiceField
        label="Rods are read twice"
        value={job.fieldwork.secondReadings}
        choices={SECONDS}
        onChange={(value) => {
          edit('second readings', (job) => ({ ...job, fieldwork: { ...job.fieldwork, secondReadings: value } }))
        }}
      />
      <ChoiceField
        label="Girt marks are"
        value={job.fieldwork.boardEdge}
        choices={EDGES}
        onChange={(value) => {
          edit('edge of the board', (job) => ({ ...job, fieldwork: { ...job.fieldwork, boardEdge: value } }))
        }}
      />
      {job.fieldwork.levelSchool === 'cut-to-laser' && (
        <LengthField
          label="Laser line above grade"
          name="laserLineIn"
          value={job.fieldwork.laserLineIn}
          onChange={(value, gesture) =>
            edit(
              'laser line',
              (job) => ({ ...job, fieldwork: { ...job.fieldwork, laserLineIn: value } }),
              `laser-${gesture}`,
            )
          }
        />
      )}
      <details className="mt-1 mb-2">
        <summary className="note">Crayon of each mark</summary>
        {CRAYONS.map(([k, name]) => (
          <TextField
            key={k}
            label={name}
            name={`crayon-${k}`}
            value={job.fieldwork.crayons[k]}
            onChange={(value, gesture) =>
              edit(
                'crayon',
                (job) => ({
                  ...job,
                  fieldwork: { ...job.fieldwork, crayons: { ...job.fieldwork.crayons, [k]: value } },
                }),
                `crayon-${k}-${gesture}`,
              )
            }
          />
        ))}
      </details>
    </>
  )
}

/** How the sheets go out. */
type Printing = 'pdf' | 'print'

/** The papers and files that can be taken along. */
function Papers({
  working,
  pdf,
  print,
  job,
  derived,
  take,
  stamp,
  pole,
  poles,
}: {
  readonly working: boolean
  readonly pdf: () => void
  readonly print: () => void
  readonly job: Job
  readonly derived: ShownDerived
  readonly take: (url: string, body: object, name: string) => Promise<boolean>
  readonly stamp: { readonly date: string; readonly revision: string }
  readonly pole: string
  readonly poles: { value: string; label: string }[]
}) {
  const schedule = useSchedule(job, derived)
  return (
    <div className="d-grid gap-2 mb-2">
      <button type="button" className="btn btn-primary" disabled={working} onClick={pdf}>
        <Download size={17} />
        {working ? 'Making the PDF' : 'Download PDF'}
      </button>
      <button type="button" className="btn btn-light" onClick={print}>
        <Printer size={17} />
        Print
      </button>
      <button
        type="button"
        className="btn btn-light"
        onClick={() => download(`${job.name} posts.csv`, 'text/csv', scheduleCsv(job.name, schedule))}
      >
        <FileSpreadsheet size={17} />
        Post schedule as CSV
      </button>
      <button
        type="button"
        className="btn btn-light"
        disabled={working}
        onClick={() =>
          void take(
            '/api/pole-strips',
            { doc: job, ...stamp, post: pole },
            `pole ${poles.find((choice) => choice.value === pole)?.label ?? pole} full size`,
          )
        }
      >
        <Ruler size={17} />
        Pole at full size
      </button>
      <button
        type="button"
        className="btn btn-light"
        onClick={() => {
          void import('@/formats/dxf').then((value) =>
            download(`${job.name} plan inches.dxf`, 'application/dxf', value.planDxf(job, derived, 'in')),
          )
        }}
      >
        <DraftingCompass size={17} />
        Plan as DXF, inches
      </button>
      <button
        type="button"
        className="btn btn-light"
        onClick={() => {
          void import('@/formats/dxf').then((value) =>
            download(`${job.name} plan mm.dxf`, 'application/dxf', value.planDxf(job, derived, 'mm')),
          )
        }}
      >
        <DraftingCompass size={17} />
        Plan as DXF, millimeters
      </button>
    </div>
  )
}

/**
 * Sends the sheets out. Posts that kept the name on their paper take the plan’s before it is printed anew; the sheets
 * follow, and only then they go.
 */
function useNamesFirst(renames: boolean, send: (way: Printing) => void): (way: Printing) => void {
  const waits = useRef<Printing | null>(null)
  const named = useJob((state) => state.history.present.building.posts.every((post) => post.keptName === null))
  const takeNames = useJob((state) => state.takeNames)
  const go = useEffectEvent((way: Printing) => send(way))
  useEffect(() => {
    const way = waits.current
    if (!named || way === null) return
    waits.current = null
    const timer = setTimeout(() => go(way))
    return () => clearTimeout(timer)
  }, [named])
  return (way) => {
    if (named || !renames) return send(way)
    waits.current = way
    takeNames()
  }
}

/** What is in the book, and the ways to take it along. */
export function BookSide() {
  const { job, stamp, book, derived, kind, page, cards, records, perSheet } = useBook()
  const add = useLog((log) => log.add)
  const pick = useJob((state) => state.pick)
  const post = useJob((state) => state.picked.post) ?? derived.posts[0].id
  const [poleFor, setPoleOf] = useState('')
  const poles = [
    { value: post, label: `post ${derived.names[post] ?? ''}` },
    ...SIDES.filter((side) => !job.building.openSides.includes(side)).map((side) => ({
      value: `wall-${side}`,
      label: derived.wallNames[side].toLowerCase(),
    })),
    { value: 'building', label: 'whole building' },
  ]
  const pole = poles.some((pole) => pole.value === poleFor) ? poleFor : post
  const edit = useDoc().edit
  const printed = () => {
    if (kind === 'field') add({ kind: 'print', cards })
  }
  const { state, take: takePaper, print, stop } = usePaper()
  const take = (url: string, body: object, name: string) => takePaper(url, body, `${job.name} ${name}`)
  const asked: Readonly<Record<BookKind, readonly [url: string, more: object]>> = {
    crew: ['/api/crew-book', { records }],
    field: ['/api/field-sheets', { records, page, perSheet }],
    drawings: ['/api/drawings', {}],
    record: ['/api/site-record', { records }],
  }
  const send = (way: Printing) => {
    const [url, more] = asked[kind]
    const go = way === 'pdf' ? takePaper : print
    void go(url, { doc: job, ...stamp, ...more }, `${job.name} ${book.what}`).then((done) => {
      if (done) printed()
    })
  }
  const ask = useNamesFirst(kind === 'field', send)
  return (
    <>
      <h2 className="mb-2">Take it along</h2>
      <Papers
        working={state.kind === 'working'}
        pdf={() => ask('pdf')}
        print={() => ask('print')}
        job={job}
        derived={derived}
        take={take}
        stamp={stamp}
        pole={pole}
        poles={poles}
      />
      <PaperNote state={state} onStop={stop} />
      <ChoiceField
        label="Paper"
        name="paper"
        value={job.fieldwork.paper}
        choices={PAPERS.map((value) => ({ value, label: PAPER_WORDS[value] }))}
        onChange={(paper) => edit('paper', (now) => ({ ...now, fieldwork: { ...now.fieldwork, paper } }))}
      />
      <ChoiceField label="Pole of" name="poleOf" value={pole} choices={poles} onChange={setPoleOf} />
      <KeptFigures />
      {kind === 'field' && opensHereOnly(page) && (
        <p className="note">
          The codes on these sheets open on this machine alone. Phones get in when Burdock is started for the site:{' '}
          <code>npm start -- --site</code>.
        </p>
      )}
      {kind === 'field' && <SheetFields perSheet={perSheet} pick={pick} job={job} edit={edit} />}
      {derived.tally.fails > 0 && (
        <div className="caution d-flex gap-2">
          <FailSign size={16} />
          <span>
            {derived.tally.fails} check{derived.tally.fails > 1 ? 's fail' : ' fails'}. The sheets print all the same;
            settle it before the crew digs.
          </span>
        </div>
      )}
      <h3 className="mt-3 mb-1">Sheets</h3>
      <ol className="note" style={{ paddingLeft: 22 }}>
        {book.sheets.map((sheet, i) => (
          <li key={i}>
            <a href={`#sheet-${i + 1}`}>{sheet.title}</a>
          </li>
        ))}
      </ol>
    </>
  )
}
