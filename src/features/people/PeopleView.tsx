'use client'
import { Download, UserPlus } from 'lucide-react'
import Link from 'next/link'
import { useCallback, useEffect, useState } from 'react'
import { Button, Form } from 'react-bootstrap'
import { type Role, ROLES } from '@/core/people'
import { issueText, ROLE_WORDS } from '@/formats/words'
import { dayTime } from '@/ui'
import { publicAddress, type Reply, TROUBLE_WORDS, troubleOf } from '../job'
import { type Happening, type Invited, people, type Person, type Waiting } from './api'

/** What came of something that was asked for, where it was not done. */
function whyNot(reply: Exclude<Reply<unknown>, { kind: 'ok' }>): string {
  if (reply.kind === 'refused') return reply.issues.map(issueText).join(' ')
  return `Nothing was changed: ${TROUBLE_WORDS[troubleOf(reply)]}.`
}

/** The people of the office and what happened there, asked for again after each change. */
function useOffice() {
  const [all, setAll] = useState<readonly Person[] | null>(null)
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  const [audit, setAudit] = useState<readonly Happening[]>([])
  const [trouble, setTrouble] = useState<string | null>(null)
  const refresh = useCallback(async () => {
    const [list, invited, happened] = await Promise.all([people.all(), people.waiting(), people.audit()])
    if (list.kind === 'ok') setAll(list.value)
    else setTrouble(whyNot(list))
    if (invited.kind === 'ok') setWaiting(invited.value)
    if (happened.kind === 'ok') setAudit(happened.value)
  }, [])
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the first list is asked for when the page is there
    void refresh()
  }, [refresh])
  /** Does something and shows what is there then. */
  const change = async (asked: Promise<Reply<unknown>>) => {
    const reply = await asked
    setTrouble(reply.kind === 'ok' ? null : whyNot(reply))
    await refresh()
  }
  return { all, waiting, audit, trouble, setTrouble, refresh, change }
}

const SPACED = /(.{4})(?=.)/g

/** The code of an invitation, this once. */
function Code({ made }: { readonly made: Invited }) {
  const link = `${publicAddress()}/join/${made.code}`
  return (
    <div className="move mt-2" role="status">
      <div className="big">{made.code.replace(SPACED, '$1 ')}</div>
      <p className="mb-1">
        For {made.name}, until {dayTime(made.endsAt)}. It works once and is not shown again.
      </p>
      <p className="mb-0">
        As a link: <code>{link}</code>
      </p>
    </div>
  )
}

/** Inviting somebody new. */
function Invite({ onDone }: { readonly onDone: () => Promise<void> }) {
  const [name, setName] = useState('')
  const [role, setRole] = useState<Role>('crew')
  const [made, setMade] = useState<Invited | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const send = async () => {
    const reply = await people.invite({ name: name.trim(), role })
    if (reply.kind !== 'ok') return setTrouble(whyNot(reply))
    setTrouble(null)
    setMade(reply.value)
    setName('')
    await onDone()
  }
  return (
    <section aria-label="Invite">
      <h2>Invite</h2>
      <Form
        className="d-flex gap-2 align-items-end flex-wrap"
        onSubmit={(event) => {
          event.preventDefault()
          void send()
        }}
      >
        <div>
          <Form.Label htmlFor="invite-name">Name</Form.Label>
          <Form.Control
            id="invite-name"
            autoComplete="off"
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <div>
          <Form.Label htmlFor="invite-role">Comes in as</Form.Label>
          <Form.Select id="invite-role" value={role} onChange={(event) => setRole(event.target.value as Role)}>
            {ROLES.map((each) => (
              <option key={each} value={each}>
                {ROLE_WORDS[each].name}
              </option>
            ))}
          </Form.Select>
        </div>
        <Button type="submit" disabled={name.trim() === ''}>
          <UserPlus size={16} /> Make an invitation
        </Button>
      </Form>
      <p className="note mt-1 mb-0">May do: {ROLE_WORDS[role].may}</p>
      {trouble && (
        <div className="caution mt-2" role="alert">
          {trouble}
        </div>
      )}
      {made && <Code made={made} />}
    </section>
  )
}

