import type { Role } from '@/core/people'
import { ask } from '../job'

/** Somebody of the office, and where they are signed in. */
export interface Person {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly withdrawn: boolean
  readonly on: readonly {
    readonly session: string
    readonly device: string
    readonly label: string
    readonly seenAt: string
  }[]
}

/** One thing that happened at the office. */
export interface Happening {
  readonly id: number
  readonly at: string
  readonly what: string
  readonly who: string | null
  readonly device: string | null
  readonly facts: { readonly name?: string; readonly role?: string }
}

/** An invitation that nobody has taken yet. */
export interface Waiting {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly endsAt: string
}

export interface Invited {
  readonly code: string
  readonly name: string
  readonly endsAt: string
}

const at = (id: string) => `/api/people/${encodeURIComponent(id)}`
type Home = { readonly home: string }
export const people = {
  all: () => ask<readonly Person[]>('/api/people'),
  audit: () => ask<readonly Happening[]>('/api/audit'),
  invite: (wanted: { readonly name: string; readonly role: Role } | { readonly person: string }) =>
    ask<Invited>('/api/invitations', 'POST', wanted),
  waiting: () => ask<readonly Waiting[]>('/api/invitations'),
  takeBack: (id: string) => ask<unknown>(`/api/invitations/${encodeURIComponent(id)}`, 'DELETE'),
  withdraw: (id: string) => ask<unknown>(at(id), 'DELETE'),
  erase: (id: string) => ask<unknown>(`${at(id)}/name`, 'DELETE'),
  dataAt: (id: string) => `${at(id)}/data`,
  forget: (device: string) => ask<unknown>(`/api/devices/${encodeURIComponent(device)}`, 'DELETE'),
  signIn: (shown: { readonly name: string; readonly secret: string; readonly label: string }) =>
    ask<Home>('/api/sign-in', 'POST', shown),
  open: (shown: { readonly name: string; readonly secret: string; readonly code: string; readonly label: string }) =>
    ask<Home>('/api/owner', 'POST', shown),
  join: (shown: { readonly code: string; readonly secret: string; readonly label: string }) =>
    ask<Home>('/api/join', 'POST', shown),
  signOut: () => ask<unknown>('/api/sign-out', 'POST', {}),
}
