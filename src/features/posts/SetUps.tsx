'use client'
import { dequal } from 'dequal/lite'
import { memo, useRef, useState } from 'react'
import type { FieldRecord, RecordBody, SetupLevels } from '@/core/field'
import { readingsFromCsv, readingsToCsv, type ReadingRow } from '@/formats/csv'
import { recordText, SETUP_STATE, targetName, troublesSaid, WHY_UNUSED } from '@/formats/words'
import { DataTable, dayTime, FailSign, HoldSign, Measure, UncheckedSign, type DataColumn } from '@/ui'
import { download } from '../drawing'
import { useLog } from '../field'
import { useDoc, useJob } from '../job'
import { HereFromSite, NotesFromSite } from './FromSite'
import { LeftByPhones } from './LeftByPhones'
import { type OnSite, Phones, useOnSite } from './Phones'

const MOST_FILE_BYTES = 1_000_000
/** Records shown of a long log, the newest. */
const SHOWN = 120

const isBad = (setup: SetupLevels): boolean => setup.state === 'bumped' || setup.state === 'untied'

function StateSign({ setup }: { readonly setup: SetupLevels }) {
  if (isBad(setup)) return <FailSign size={12} />
  return setup.state === 'closed' ? <HoldSign size={12} /> : <UncheckedSign size={12} />
}

function PointMeasure({ point }: { readonly point: SetupLevels['highest'] }) {
  const { names } = useDoc().derived
  if (!point) return '–'
  return (
    <>
      {targetName(point.body.target, names)} <Measure inches={point.body.inches} feet={false} />
    </>
  )
}

const SETUP_COLUMNS: readonly DataColumn<SetupLevels>[] = [
  { id: 'number', head: 'set-up', cell: (_setup, index) => index + 1 },
  { id: 'place', head: 'place', cell: (setup) => setup.place || '–' },
  {
    id: 'benchmark',
    head: 'benchmark',
    figures: true,
    cell: (setup) => (setup.benchmarkIn === null ? '–' : <Measure inches={setup.benchmarkIn} feet={false} />),
  },
  { id: 'readings', head: 'readings', figures: true, cell: (setup) => setup.count },
  {
    id: 'highest',
    head: 'highest point',
    figures: true,
    cell: (setup) => <PointMeasure point={setup.highest} />,
  },
  { id: 'lowest', head: 'lowest point', figures: true, cell: (setup) => <PointMeasure point={setup.lowest} /> },
  { id: 'spread', head: 'spread', figures: true, cell: (setup) => <Measure inches={setup.spreadIn} feet={false} /> },
  {
    id: 'state',
    head: 'state',
    cell: (setup) => (
      <>
        <span className="d-inline-block me-1">
          <StateSign setup={setup} />
        </span>
        {SETUP_STATE[setup.state]}
        {setup.closingIn !== null && (
          <>
            {' '}
            by <Measure inches={setup.closingIn} feet={false} />
          </>
        )}
      </>
    ),
  },
]

/** Readings that are kept and not used, and why. */
function Unused() {
  const unused = useLog((log) => log.levels.unused)
  if (unused.length === 0) return null
  const reasons = new Set(unused.map(({ why }) => WHY_UNUSED[why]))
  return (
    <div className="caution" role="alert">
      {unused.length} readings are kept but not used: {[...reasons].join('; ')}. Read them again in a good set-up.
    </div>
  )
}

interface Preview {
  readonly rows: readonly ReadingRow[]
  readonly problems: readonly string[]
}

/** Readings of a file before they are taken. */
function FilePreview({
  preview,
  onTake,
  onLeave,
}: {
  readonly preview: Preview
  readonly onTake: () => void
  readonly onLeave: () => void
}) {
  const { rows, problems } = preview
  return (
    <div className="move">
      <div className="big">{rows.length} readings to take</div>
      {problems.slice(0, 8).map((problem) => (
        <p key={problem} role="alert">
          {problem}
        </p>
      ))}
      <p>
        {rows
          .slice(0, 12)
          .map((row) => `${row.name} ${row.readingIn}`)
          .join(', ')}
        {rows.length > 12 ? ' …' : ''}
      </p>
      <p className="d-flex gap-2">
        <button type="button" className="btn btn-primary btn-sm" disabled={rows.length === 0} onClick={onTake}>
          Take them as a set-up
        </button>
        <button type="button" className="btn btn-light btn-sm" onClick={onLeave}>
          Leave them
        </button>
      </p>
    </div>
  )
}

/** A file's readings as one set-up of their own. */
function asSetup(rows: readonly ReadingRow[]): RecordBody[] {
  const setup = `csv-${Date.now().toString(36)}`
  return [
    { kind: 'setup', setup, place: 'from a file', benchmarkIn: null },
    ...rows.map((row): RecordBody => ({
      kind: 'reading',
      setup,
      target: row.id,
      of: 'foot',
      inches: row.readingIn,
    })),
  ]
}

