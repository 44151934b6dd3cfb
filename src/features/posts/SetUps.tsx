'use client'
import { useRef, useState } from 'react'
import type { RecordBody } from '@/core/field'
import { readingsFromCsv, readingsToCsv, type ReadingRow } from '@/formats/csv'
import { formatLength } from '@/core/units'
import { FailSign, HoldSign, Measure, UncheckedSign } from '@/ui'
import { download } from '../drawing'
import { useLog } from '../field'
import { useDoc } from '../job'

const inch = (v: number) => formatLength(v, { feet: false })
const STATE = {
  open: 'open, not checked back',
  closed: 'closed on its benchmark',
  refused: 'refused: bumped',
  untied: 'not tied to the first',
} as const

/** Laser set-ups with their statistics, every reading with who and when, and readings from a CSV file with a preview. */
export function SetUps() {
  const { job, derived: d } = useDoc()
  const levels = useLog((s) => s.levels)
  const state = useLog((s) => s.state)
  const add = useLog((s) => s.add)
  const undo = useLog((s) => s.undo)
  const file = useRef<HTMLInputElement>(null)
  const [seen, setSeen] = useState<{
    readonly rows: readonly ReadingRow[]
    readonly problems: readonly string[]
  } | null>(null)
  const ids = d.posts.map((p) => p.id)
  const read = async (f: File) =>
    setSeen(
      f.size > 1_000_000
        ? { rows: [], problems: ['That file is over 1 MB: a rod log is a few kilobytes.'] }
        : readingsFromCsv(await f.text(), ids),
    )
  const take = () => {
    if (!seen) return
    const setup = `csv-${Date.now().toString(36)}`
    const bodies: RecordBody[] = [
      { kind: 'setup', setup, place: 'from a file', benchmarkIn: null },
      ...seen.rows.map((r): RecordBody => ({
        kind: 'reading',
        setup,
        target: r.post,
        of: 'foot',
        inches: r.readingIn,
      })),
    ]
    for (const b of bodies) add(b)
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
          {levels.setups.map((s, i) => (
            <tr key={s.setup} className={s.state === 'refused' || s.state === 'untied' ? 'warn' : undefined}>
              <td>{i + 1}</td>
              <td>{s.place || '–'}</td>
              <td className="n">{s.benchmarkIn === null ? '–' : <Measure inches={s.benchmarkIn} feet={false} />}</td>
              <td className="n">{s.count}</td>
              <td className="n">
                {s.highest ? (
                  <>
                    {s.highest.body.target} <Measure inches={s.highest.body.inches} feet={false} />
                  </>
                ) : (
                  '–'
                )}
              </td>
              <td className="n">
                {s.lowest ? (
                  <>
                    {s.lowest.body.target} <Measure inches={s.lowest.body.inches} feet={false} />
                  </>
                ) : (
                  '–'
                )}
              </td>
              <td className="n">
                <Measure inches={s.spreadIn} feet={false} />
              </td>
              <td>
                <span className="d-inline-block me-1">
                  {s.state === 'refused' || s.state === 'untied' ? (
                    <FailSign size={12} />
                  ) : s.state === 'closed' ? (
                    <HoldSign size={12} />
                  ) : (
                    <UncheckedSign size={12} />
                  )}
                </span>
                {STATE[s.state]}
                {s.closingIn !== null && (
                  <>
                    {' '}
                    by <Measure inches={s.closingIn} feet={false} />
                  </>
                )}
              </td>
            </tr>
          ))}
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
              levels.unused.map((u) =>
                u.why === 'refused'
                  ? 'their set-up does not close'
                  : u.why === 'untied'
                    ? 'their set-up is not tied to the first by a benchmark'
                    : 'they belong to no set-up',
              ),
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
          onChange={(e) => {
            const f = e.target.files?.[0]
            e.target.value = ''
            if (f) void read(f)
          }}
        />
        <a
          className="btn btn-light btn-sm"
          href={`/field/${state.all.length >= 0 ? (typeof window === 'undefined' ? '' : window.location.pathname.split('/')[2]) : ''}`}
        >
          Open the field page
        </a>
      </div>
      {seen && (
        <div className="move">
          <div className="big">{seen.rows.length} readings to take</div>
          {seen.problems.slice(0, 8).map((p, i) => (
            <p key={i} role="alert">
              {p}
            </p>
          ))}
          <p>
            {seen.rows
              .slice(0, 12)
              .map((r) => `${r.post} ${r.readingIn}`)
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
            .map((r) => {
              const gone = state.voided.has(r.id)
              const b = r.body
              const say =
                b.kind === 'reading'
                  ? `${b.target} reads ${inch(b.inches)}${b.of === 'footing' ? ' on the pad' : ''}`
                  : b.kind === 'setup'
                    ? `set-up ${b.place}`
                    : b.kind === 'check'
                      ? `checked back: ${inch(b.benchmarkIn)}`
                      : b.kind === 'hole'
                        ? `hole ${b.post}: ${b.depthIn !== null ? formatLength(b.depthIn) : b.bottomReadingIn !== null ? `rod reads ${inch(b.bottomReadingIn)} on its bottom` : '–'}, ${b.found}`
                        : b.kind === 'pour'
                          ? `${b.post} poured, ${b.bags} bags`
                          : b.kind === 'state'
                            ? `${b.post} ${b.state}`
                            : b.kind === 'cut'
                              ? `${b.post} cut at ${b.lengthIn === null ? '–' : formatLength(b.lengthIn)}`
                              : b.kind === 'gap'
                                ? `${b.from} to ${b.to}: ${b.gapIn}″`
                                : b.kind === 'grade'
                                  ? b.gradeReadingIn === null
                                    ? 'grade line unlocked'
                                    : `grade line locked at ${b.gradeReadingIn}″`
                                  : b.kind === 'print'
                                    ? 'cards printed'
                                    : 'undo'
              return (
                <tr key={r.id} style={gone ? { textDecoration: 'line-through', color: 'var(--ink-3)' } : undefined}>
                  <td>{new Date(r.at).toLocaleString('en-US', { dateStyle: 'short', timeStyle: 'short' })}</td>
                  <td>{r.who || '–'}</td>
                  <td className="lab">{r.device}</td>
                  <td>{say}</td>
                  <td>
                    {!gone && b.kind !== 'void' && b.kind !== 'print' && (
                      <button
                        type="button"
                        className="btn btn-light btn-sm"
                        style={{ height: 24 }}
                        onClick={() => undo(r.id)}
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
