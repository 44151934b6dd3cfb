import 'server-only'
import { z } from 'zod'
import { type Role, ROLES } from '@/core/people'
import type { From } from '../services/signInService'
import { cookieOf, DEVICE_COOKIE } from './cookies'

/**
 * Who asks: somebody signed in, a stranger, or anybody at a machine where nobody has made an account yet. The server that
 * looks at requests first writes it down for the routes; what a browser sends under these names is thrown away there.
 */
const visitorSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('open') }),
  z.object({ kind: z.literal('stranger') }),
  z.object({
    kind: z.literal('person'),
    id: z.string(),
    name: z.string(),
    role: z.enum(ROLES),
    session: z.string(),
    device: z.string(),
  }),
])
export type Visitor = z.infer<typeof visitorSchema>
export type PersonVisiting = Extract<Visitor, { kind: 'person' }>

export const VISITOR_HEADER = 'x-burdock-visitor'
export const ADDRESS_HEADER = 'x-burdock-address'
/** Whether the request came over TLS: its cookies then go over nothing else. */
export const TLS_HEADER = 'x-burdock-tls'
export const overTls = (headers: Headers): boolean => headers.get(TLS_HEADER) === '1'

/** A visitor as a header's text: names are of any letters. */
export const visitorText = (visitor: Visitor): string => Buffer.from(JSON.stringify(visitor)).toString('base64url')

/** Who asks, as the first server has written it down; a stranger where it has not. */
export function visitorOf(headers: Headers): Visitor {
  const text = headers.get(VISITOR_HEADER)
  if (text === null) return { kind: 'stranger' }
  return visitorSchema.parse(JSON.parse(Buffer.from(text, 'base64url').toString()))
}

/** By whom something is done, as what stays says it. */
export interface By {
  readonly who: string
  /** Null where nobody signs in. */
  readonly person: string | null
}

/** Whoever does something while nobody signs in here. */
export const THIS_COMPUTER: By = { who: 'this computer', person: null }

export function byOf(headers: Headers): By {
  const person = personOf(headers)
  return person ? { who: person.name, person: person.id } : THIS_COMPUTER
}

/** Who asks, where they have signed in. */
export function personOf(headers: Headers): PersonVisiting | null {
  const visitor = visitorOf(headers)
  return visitor.kind === 'person' ? visitor : null
}

/** The browser that asks, with the name that its people give it. */
export const fromOf = (headers: Headers, label: string): From => ({
  device: cookieOf(headers.get('cookie'), DEVICE_COOKIE),
  label,
  address: headers.get(ADDRESS_HEADER) ?? 'unknown',
})

/** What a page may know of who asks. */
export type WhoIs =
  | { readonly kind: 'open' }
  | { readonly kind: 'stranger'; readonly asksCode: boolean }
  | { readonly kind: 'person'; readonly name: string; readonly role: Role }

export function whoIs(visitor: Visitor): WhoIs {
  switch (visitor.kind) {
    case 'open':
      return { kind: 'open' }
    case 'stranger':
      return { kind: 'stranger', asksCode: process.env.BURDOCK_SETUP_CODE !== undefined }
    case 'person':
      return { kind: 'person', name: visitor.name, role: visitor.role }
  }
}
