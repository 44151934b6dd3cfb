'use client'
import { useState } from 'react'
import { POST_STATES } from '@/core/field'
import { RAISE_CAUTION } from '@/formats/words'
import { formatLength } from '@/core/units'
import { Measure } from '@/ui'
import { Big } from './Big'
import type { FieldPage } from './page'
import { entryIn, Keypad, type Entry } from './Keypad'
import { useLog, useMeasured } from './useField'

/** One post’s card on the phone: its cut, its marks from its own bottom, its state. */
export function PostView({ job, derived: d, rest, go }: FieldPage) {
  const id = d.posts.some((p) => p.id === rest[1]) ? rest[1] : d.posts[0].id
  const state = useLog((s) => s.state)
  const add = useLog((s) => s.add)
  const undo = useLog((s) => s.undo)
  const { asBuilt } = useMeasured(job, d)
  const [cutting, setCutting] = useState(false)
  const [entry, setEntry] = useState<Entry>({ whole: null, sixteenths: null })
  const [around, setAround] = useState<number | null>(null)
  const p = asBuilt.find((q) => q.id === id)
  if (!p) return null
  const at = POST_STATES.indexOf(p.state)
  const next = POST_STATES[at + 1]
  const cut = state.cuts[id]
  const value = entryIn(entry)
  const lastState = state.all
    .filter((r) => r.body.kind === 'state' && r.body.post === id && !state.voided.has(r.id))
    .at(-1)
  return (
    <>
      <div className="plan3">
        <div>
          <span>{p.readingIn === null ? 'rod not read' : 'rod reads'}</span>
          <b>{p.readingIn === null ? '–' : <Measure inches={p.readingIn} feet={false} />}</b>
        </div>
        <div>
          <span>foot to grade line</span>
          <b>
            <Measure inches={p.footToGradeIn} feet={false} />
          </b>
        </div>
        <div>
          <span>state</span>
          <b style={{ fontSize: 18 }}>{p.state}</b>
        </div>
      </div>
      <p className="fnote">Cut this post</p>
      <Big inches={p.cutIn ?? p.needIn} feet words={false} />
      {p.fit && (
        <div className={p.fit.kind === 'fits' ? 'fok' : 'fwarn'} role={p.fit.kind === 'fits' ? 'status' : 'alert'}>
          <div>
            <b>{p.fit.say}</b>
            {p.fit.kind !== 'fits' && (
              <p>
                It needs <Measure inches={p.needIn} /> now.
              </p>
            )}
          </div>
          {cut && (
            <button type="button" onClick={() => undo(cut.id)}>
              Undo
            </button>
          )}
        </div>
      )}
      {p.upFromRodIn !== null && job.building.school !== 'pier' && (
        <p className="fnote">
          From the stake {p.upFromRodIn >= 0 ? 'up' : 'down'} to the grade line:{' '}
          <b>
            <Measure inches={Math.abs(p.upFromRodIn)} feet={false} />
          </b>
        </p>
      )}
      {!p.measured && (
        <p className="fnote">
          Its foot has not been read: these marks are the plan’s. Read the rod on the{' '}
          {job.building.school === 'pier' ? 'bracket' : 'pad'} before cutting.
        </p>
      )}
      {cutting ? (
        <>
          <Big inches={value} empty="cut length, inches" words={false} />
          <Keypad
            entry={entry}
            around={around ?? Math.round(p.needIn)}
            most={480}
            onEntry={setEntry}
            onAround={setAround}
          />
          <div className="acts">
            <button type="button" className="quiet" onClick={() => setCutting(false)}>
              Back
            </button>
            <button
              type="button"
              className="main"
              disabled={value === null}
              onClick={() => {
                add({ kind: 'cut', post: id, lengthIn: value })
                add({ kind: 'state', post: id, state: 'cut' })
                setCutting(false)
                setEntry({ whole: null, sixteenths: null })
              }}
            >
              {value === null ? 'Tap what was cut' : `Cut at ${formatLength(value, { feet: false })}`}
            </button>
          </div>
        </>
      ) : (
        <div className="acts">
          {lastState && (
            <button type="button" className="quiet" onClick={() => undo(lastState.id)}>
              Undo {p.state}
            </button>
          )}
          {next === 'cut' ? (
            <button
              type="button"
              className="main"
              onClick={() => {
                add({ kind: 'cut', post: id, lengthIn: Math.round(p.needIn * 16) / 16 })
                add({ kind: 'state', post: id, state: 'cut' })
              }}
            >
              Cut as said
            </button>
          ) : next ? (
            <button type="button" className="main" onClick={() => add({ kind: 'state', post: id, state: next })}>
              Now {next}
            </button>
          ) : null}
          {next === 'cut' && (
            <button type="button" className="quiet" onClick={() => setCutting(true)}>
              Cut otherwise
            </button>
          )}
        </div>
      )}
      <h2>Marks from its own bottom</h2>
      <ul className="marks">
        {[...p.marks].reverse().map((m) => (
          <li key={m.key} className={m.kind}>
            <span>{m.name}</span>
            <b>
              <Measure inches={m.fromBottomIn} stacked />
            </b>
            <i>
              <Measure inches={m.fromHeelIn} /> down
            </i>
          </li>
        ))}
      </ul>
      <p className="fnote">Girt marks are the {job.fieldwork.boardEdge} of the board.</p>
      <div className="caution">{RAISE_CAUTION}</div>
      <div className="acts small">
        <button type="button" onClick={() => go(['hole', id])}>
          Hole of {id}
        </button>
        <button type="button" onClick={() => go(['read'])}>
          Readings
        </button>
      </div>
    </>
  )
}
