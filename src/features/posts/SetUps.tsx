'use client'
import { useRef, useState } from 'react'
import type { RecordBody } from '@/core/field'
import { readingsFromCsv, readingsToCsv, type ReadingRow } from '@/formats/csv'
import { formatLength } from '@/core/units'
import { FailSign, HoldSign, Measure, UncheckedSign } from '@/ui'
import { download } from '../drawing'
import { useLog } from '../field'
import { useDoc } from '../job'

const inch = (value: number) => formatLength(value, { feet: false })
const STATE = {
  open: 'open, not checked back',
  closed: 'closed on its benchmark',
  refused: 'refused: bumped',
  untied: 'not tied to the first',
} as const

/**
 * Laser set-ups with their statistics, every reading with who and when, and readings from a CSV file with a preview.
 */
export function SetUps() {
  const { job, derived } = useDoc()
  const levels = useLog((log) => log.levels)
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const file = useRef<HTMLInputElement>(null)
  const [seen, setSeen] = useState<{
    readonly rows: readonly ReadingRow[]
    readonly problems: readonly string[]
  } | null>(null)
  const ids = derived.posts.map((post) => post.id)
  const read = async (file: File) =>
    setSeen(
      file.size > 1_000_000
        ? { rows: [], problems: ['That file is over 1 MB: a rod log is a few kilobytes.'] }
        : readingsFromCsv(await file.text(), ids),
    )
  const take = () => {
    if (!seen) return
    const setup = `csv-${Date.now().toString(36)}`
    const bodies: RecordBody[] = [
      { kind: 'setup', setup, place: 'from a file', benchmarkIn: null },
      ...seen.rows.map((row): RecordBody => ({
        kind: 'reading',
        setup,
        target: row.post,
        of: 'foot',
        inches: row.readingIn,
      })),
    ]
    for (const body of bodies) add(body)
    setSeen(null)
  }
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <table className="tb" aria-label="Set-ups">
        <thead>
          <tr>
            <th>set-up</th>
            <th>place</th>
            <th className="n">benchmark</th>
            <th className="n">readings</th>
            <th className="n">highest point</th>
            <th className="n">lowest point</th>
            <th className="n">spread</th>
            <th>state</th>
          </tr>
        </thead>
        <tbody>
          {levels.setups.map((setup, i) => {
            const stateSign = () => {
              if (setup.state === 'refused' || setup.state === 'untied') return <FailSign size={12} />
              if (setup.state === 'closed') return <HoldSign size={12} />
              return <UncheckedSign size={12} />
            }
            return (
              <tr
                key={setup.setup}
                className={setup.state === 'refused' || setup.state === 'untied' ? 'warn' : undefined}
              >
                <td>{i + 1}</td>
                <td>{setup.place || '–'}</td>
                <td className="n">
                  {setup.benchmarkIn === null ? '–' : <Measure inches={setup.benchmarkIn} feet={false} />}
                </td>
                <td className="n">{setup.count}</td>
                <td className="n">
                  {setup.highest ? (
                    <>
                      {setup.highest.body.target} <Measure inches={setup.highest.body.inches} feet={false} />
                    </>
                  ) : (
                    '–'
                  )}
                </td>
                <td className="n">
                  {setup.lowest ? (
                    <>
                      {setup.lowest.body.target} <Measure inches={setup.lowest.body.inches} feet={false} />
                    </>
                  ) : (
                    '–'
                  )}
                </td>
                <td className="n">
                  <Measure inches={setup.spreadIn} feet={false} />
                </td>
                <td>
                  <span className="d-inline-block me-1">{stateSign()}</span>
                  {STATE[setup.state]}
                  {setup.closingIn !== null && (
                    <>
                      {' '}
                      by <Measure inches={setup.closingIn} feet={false} />
                    </>
                  )}
                </td>
              </tr>
            )
          })}
          {levels.setups.length === 0 && (
            <tr>
              <td colSpan={8} className="note">
                No set-up from a phone yet. Open the field page on a phone, or type readings here under Readings.
              </td>
            </tr>
          )}
        </tbody>
      </table>
      {levels.unused.length > 0 && (
        <div className="caution" role="alert">
          {levels.unused.length} readings are kept but not used:{' '}
          {[
            ...new Set(
              levels.unused.map((unused) => {
                if (unused.why === 'refused') return 'their set-up does not close'
                if (unused.why === 'untied') return 'their set-up is not tied to the first by a benchmark'
                return 'they belong to no set-up'
              }),
            ),
          ].join('; ')}
          . Read them again in a good set-up.
        </div>
      )}
      <div className="d-flex gap-2 my-2">
        <button
          type="button"
          className="btn btn-light btn-sm"
          onClick={() => download(`${job.name} rod log.csv`, 'text/csv', readingsToCsv(state, levels))}
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
            const file = event.target.files?.[0]
            event.target.value = ''
            if (file) void read(file)
          }}
        />
        <a
          className="btn btn-light btn-sm"
          href={
            '/field/' +
            `${state.all.length >= 0 ? (typeof window === 'undefined' ? '' : window.location.pathname.split('/')[2]) : ''}`
          }
        >
          Open the field page
        </a>
      </div>
      {seen && (
        <div className="move">
          <div className="big">{seen.rows.length} readings to take</div>
          {seen.problems.slice(0, 8).map((problem, i) => (
            <p key={i} role="alert">
              {problem}
            </p>
          ))}
          <p>
            {seen.rows
              .slice(0, 12)
              .map((row) => `${row.post} ${row.readingIn}`)
              .join(', ')}
            {seen.rows.length > 12 ? ' …' : ''}
          </p>
          <p className="d-flex gap-2">
            <button type="button" className="btn btn-primary btn-sm" disabled={seen.rows.length === 0} onClick={take}>
              Take them as a set-up
            </button>
            <button type="button" className="btn btn-light btn-sm" onClick={() => setSeen(null)}>
              Leave them
            </button>
          </p>
        </div>
      )}
      <h3 className="mt-3 mb-1">Every value, newest first</h3>
      <table className="tb" aria-label="History of values">
        <thead>
          <tr>
            <th>when</th>
            <th>who</th>
            <th>device</th>
            <th>what</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {[...state.all]
            .reverse()
            .slice(0, 120)
            .map((record) => {
              const gone = state.voided.has(record.id)
              const body = record.body
              const say =
                body.kind === 'reading'
                  ? `${body.target} reads ${inch(body.inches)}${body.of === 'footing' ? ' on the pad' : ''}`
                  : body.kind === 'setup'
                    ? `set-up ${body.place}`
                    : body.kind === 'check'
                      ? `checked back: ${inch(body.benchmarkIn)}`
                      : body.kind === 'hole'
                        ? `hole ${body.post}: ` +
                          `${body.depthIn !== null ? formatLength(body.depthIn) : body.bottomReadingIn !== null ? `rod reads ${inch(body.bottomReadingIn)} on its bottom` : '–'}, ` +
                          `${body.found}`
                        : body.kind === 'pour'
                          ? `${body.post} poured, ${body.bags} bags`
                          : body.kind === 'state'
                            ? `${body.post} ${body.state}`
                            : body.kind === 'cut'
                              ? `${body.post} cut at ${body.lengthIn === null ? '–' : formatLength(body.lengthIn)}`
                              : body.kind === 'gap'
                                ? `${body.from} to ${body.to}: ${body.gapIn}″`
                                : body.kind === 'grade'
                                  ? body.gradeReadingIn === null
                                    ? 'grade line unlocked'
                                    : `grade line locked at ${body.gradeReadingIn}″`
                                  : body.kind === 'print'
                                    ? 'cards printed'
                                    : 'undo'
              return (
                <tr
                  key={record.id}
                  style={gone ? { textDecoration: 'line-through', color: 'var(--ink-3)' } : undefined}
                >
                  <td>{new Date(record.at).toLocaleString('en-US', { dateStyle: 'short', timeStyle: 'short' })}</td>
                  <td>{record.who || '–'}</td>
                  <td className="lab">{record.device}</td>
                  <td>{say}</td>
                  <td>
                    {!gone && body.kind !== 'void' && body.kind !== 'print' && (
                      <button
                        type="button"
                        className="btn btn-light btn-sm"
                        style={{ height: 24 }}
                        onClick={() => undo(record.id)}
                      >
                        Take back
                      </button>
                    )}
                  </td>
                </tr>
              )
            })}
        </tbody>
      </table>
    </div>
  )
}
