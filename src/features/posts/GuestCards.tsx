'use client'
import { type FormEvent, useState } from 'react'
import type { Post } from '@/core/layout'
import { GUEST_MOST_DAYS, type GuestCard } from '@/core/people'
import type { Issue } from '@/core/result'
import { qrCode } from '@/formats/qr'
import { issueText } from '@/formats/words'
import { dayWords } from '@/ui'
import { useLog } from '../field'
import { ask, publicAddress, TROUBLE_WORDS, troubleOf } from '../job'
import { useAsked } from './useAsked'

const DAY_MS = 86_400_000
/** Days that a card stands unless it is said otherwise. */
const USUAL_DAYS = 14

/** A day as a date field has it: 2026-11-28, in this machine's own time. */
const dayOf = (date: Date): string =>
  [date.getFullYear(), date.getMonth() + 1, date.getDate()].map((part) => String(part).padStart(2, '0')).join('-')
/** The end of a day, as it is told to the office. */
const endOf = (day: string): string => new Date(`${day}T23:59:59`).toISOString()

/** The code of an address, to be read by a phone's camera. */
function Code({ address }: { readonly address: string }) {
  const { modules, path } = qrCode(address)
  const size = modules + 8
  return (
    <svg viewBox={`0 0 ${size} ${size}`} width="160" height="160" role="img" aria-label="Code of the guest’s card">
      <rect width={size} height={size} fill="#fff" />
      <path d={path} transform="translate(4 4.5)" fill="none" stroke="#000" strokeWidth="1" />
    </svg>
  )
}

/** A card that was just made: its address is told this once. */
function Made({ address, name }: { readonly address: string; readonly name: string }) {
  const [copied, setCopied] = useState(false)
  const loopback = /^https?:\/\/(127\.|localhost|\[::1\])/.test(address)
  return (
    <div className="caution" role="status">
      <b>Whoever has this address reads post {name}, and nothing else.</b> It is shown this once.
      {loopback && ' It opens on this machine only: phones reach an office that was started with --site.'}
      <Code address={address} />
      <input
        readOnly
        value={address}
        aria-label="Address of the guest’s card"
        className="form-control form-control-sm"
      />
      <button
        type="button"
        className="btn btn-light btn-sm mt-1"
        onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
      >
        {copied ? 'Copied' : 'Copy it'}
      </button>
    </div>
  )
}

const troubleText = (issues: readonly Issue[]): string => issues.map(issueText).join(' ')

/** Cards by which somebody without an account reads this post until a day: made, listed, taken back. */
export function GuestCards({ post }: { readonly post: Post }) {
  const jobId = useLog((log) => log.jobId)
  const path = `/api/jobs/${encodeURIComponent(jobId)}/guests`
  const { list: cards, look } = useAsked<GuestCard>(path)
  const [now] = useState(() => Date.now())
  const [day, setDay] = useState(() => dayOf(new Date(now + USUAL_DAYS * DAY_MS)))
  const [made, setMade] = useState<string | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const make = async (event: FormEvent) => {
    event.preventDefault()
    const reply = await ask<{ readonly token: string }>(path, 'POST', { post: post.id, until: endOf(day) })
    setTrouble(null)
    if (reply.kind === 'ok') setMade(`${publicAddress()}/guest/${reply.value.token}`)
    else setTrouble(reply.kind === 'refused' ? troubleText(reply.issues) : TROUBLE_WORDS[troubleOf(reply)])
    await look()
  }
  const takeBack = async (id: string) => {
    await ask(`${path}/${id}`, 'DELETE')
    setMade(null)
    await look()
  }
  const own = cards.filter((card) => card.post === post.id)
  return (
    <section aria-label="Guest’s card">
      <h2 className="mt-3">Guest’s card</h2>
      <p className="note mt-1 mb-2">Somebody without an account reads this one post, until a day.</p>
      <form className="d-flex gap-2 align-items-center" onSubmit={(event) => void make(event)}>
        <label className="note">
          until{' '}
          <input
            type="date"
            required
            value={day}
            min={dayOf(new Date(now))}
            max={dayOf(new Date(now + (GUEST_MOST_DAYS - 1) * DAY_MS))}
            onChange={(event) => setDay(event.target.value)}
          />
        </label>
        <button type="submit" className="btn btn-light btn-sm">
          Make a card
        </button>
      </form>
      {trouble !== null && (
        <p className="note text-danger" role="alert">
          {trouble}
        </p>
      )}
      {made !== null && <Made address={made} name={post.name} />}
      {own.length > 0 && (
        <ul className="list-unstyled mt-2 mb-0">
          {own.map(({ id, until }) => (
            <li key={id} className="d-flex justify-content-between align-items-center note">
              <span>stands until {dayWords(until)}</span>
              <button type="button" className="btn btn-light btn-sm" onClick={() => void takeBack(id)}>
                Take it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
