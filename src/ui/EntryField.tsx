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
  readonly format: (v: T) => string
  readonly parse: (text: string) => Result<T>
  /** Takes a value; returns why not, or nothing. */
  readonly onChange: (v: T, gesture: string) => readonly Issue[]
  readonly onDone?: () => void
  readonly step?: (v: T, direction: 1 | -1, big: boolean) => T
  readonly hint?: ReactNode
  readonly wide?: boolean
  readonly name?: string
  readonly bare?: boolean
  readonly ariaLabel?: string
  readonly placeholder?: string
}

let gestures = 0

/**
 * One typed value. Valid text is taken as it is typed; text that is not stays in the field with a sentence under it while the model
 * keeps the last good value. Arrows step, Escape brings the model's value back.
 */
export function EntryField<T>(p: EntryProps<T>) {
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
    const parsed = p.parse(typed)
    judge(parsed.ok ? p.onChange(parsed.value, gesture.current) : parsed.issues)
  }
  const key = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Escape' && text !== null) {
      setText(null)
      judge([])
      e.stopPropagation()
    } else if (e.key === 'Enter') {
      setShown(issues.length > 0)
      if (issues.length === 0) {
        setText(null)
        p.onDone?.()
        gesture.current = `entry-${++gestures}`
      }
    } else if (p.step && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
      e.preventDefault()
      const next = p.step(p.value, e.key === 'ArrowUp' ? 1 : -1, e.shiftKey)
      const refused = p.onChange(next, gesture.current)
      judge(refused)
      setText(refused.length ? p.format(next) : null)
    }
  }
  const bad = shown && issues.length > 0
  const input = (
    <Form.Control
      id={id}
      name={p.name}
      type="text"
      inputMode="text"
      autoComplete="off"
      spellCheck={false}
      isInvalid={bad}
      aria-invalid={bad}
      aria-describedby={bad ? `${id}-msg` : undefined}
      aria-label={p.ariaLabel}
      placeholder={p.placeholder}
      value={text ?? p.format(p.value)}
      onChange={(e) => take(e.target.value)}
      onKeyDown={key}
      onFocus={(e) => {
        gesture.current = `entry-${++gestures}`
        e.target.select()
      }}
      onBlur={() => {
        p.onDone?.()
        if (issues.length === 0) setText(null)
        else setShown(true)
      }}
    />
  )
  const message = bad ? (
    <div className="msg" id={`${id}-msg`} role="alert">
      {issues.slice(0, 2).map((i, k) => (
        <div key={k}>{words(i)}</div>
      ))}
    </div>
  ) : null
  if (p.bare)
    return (
      <>
        {input}
        {message}
      </>
    )
  return (
    <div className={p.wide ? 'f wide' : 'f'}>
      <label htmlFor={id}>{p.label}</label>
      {input}
      {p.hint && !bad && <div className="hint">{p.hint}</div>}
      {message}
    </div>
  )
}
