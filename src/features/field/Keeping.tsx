'use client'
import { useState } from 'react'
import type { Issue } from '@/core/result'
import { CLOCK_OFF_MS, issueText, recordText } from '@/formats/words'
import type { FieldPage } from './page'
import { useLog } from './useField'
import { useLasting } from './useLasting'
import { type Ready, useReady } from './useReady'

/** Says before anything is typed that this browser keeps nothing: what is tapped then is not taken. */
export function CannotKeep() {
  const keeps = useLog((log) => log.keeps)
  const lost = useLog((log) => log.lost)
  if (keeps) return null
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>This browser cannot keep entries: it takes none</b>
        <p>
          Its room is full, or its window is a private one. Free some room, or open this page in an ordinary window.
          {lost > 0 && ` ${lost === 1 ? 'The last entry was' : `The last ${lost} entries were`} not taken.`}
        </p>
      </div>
    </div>
  )
}

const READY_WORDS: Readonly<Record<Ready, string>> = {
  asking: 'Looking whether this phone is ready without a signal',
  ready: 'Ready without a signal',
  files: 'Not ready without a signal: some pages are not kept here. Open this page with a signal.',
  plan: 'Not ready without a signal: the plan is not kept here. Open this page with a signal.',
  room: 'Not ready without a signal: there is no room to keep entries.',
  insecure: 'Works with a signal only: this address is not secure (http), and browsers keep no pages from it.',
  browser: 'Works with a signal only: this browser keeps no pages.',
}

/** Whether this job works here without a signal, as it was found out. */
export function ReadyLine({ plan }: Pick<FieldPage, 'plan'>) {
  const jobId = useLog((log) => log.jobId)
  const ready = useReady(jobId, plan.revision)
  return (
    <p className={ready === 'ready' ? 'fready' : 'fready not'} role="status">
      {ready === 'ready' && <span aria-hidden>✓ </span>}
      {READY_WORDS[ready]}
    </p>
  )
}

/** Whether an entry was not refused, but left for the office to look at. */
const isLeft = (issues: readonly Issue[]): boolean => issues.at(0)?.code === 'left-with-office'

/** Entries that the office did not take: each with its reason, and a way on. Nothing else waits for them. */
export function SetAsideList({ go, derived }: Pick<FieldPage, 'go' | 'derived'>) {
  const refused = useLog((log) => log.refused)
  const stored = useLog((log) => log.stored)
  const drop = useLog((log) => log.drop)
  const entries = refused.flatMap(({ id, issues }) => {
    const body = stored.find(({ record }) => record.id === id)?.record.body
    return body ? [{ id, issues, body, post: 'post' in body ? body.post : null }] : []
  })
  return entries.map(({ id, issues, post, body }) => (
    <div className="fwarn" role="alert" key={id}>
      <div>
        <b>{isLeft(issues) ? 'Left with the office' : 'Set aside: the office did not take this entry'}</b>
        <p>
          {recordText(body, derived.names)}. {issues[0] && issueText(issues[0])}{' '}
          {!isLeft(issues) && 'The rest was sent.'}
        </p>
        {!isLeft(issues) && (
          <button
            type="button"
            onClick={() => go(body.kind === 'reading' ? ['read'] : ['post', ...(post ? [post] : [])])}
          >
            Enter it again
          </button>
        )}{' '}
        <button type="button" onClick={() => drop(id)}>
          {isLeft(issues) ? 'Take it off this phone' : 'Leave it out'}
        </button>
      </div>
    </div>
  ))
}

const HOUR_MS = 3_600_000

/** Says that this phone's clock is wrong: entries keep their order by it or not, but their hours would be wrong. */
export function ClockLine() {
  const aheadMs = useLog((log) => log.aheadMs)
  if (aheadMs === null || Math.abs(aheadMs) < CLOCK_OFF_MS) return null
  const off = Math.abs(aheadMs)
  const hours = off / HOUR_MS
  const span =
    hours >= 1
      ? `${Math.round(hours)} ${Math.round(hours) === 1 ? 'hour' : 'hours'}`
      : `${Math.round(off / 60_000)} minutes`
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>
          This phone’s clock is {span} {aheadMs > 0 ? 'ahead' : 'behind'}
        </b>
        <p>Set it. Entries keep their order all the same; the hours beside them are wrong until then.</p>
      </div>
    </div>
  )
}

/** Says where entries wait that a browser may clear by itself: some keep only what belongs to an installed page. */
export function LastingLine() {
  const lasts = useLasting()
  const waiting = useLog((log) => log.waiting)
  if (lasts !== false || waiting === 0) return null
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>{waiting === 1 ? 'One entry waits' : `${waiting} entries wait`} here, and this browser may clear them</b>
        <p>Come to a signal soon, or put this page on the home screen: what belongs to it is kept then.</p>
      </div>
    </div>
  )
}

/** What to do with entries that wait on a phone which was signed out: sign in, or leave them for the office to look at. */
export function SignedOutLine() {
  const link = useLog((log) => log.link)
  const waiting = useLog((log) => log.waiting)
  const leave = useLog((log) => log.leave)
  const [failed, setFailed] = useState(false)
  if (link !== 'signed-out') return null
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>
          This phone is signed out
          {waiting > 0 && `, and ${waiting === 1 ? 'one entry waits' : `${waiting} entries wait`}`}
        </b>
        <p>
          <a href={`/sign-in?to=${encodeURIComponent(window.location.pathname)}`}>Sign in</a> to go on
          {waiting > 0 && ', or leave what waits with the office, which takes or refuses it'}.
          {failed && ' It could not be left: this phone is not known there, or the office is away.'}
        </p>
        {waiting > 0 && (
          <button type="button" onClick={() => void leave().then((left) => setFailed(!left))}>
            Leave it with the office
          </button>
        )}
      </div>
    </div>
  )
}
