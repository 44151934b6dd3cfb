'use client'
import { type KeyboardEvent, type ReactNode, useEffect, useId, useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { Issue, Result } from '@/core/result'
import { type Entry, escaped, handedIn, RESTING, soFar, stepped, typed } from './entry'
import { type Host, useEntryPlace } from './EntryScope'
import { useIssueWords } from './words'

/** Wait before a half-typed value is called wrong, ms. Handing it in says it at once. */
const PATIENCE_MS = 700

export interface EntryProps<T> {
  readonly label: ReactNode
  readonly value: T
  readonly format: (value: T) => string
  readonly parse: (text: string) => Result<T>
  /** Takes a value; returns why not, or nothing. Steps of one visit to the field carry the same gesture. */
  readonly onChange: (value: T, gesture: string) => readonly Issue[]
  readonly onDone?: () => void
  readonly step?: (value: T, direction: 1 | -1, big: boolean) => T
  readonly hint?: ReactNode
  readonly wide?: boolean
  readonly name?: string
  readonly bare?: boolean
  readonly ariaLabel?: string
  readonly placeholder?: string
}

let gestures = 0
const nextGesture = () => `entry-${++gestures}`

/** The entry of a field, kept over a change of tab where it was refused, and given up when the job says otherwise. */
function useEntry(place: string, host: Host | null, shown: string) {
  const [entry, setEntry] = useState<Entry>(() => {
    const kept = host?.refused.get(place)
    return kept?.shown === shown ? kept.entry : RESTING
  })
  const [seen, setSeen] = useState(shown)
  // The value has changed by other ways: what was refused for the one before is of no more use.
  if (seen !== shown) {
    setSeen(shown)
    if (entry.kind === 'refused') setEntry(RESTING)
  }
  const keep = (next: Entry) => {
    setEntry(next)
    if (next.kind === 'refused') host?.refused.set(place, { entry: next, shown })
    else host?.refused.delete(place)
  }
  return { entry, keep }
}

/** Whether a half-typed text has stood long enough to be called wrong. */
function usePatience(entry: Entry): boolean {
  const [late, setLate] = useState<Entry | null>(null)
  useEffect(() => {
    if (entry.kind !== 'typing') return
    const timer = setTimeout(() => setLate(entry), PATIENCE_MS)
    return () => clearTimeout(timer)
  }, [entry])
  return entry.kind === 'refused' || late === entry
}

const isUndo = (event: KeyboardEvent) => (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'

/** Reasons under a field. */
function Reasons({ id, issues }: { readonly id: string; readonly issues: readonly Issue[] }) {
  const words = useIssueWords()
  return (
    <div className="msg" id={id} role="alert">
      {issues.slice(0, 2).map((issue, k) => (
        <div key={k}>{words(issue)}</div>
      ))}
    </div>
  )
}

/**
 * One typed value. Typing changes nothing but the text: the job takes it on Enter, Tab or when the field is left, and
 * what it refuses stays in the field with the reason. Arrows step, Escape gives the text up, and so does undo.
 */
export function EntryField<T>(props: EntryProps<T>) {
  const label = typeof props.label === 'string' ? props.label : ''
  const { place, host } = useEntryPlace(props.name ?? props.ariaLabel ?? label)
  return <OwnEntry key={place} place={place} host={host} {...props} />
}

function OwnEntry<T>({
  place,
  host,
  ...props
}: EntryProps<T> & { readonly place: string; readonly host: Host | null }) {
  const id = useId()
  const shown = props.format(props.value)
  const { entry, keep } = useEntry(place, host, shown)
  const late = usePatience(entry)
  const gesture = useRef('')
  const fieldNow = () => ({ ...props, put: (value: T) => props.onChange(value, gesture.current) })
  const finish = () => {
    props.onDone?.()
    host?.done()
    gesture.current = nextGesture()
  }
  const handIn = () => {
    keep(handedIn(entry, fieldNow()))
    finish()
  }
  // Passing through a field that was refused asks nothing again; Enter does.
  const leave = () => (entry.kind === 'refused' ? finish() : handIn())
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (entry.kind !== 'resting' && (event.key === 'Escape' || isUndo(event))) {
      event.preventDefault()
      event.stopPropagation()
      keep(escaped())
    } else if (event.key === 'Enter') handIn()
    else if (props.step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault()
      const { step } = props
      keep(stepped(entry, fieldNow(), (value) => step(value, event.key === 'ArrowUp' ? 1 : -1, event.shiftKey)))
    }
  }
  const issues = soFar(entry, props)
  const bad = late && issues.length > 0
  const input = (
    <Form.Control
      id={id}
      name={props.name}
      type="text"
      inputMode="text"
      autoComplete="off"
      spellCheck={false}
      isInvalid={bad}
      aria-invalid={bad}
      aria-describedby={bad ? `${id}-msg` : undefined}
      aria-label={props.ariaLabel}
      placeholder={props.placeholder}
      value={entry.kind === 'resting' ? shown : entry.text}
      onChange={(event) => keep(typed(event.target.value))}
      onKeyDown={onKeyDown}
      onFocus={(event) => {
        gesture.current = nextGesture()
        event.target.select()
      }}
      onBlur={leave}
    />
  )
  const message = bad ? <Reasons id={`${id}-msg`} issues={issues} /> : null
  if (props.bare)
    return (
      <>
        {input}
        {message}
      </>
    )
  return (
    <div className={props.wide ? 'f wide' : 'f'}>
      <label htmlFor={id}>{props.label}</label>
      {input}
      {props.hint && !bad && <div className="hint">{props.hint}</div>}
      {message}
    </div>
  )
}
