'use client'
import { holeNeed } from '@/core/frame'
import {
  FOUND,
  judgeHole,
  POST_STATES,
  reached,
  type FieldState,
  type Found,
  type HoleNeed,
  type PostState,
} from '@/core/field'
import type { Job } from '@/core/model'
import { issue, keepSame } from '@/core/result'
import { holesToCsv } from '@/formats/csv'
import { FOUND_WORDS } from '@/formats/words'
import { FailSign, HoldSign, Measure, OptionalLengthField } from '@/ui'
import { memo, useState } from 'react'
import { download } from '../drawing'
import { cureFigure } from '@/formats/pocket/fromJob'
import { cureOf, tempsSince, weatherWords, useLog, useMeasured, type FieldLog } from '../field'
import { FilledLinks, useDoc, useJob, type JobState } from '../job'

interface RowProps {
  readonly job: Job
  readonly id: string
  readonly name: string
  readonly need: HoleNeed | null
  readonly log: FieldState['holes'][string] | undefined
  readonly depth: number | null
  readonly pour: FieldState['pours'][string][number] | undefined
  readonly temps: FieldState['temps']
  /** Whether buried lines are marked: no hole counts as dug before. */
  readonly mayDig: boolean
  readonly stage: PostState
  readonly on: boolean
  readonly now: string
  readonly pick: JobState['pick']
  readonly add: FieldLog['add']
}

/** One hole of the log. Drawn again only when something is said of it. */
const Row = memo(
  function Row({ job, temps, mayDig, id, name, need, log, depth, pour, stage, on, now, pick, add }: RowProps) {
    const verdict = log && need ? judgeHole(need, log, depth) : null
    const cure = pour ? cureOf(job, temps, pour.body.poured, now) : null
    const put = (depthIn: number | null, found: Found) => {
      add({ kind: 'hole', post: id, depthIn, setup: null, bottomReadingIn: null, found, note: log?.body.note ?? '' })
      if (depthIn !== null && mayDig && POST_STATES.indexOf(stage) < 1)
        add({ kind: 'state', post: id, state: 'hole dug' })
    }
    const rowClass = () => {
      if (on) return 'sel'
      if (verdict && verdict.state !== 'holds') return 'warn'
      return 'pick'
    }
    return (
      <tr className={rowClass()} onClick={() => pick({ post: id })}>
        <td>
          <button type="button" className="id" aria-pressed={on}>
            {name}
          </button>
        </td>
        <td className="n">{need && <Measure inches={need.depthIn} />}</td>
        <td className="n">
          <OptionalLengthField
            bare
            label="depth"
            ariaLabel={`depth of ${name} as dug`}
            value={depth}
            onChange={(value) => {
              if (value !== null && (value <= 0 || value > 240))
                return [
                  value <= 0
                    ? issue('too-small', ['depthIn'], { minimum: 1 })
                    : issue('too-large', ['depthIn'], { maximum: 240 }),
                ]
              if (value !== depth) put(value, log?.body.found ?? 'nothing')
              return []
            }}
          />
        </td>
        <td>
          <select
            className="form-select form-select-sm"
            style={{ height: 24, width: 130, padding: '0 22px 0 6px', fontSize: 13 }}
            aria-label={`found in ${name}`}
            value={log?.body.found ?? 'nothing'}
            onChange={(event) => put(depth, event.target.value as Found)}
          >
            {FOUND.map((found) => (
              <option key={found} value={found}>
                {FOUND_WORDS[found]}
              </option>
            ))}
          </select>
        </td>
        <td style={{ whiteSpace: 'normal', maxWidth: 330 }}>
          {log?.body.bottomReadingIn != null && (
            <span className="note">
              By rod{depth === null ? ', its set-up is not tied or no grade line is known' : ''}.{' '}
            </span>
          )}
          {verdict ? (
            <>
              <span className="d-inline-block me-1">
                {verdict.state === 'holds' ? <HoldSign size={12} /> : <FailSign size={12} />}
              </span>
              {verdict.say} {verdict.note}
              {verdict.remedies.length > 0 && <div>Or: {verdict.remedies.join('; ')}.</div>}
            </>
          ) : (
            'not dug'
          )}
        </td>
        <td className="n">{pour ? pour.body.bags : ''}</td>
        <td style={{ whiteSpace: 'normal' }}>{cure ? `${Math.round(cure.hours)} h. ${cure.say}` : ''}</td>
      </tr>
    )
  },
  (before, after) =>
    keepSame(before.need, after.need) === before.need &&
    before.log === after.log &&
    before.depth === after.depth &&
    before.pour === after.pour &&
    before.stage === after.stage &&
    before.on === after.on &&
    before.name === after.name &&
    before.job === after.job,
)

/** The log of holes: depth as dug, what was found, what went in and when, and what each may carry by now. */
export function HoleLog() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const { dugIn } = useMeasured(job, derived)
  const [now] = useState(() => new Date().toISOString())
  // The pour of the picked hole, or the first there is.
  const poured = (picked === null ? undefined : state.pours[picked]) ?? Object.values(state.pours)[0]
  const lastPour = poured?.at(-1)?.body.poured
  const dug = derived.posts.filter((post) => state.holes[post.id] || reached(state.states[post.id], 'hole dug')).length
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        {dug} of {derived.posts.length} holes dug, {Object.keys(state.pours).length} poured. Depth is from the string.{' '}
        {weatherWords(state.temps)}{' '}
        {state.lines === null && 'No marking of buried lines is entered: no hole counts as dug before it is. '}
        <button
          type="button"
          className="btn btn-light btn-sm"
          onClick={() => download(`${job.name} holes.csv`, 'text/csv', holesToCsv(derived, state, dugIn))}
        >
          Log as CSV
        </button>
      </p>
      {lastPour && <FilledLinks figures={[cureFigure(tempsSince(job, state.temps, lastPour, now))]} />}
      <table className="tb" aria-label="Hole log">
        <thead>
          <tr>
            <th>post</th>
            <th className="n">planned</th>
            <th className="n">as dug</th>
            <th>found</th>
            <th>holds</th>
            <th className="n">bags</th>
            <th>since the pour</th>
          </tr>
        </thead>
        <tbody>
          {derived.posts.map((post) => (
            <Row
              key={post.id}
              job={job}
              id={post.id}
              name={post.name}
              need={holeNeed(derived, job, post.id)}
              log={state.holes[post.id]}
              depth={dugIn[post.id] ?? null}
              pour={state.pours[post.id]?.at(-1)}
              temps={state.temps}
              mayDig={state.lines !== null}
              stage={state.states[post.id] ?? 'planned'}
              on={post.id === picked}
              now={now}
              pick={pick}
              add={add}
            />
          ))}
        </tbody>
      </table>
    </div>
  )
}