/** Who is invited and has not come yet. */
function Expected({
  waiting,
  change,
}: {
  readonly waiting: readonly Waiting[]
  readonly change: (asked: Promise<Reply<unknown>>) => Promise<void>
}) {
  if (waiting.length === 0) return null
  return (
    <section aria-label="Invited">
      <h2>Invited, not here yet</h2>
      <table className="tb">
        <thead>
          <tr>
            <th>who</th>
            <th>until</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {waiting.map(({ id, name, role, endsAt }) => (
            <tr key={id}>
              <td>
                <b>{name}</b>
                <div className="note">{ROLE_WORDS[role].name}</div>
              </td>
              <td>{dayTime(endsAt)}</td>
              <td>
                <Button
                  size="sm"
                  variant="light"
                  aria-label={`Take back the invitation of ${name}`}
                  onClick={() => void change(people.takeBack(id))}
                >
                  Take it back
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function stateOf({ withdrawn, on }: Person): string {
  if (withdrawn) return 'has no access'
  return on.length > 0 ? '' : 'signed out'
}

/** One person: where they are signed in, and what can be done about it. */
function PersonRow({
  person,
  change,
  setTrouble,
}: {
  readonly person: Person
  readonly change: (asked: Promise<Reply<unknown>>) => Promise<void>
  readonly setTrouble: (text: string | null) => void
}) {
  const [made, setMade] = useState<Invited | null>(null)
  const [erasing, setErasing] = useState(false)
  const again = async () => {
    const reply = await people.invite({ person: person.id })
    if (reply.kind === 'ok') setMade(reply.value)
    else setTrouble(whyNot(reply))
  }
  return (
    <tr>
      <td>
        <b>{person.name}</b>
        <div className="note">{ROLE_WORDS[person.role].name}</div>
      </td>
      <td>
        {stateOf(person) && <div className="note">{stateOf(person)}</div>}
        {person.on.map((on) => (
          <div key={on.session} className="d-flex flex-wrap gap-2 align-items-center mb-1">
            <span>
              {on.label || 'a device without a name'} <span className="note">seen {dayTime(on.seenAt)}</span>
            </span>
            <Button size="sm" variant="light" onClick={() => void change(people.forget(on.device))}>
              Lost: forget it
            </Button>
          </div>
        ))}
        {made && <Code made={made} />}
      </td>
      <td>
        <div className="d-flex gap-1 flex-wrap">
          <Button size="sm" variant="light" onClick={() => void again()}>
            New invitation
          </Button>
          {!person.withdrawn && (
            <Button size="sm" variant="light" onClick={() => void change(people.withdraw(person.id))}>
              End access
            </Button>
          )}
          <a className="btn btn-light btn-sm" href={people.dataAt(person.id)} download>
            <Download size={14} /> Their data
          </a>
          {erasing ? (
            <Button size="sm" variant="danger" onClick={() => void change(people.erase(person.id))}>
              Erase the name for good
            </Button>
          ) : (
            <Button size="sm" variant="light" onClick={() => setErasing(true)}>
              Erase
            </Button>
          )}
        </div>
        {erasing && (
          <div className="note mt-1">
            What they did stays, without a name. Words of notes, and what phones have kept, stay as they are. This
            cannot be taken back.
          </div>
        )}
      </td>
    </tr>
  )
}

/** What happened, newest first. */
const Audit = ({ audit }: { readonly audit: readonly Happening[] }) => (
  <section aria-label="What happened">
    <h2>What happened</h2>
    <table className="tb">
      <thead>
        <tr>
          <th>when</th>
          <th>what</th>
          <th>who</th>
          <th>where</th>
        </tr>
      </thead>
      <tbody>
        {audit.map(({ id, at, what, who, device, facts }) => (
          <tr key={id}>
            <td>{dayTime(at)}</td>
            <td>
              {what}
              {facts.name && `: ${facts.name}`}
            </td>
            <td>{who}</td>
            <td>{device}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </section>
)

/** Who comes into this office, from which phones and computers, and what happened. For its owner. */
export function PeopleView() {
  const { all, waiting, audit, trouble, setTrouble, refresh, change } = useOffice()
  return (
    <main className="yard people">
      <header>
        <h1>People</h1>
        <span className="spacer" />
        <Link href="/" className="btn btn-light">
          All jobs
        </Link>
      </header>
      {trouble && (
        <div className="caution mb-3" role="alert">
          {trouble}
        </div>
      )}
      <Invite onDone={refresh} />
      <Expected waiting={waiting} change={change} />
      <section aria-label="Here">
        <h2>Here</h2>
        {all === null ? (
          <p className="note">One moment.</p>
        ) : (
          <table className="tb">
            <thead>
              <tr>
                <th>who</th>
                <th>signed in on</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {all.map((person) => (
                <PersonRow key={person.id} person={person} change={change} setTrouble={setTrouble} />
              ))}
            </tbody>
          </table>
        )}
      </section>
      <Audit audit={audit} />
    </main>
  )
}
