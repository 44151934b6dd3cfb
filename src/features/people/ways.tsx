'use client'
import Link from 'next/link'
import { useSyncExternalStore } from 'react'
import { LEAST_PASSWORD, PIN_DIGITS, type Role, secretKindOf } from '@/core/people'
import type { Issue } from '@/core/result'
import { issueText, ROLE_WORDS } from '@/formats/words'
import { people } from './api'
import { EntryForm, type EntryField } from './EntryForm'

const NAME = { key: 'name', label: 'Your name', autoComplete: 'username' } as const
const PASSWORD = {
  key: 'secret',
  label: 'Password',
  secret: true,
  autoComplete: 'new-password',
  hint: `${LEAST_PASSWORD} letters at least; several words are easier to keep than one.`,
} as const
const PIN = {
  key: 'secret',
  label: 'A number of your own',
  secret: true,
  digits: true,
  autoComplete: 'new-password',
  hint: `${PIN_DIGITS} digits. It opens nothing but on this phone.`,
} as const

const never = () => () => undefined

/** What this machine is called until somebody says it better: by how it is pointed at. */
const useMachine = (): string =>
  useSyncExternalStore(
    never,
    () => (window.matchMedia('(pointer: coarse)').matches ? 'a phone' : 'a computer'),
    () => '',
  )

/** Signing in with a name and a password, or on a known phone with a number. */
export function SignInView({ to }: { readonly to: string | null }) {
  const label = useMachine()
  return (
    <EntryForm
      title="Sign in"
      to={to}
      action="Sign in"
      fields={[
        NAME,
        { key: 'secret', label: 'Password, or your number', secret: true, autoComplete: 'current-password' },
      ]}
      send={({ name, secret }) => people.signIn({ name, secret, label })}
    >
      <p className="note">
        Invited? Open the link that the office gave you, or <Link href="/join">type its code</Link>.
      </p>
    </EntryForm>
  )
}

const CODE: EntryField<'code'> = {
  key: 'code',
  label: 'Code',
  autoComplete: 'off',
  hint: 'It stands in the window where Burdock was started.',
}

/** The first account of an office. */
export function FirstOwner({ asksCode }: { readonly asksCode: boolean }) {
  const label = useMachine()
  return (
    <EntryForm<'name' | 'secret' | 'code'>
      title="Make the owner’s account"
      action="Make the account"
      fields={[NAME, PASSWORD, ...(asksCode ? [CODE] : [])]}
      send={({ name, secret, code = '' }) => people.open({ name, secret, code, label })}
    >
      <p>From then on everybody signs in, at this machine too. You invite the others by a code or a link.</p>
      <p className="note">Nobody can read a password out of Burdock: keep it where you keep the keys.</p>
    </EntryForm>
  )
}

/** Taking an invitation: the code where the link did not bring it, then a secret of one’s own. */
export function JoinView({
  code,
  invited,
  issues,
}: {
  readonly code: string | null
  readonly invited: { readonly name: string; readonly role: Role } | null
  readonly issues: readonly Issue[]
}) {
  const machine = useMachine()
  if (!invited || code === null)
    return (
      <EntryForm
        title="Your invitation"
        action="Go on"
        fields={[{ key: 'code', label: 'Code of the invitation', autoComplete: 'off', value: code ?? '' }]}
        send={({ code: next }) =>
          Promise.resolve({ kind: 'ok' as const, value: { home: `/join/${encodeURIComponent(next.trim())}` } })
        }
      >
        {issues.map((issue) => (
          <div key={issue.code} className="caution mb-3" role="alert">
            {issueText(issue)}
          </div>
        ))}
      </EntryForm>
    )
  return (
    <EntryForm<'secret' | 'label'>
      title={`Welcome, ${invited.name}`}
      action="Come in"
      fields={[
        secretKindOf(invited.role) === 'pin' ? PIN : PASSWORD,
        {
          key: 'label',
          label: 'What this phone or computer is called',
          autoComplete: 'off',
          hint: 'So that the office can tell it from others, should it be lost.',
        },
      ]}
      send={({ secret, label }) => people.join({ code, secret, label: (label || machine).slice(0, 80) })}
    >
      <p>
        You come in as <b>{ROLE_WORDS[invited.role].name}</b>: {ROLE_WORDS[invited.role].may}
      </p>
    </EntryForm>
  )
}
