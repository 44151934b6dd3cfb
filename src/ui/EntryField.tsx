'use client'
import { useEffect, useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { Issue, Result } from '@/core/result'
import { useIssueWords } from './words'

/** Wait before a half-typed value is called wrong, ms. Leaving the field says it at once. */
const PATIENCE_MS = 700

export interface EntryProps<T> {
  readonly label: ReactNode
  readonly value: T
  readonly format: (value: T) => string
  readonly parse: (text: string) => Result<T>
  /** Takes a value; returns why not, or nothing. */
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

/**
 * One typed value. Valid text is taken as it is typed; text that is not stays in the field with a sentence under it
 * while the model
 * keeps the last good value. Arrows step, Escape brings the model's value back.
 */
export function EntryField<T>(entryProps: EntryProps<T>) {
  const id = useId()
  const words = useIssueWords()
  const [text, setText] = useState<string | null>(null)
  const [issues, setIssues] = useState<readonly Issue[]>([])
  const [shown, setShown] = useState(false)
  const gesture = useRef('')
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => () => clearTimeout(timer.current), [])

  const judge = (next: readonly Issue[]) => {
    setIssues(next)
    clearTimeout(timer.current)
    if (next.length === 0) setShown(false)
    else timer.current = setTimeout(() => setShown(true), PATIENCE_MS)
  }
  const take = (typed: string) => {
    setText(typed)
    const parsed = entryProps.parse(typed)
    judge(parsed.ok ? entryProps.onChange(parsed.value, gesture.current) : parsed.issues)
  }
  const key = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Escape' && text !== null) {
      setText(null)
      judge([])
      event.stopPropagation()
    } else if (event.key === 'Enter') {
      setShown(issues.length > 0)
      if (issues.length === 0) {
        setText(null)
        entryProps.onDone?.()
        gesture.current = `entry-${++gestures}`
      }
    } else if (entryProps.step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault()
      const next = entryProps.step(entryProps.value, event.key === 'ArrowUp' ? 1 : -1, event.shiftKey)
      const refused = entryProps.onChange(next, gesture.current)
      judge(refused)
      setText(refused.length ? entryProps.format(next) : null)
    }
  }
  const bad = shown && issues.length > 0
  const input = (
    <Form.Control
      id={id}
      name={entryProps.name}
      type="text"
      inputMode="text"
      autoComplete="off"
      spellCheck={false}
      isInvalid={bad}
      aria-invalid={bad}
      aria-describedby={bad ? `${id}-msg` : undefined}
      aria-label={entryProps.ariaLabel}
      placeholder={entryProps.placeholder}
      value={text ?? entryProps.format(entryProps.value)}
      onChange={(event) => take(event.target.value)}
      onKeyDown={key}
      onFocus={(event) => {
        gesture.current = `entry-${++gestures}`
        event.target.select()
      }}
      onBlur={() => {
        entryProps.onDone?.()
        if (issues.length === 0) setText(null)
        else setShown(true)
      }}
    />
  )
  const message = bad ? (
    <div className="msg" id={`${id}-msg`} role="alert">
      {issues.slice(0, 2).map((issue, k) => (
        <div key={k}>{words(issue)}</div>
      ))}
    </div>
  ) : null
  if (entryProps.bare)
    return (
      <>
        {input}
        {message}
      </>
    )
  return (
    <div className={entryProps.wide ? 'f wide' : 'f'}>
      <label htmlFor={id}>{entryProps.label}</label>
      {input}
      {entryProps.hint && !bad && <div className="hint">{entryProps.hint}</div>}
      {message}
    </div>
  )
}