/** The rod log out to a file, readings in from one, and the way to the field page. */
function LogFiles() {
  const { job, derived } = useDoc()
  const id = useJob((state) => state.id)
  const levels = useLog((log) => log.levels)
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const file = useRef<HTMLInputElement>(null)
  const [preview, setPreview] = useState<Preview | null>(null)
  const { posts } = derived
  const read = async (chosen: File) =>
    setPreview(
      chosen.size > MOST_FILE_BYTES
        ? { rows: [], problems: ['That file is over 1 MB: a rod log is a few kilobytes.'] }
        : readingsFromCsv(await chosen.text(), posts),
    )
  return (
    <>
      <div className="d-flex gap-2 my-2">
        <button
          type="button"
          className="btn btn-light btn-sm"
          onClick={() => download(`${job.name} rod log.csv`, 'text/csv', readingsToCsv(state, levels, derived.names))}
        >
          Rod log as CSV
        </button>
        <button type="button" className="btn btn-light btn-sm" onClick={() => file.current?.click()}>
          Readings from CSV
        </button>
        <input
          ref={file}
          type="file"
          hidden
          accept=".csv,text/csv"
          aria-label="Readings file"
          onChange={(event) => {
            const chosen = event.target.files?.[0]
            event.target.value = ''
            if (chosen) void read(chosen)
          }}
        />
        <a className="btn btn-light btn-sm" href={`/field/${id}`}>
          Open the field page
        </a>
      </div>
      {preview && (
        <FilePreview
          preview={preview}
          onTake={() => {
            for (const body of asSetup(preview.rows)) add(body)
            setPreview(null)
          }}
          onLeave={() => setPreview(null)}
        />
      )}
    </>
  )
}

/** What phones are called, by device. */
type Called = Readonly<Record<string, string>>

const calledOf = (on: OnSite | null): Called =>
  Object.fromEntries((on?.phones ?? []).map((phone) => [phone.device, phone.called ?? phone.device]))

/** Every value ever recorded, newest first; one that was taken back stays, struck out. */
function HistoryOf({ called }: { readonly called: Called }) {
  const state = useLog((log) => log.state)
  const undo = useLog((log) => log.undo)
  const { names } = useDoc().derived
  const gone = (record: FieldRecord) => state.voided.has(record.id)
  const columns: readonly DataColumn<FieldRecord>[] = [
    { id: 'when', head: 'when', cell: (record) => dayTime(record.at) },
    { id: 'who', head: 'who', cell: (record) => record.who || '–' },
    { id: 'device', head: 'device', label: true, cell: (record) => called[record.device] ?? record.device },
    { id: 'what', head: 'what', cell: (record) => recordText(record.body, names) },
    {
      id: 'back',
      head: null,
      cell: (record) =>
        !gone(record) &&
        record.body.kind !== 'void' &&
        record.body.kind !== 'print' && (
          <button type="button" className="btn btn-light btn-sm" style={{ height: 24 }} onClick={() => undo(record.id)}>
            Take back
          </button>
        ),
    },
  ]
  return (
    <DataTable
      name="History of values"
      columns={columns}
      rows={[...state.all].reverse().slice(0, SHOWN)}
      rowKey={(record) => record.id}
      rowStyle={(record) => (gone(record) ? { textDecoration: 'line-through', color: 'var(--ink-3)' } : undefined)}
    />
  )
}

// Who is on site is asked every few seconds, the names of phones hardly ever change: the history is long.
const History = memo(HistoryOf, (before, now) => dequal(before.called, now.called))

/** What two phones say differently, in the words that they show too: who looks at it here can take one back below. */
function AtOdds() {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const { names } = useDoc().derived
  return troublesSaid(state, levels, names).map(({ key, title, say }) => (
    <div className="caution" role="alert" key={key}>
      <b>{title}.</b> {say}
    </div>
  ))
}

/** Laser set-ups with their statistics, every reading with who and when, and readings from a CSV file with a preview. */
export function SetUps() {
  const levels = useLog((log) => log.levels)
  const on = useOnSite()
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <DataTable
        name="Set-ups"
        columns={SETUP_COLUMNS}
        rows={levels.setups}
        rowKey={(setup) => setup.setup}
        rowClass={(setup) => (isBad(setup) ? 'warn' : undefined)}
        empty="No set-up from a phone yet. Open the field page on a phone, or type readings here under Readings."
      />
      <Unused />
      <AtOdds />
      <h3 className="mt-3 mb-1">Phones on site</h3>
      <LeftByPhones />
      <Phones on={on} />
      <HereFromSite />
      <NotesFromSite post={null} />
      <LogFiles />
      <h3 className="mt-3 mb-1">Every value, newest first</h3>
      <History called={calledOf(on)} />
    </div>
  )
}
