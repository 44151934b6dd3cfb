'use client'
import { createContext, type ReactNode, useContext, useMemo, useState } from 'react'
import type { Entry } from './entry'

/** A text that was refused, and the value that stood in the job then. */
interface Kept {
  readonly entry: Entry
  readonly shown: string
}

/** Where refused texts are kept, each for its own field of its own thing, and who is told that an entry is done. */
export interface Host {
  readonly refused: Map<string, Kept>
  readonly done: () => void
}
interface Scope {
  readonly host: Host | null
  readonly path: string
}

const ScopeContext = createContext<Scope>({ host: null, path: '' })

/**
 * Fields of a page: a text that was refused waits in its field, also while another tab or thing is looked at, for as
 * long as the page lives. `onDone` is told when an entry ends.
 */
export function EntryHost({ onDone, children }: { readonly onDone: () => void; readonly children: ReactNode }) {
  const [refused] = useState(() => new Map<string, Kept>())
  const scope = useMemo(() => ({ host: { refused, done: onDone }, path: '' }), [refused, onDone])
  return <ScopeContext.Provider value={scope}>{children}</ScopeContext.Provider>
}

/** Fields of one thing: what is refused in them belongs to it. */
export function EntryScope({ of, children }: { readonly of: string; readonly children: ReactNode }) {
  const { host, path } = useContext(ScopeContext)
  const scope = useMemo(() => ({ host, path: `${path}/${of}` }), [host, path, of])
  return <ScopeContext.Provider value={scope}>{children}</ScopeContext.Provider>
}

/** The place of one field among all of its page: its thing and its name. */
export function useEntryPlace(name: string): { readonly place: string; readonly host: Host | null } {
  const { host, path } = useContext(ScopeContext)
  return { place: `${path}/${name}`, host }
}
