'use client'
import { type FormEvent, useState } from 'react'
import { createPortal } from 'react-dom'
import type { Post } from '@/core/layout'
import { GUEST_MOST_DAYS, type GuestCard } from '@/core/people'
import type { Issue } from '@/core/result'
import { opensHereOnly } from '@/formats/fieldsheets'
import { qrCode } from '@/formats/qr'
import { issueText, STANDING_NOTE } from '@/formats/words'
import { dayWords } from '@/ui'
import { useLog } from '../field'
import { ask, publicAddress, TROUBLE_WORDS, troubleOf, useDoc } from '../job'
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
interface Fresh {
  readonly address: string
  readonly until: string
}

/** What is to be known of an address that only this machine opens. */
const ownMachineOnly = (address: string): string | null =>
  opensHereOnly(address) ? 'It opens on this machine only: phones reach an office that was started with --site.' : null

/** The card as it is handed over: nothing else of the page is printed with it. */
function CardPaper({ address, until, name }: Fresh & { readonly name: string }) {
  const { job } = useDoc()
  return createPortal(
    <article className="guestpaper" aria-hidden>
      <h1>Post {name}</h1>
      <p>{job.name}</p>
      <Code address={address} />
      <p>
        Read this code with a phone: the post’s numbers as they stand then, until {dayWords(until)}. No account is
        needed, and nothing else can be read.
      </p>
      <p className="address">{address}</p>
      <p>{ownMachineOnly(address)}</p>
      <p>{STANDING_NOTE}</p>
    </article>,
    document.body,
  )
}

/** Prints the card alone. */
function printCard(): void {
  const { dataset } = document.body
  dataset.prints = 'card'
  window.print()
  delete dataset.prints
}

/** A page that did not come over https or from this machine has no clipboard: the address is marked and copied by hand. */
const canCopy = (): boolean => 'clipboard' in navigator

/** What is done with a card that was just made: read by a phone, copied, printed. */
function Made({ fresh, name }: { readonly fresh: Fresh; readonly name: string }) {
  const { address } = fresh
  const [copied, setCopied] = useState(false)
  return (
    <div className="caution" role="status">
      <b>Whoever has this address reads post {name}, and nothing else.</b> It is shown this once.{' '}
      {ownMachineOnly(address)}
      <Code address={address} />
      <input
        readOnly
        value={address}
        aria-label="Address of the guest’s card"
        className="form-control form-control-sm"
      />
      <div className="d-flex gap-2 mt-1">
        {canCopy() && (
          <button
            type="button"
            className="btn btn-light btn-sm"
            onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
          >
            {copied ? 'Copied' : 'Copy it'}
          </button>
        )}
        <button type="button" className="btn btn-light btn-sm" onClick={printCard}>
          Print it
        </button>
      </div>
      <CardPaper {...fresh} name={name} />
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
  const [made, setMade] = useState<Fresh | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const make = async (event: FormEvent) => {
    event.preventDefault()
    const until = endOf(day)
    const reply = await ask<{ readonly token: string }>(path, 'POST', { post: post.id, until })
    setTrouble(null)
    if (reply.kind === 'ok') setMade({ address: `${publicAddress()}/guest/${reply.value.token}`, until })
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
      {made && <Made fresh={made} name={post.name} />}
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
