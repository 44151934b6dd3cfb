'use client'
import { useId, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { fail, ok, type Issue } from '@/core/result'
import { formatLength, parseLength, parseNumber, roundIn } from '@/core/units'
import { EntryField } from './EntryField'

interface Common {
  readonly label: ReactNode
  readonly hint?: ReactNode
  readonly wide?: boolean
  readonly name?: string
  readonly bare?: boolean
  readonly ariaLabel?: string
  readonly onDone?: () => void
  readonly placeholder?: string
}
type Take<T> = (nonNullable: T, gesture: string) => readonly Issue[]

const stepLength = (v: number, d: 1 | -1, big: boolean) => roundIn(v) + d * (big ? 1 : 1 / 16)

/** A length in any notation a tape user writes. Arrows step a sixteenth, with Shift an inch. */
export function LengthField(
  p: Common & { readonly value: number; readonly onChange: Take<number>; readonly feet?: boolean },
) {
  return (
    <EntryField
      {...p}
      format={(v) => formatLength(v, { feet: p.feet ?? true })}
      parse={parseLength}
      step={stepLength}
    />
  )
}

/** A length that may be left out. */
export function OptionalLengthField(
  p: Common & {
    readonly value: number | null
    readonly onChange: Take<number | null>
    readonly feet?: boolean
    readonly empty?: string
  },
) {
  return (
    <EntryField<number | null>
      {...p}
      format={(v) => (v === null ? (p.empty ?? '') : formatLength(v, { feet: p.feet ?? true }))}
      parse={(t) => (t.trim() === '' || t.trim() === p.empty ? ok(null) : parseLength(t))}
      step={(v, d, big) => (v === null ? null : stepLength(v, d, big))}
    />
  )
}

/** A plain number with its unit. Arrows step one, with Shift ten. */
export function NumberField(
  p: Common & {
    readonly value: number | null
    readonly unit?: string
    readonly whole?: boolean
    readonly onChange: Take<number>
  },
) {
  return (
    <EntryField<number | null>
      {...p}
      format={(v) => (v === null ? '' : `${Number(v.toFixed(4))}${p.unit ? ` ${p.unit}` : ''}`)}
      parse={(t) => {
        const result = parseNumber(t, p.unit)
        return result.ok && p.whole && !Number.isInteger(result.value) ? fail('not-whole') : result
      }}
      onChange={(v, g) => (v === null ? [] : p.onChange(v, g))}
      step={(v, d, big) => (v ?? 0) + d * (big ? 10 : 1)}
    />
  )
}

/** One of a few. */
export function ChoiceField<T extends string>(
  p: Common & {
    readonly value: T | ''
    readonly choices: readonly { readonly value: T; readonly label: string }[]
    readonly onChange: (v: T) => readonly Issue[] | void
    readonly empty?: string
  },
) {
  const id = useId()
  const select = (
    <Form.Select
      id={id}
      name={p.name}
      aria-label={p.ariaLabel}
      value={p.value}
      onChange={(event) => {
        if (event.target.value !== '') p.onChange(event.target.value as T)
      }}
    >
      {p.value === '' && <option value="">{p.empty ?? 'choose'}</option>}
      {p.choices.map((choice) => (
        <option key={choice.value} value={choice.value}>
          {choice.label}
        </option>
      ))}
    </Form.Select>
  )
  return p.bare ? (
    select
  ) : (
    <div className={p.wide ? 'f wide' : 'f'}>
      <label htmlFor={id}>{p.label}</label>
      {select}
      {p.hint && <div className="hint">{p.hint}</div>}
    </div>
  )
}

/** Yes or no. */
export function ToggleField(p: Common & { readonly value: boolean; readonly onChange: (v: boolean) => void }) {
  const id = useId()
  return (
    <div className="f form-switch ps-0">
      <label htmlFor={id}>{p.label}</label>
      <Form.Check.Input
        id={id}
        name={p.name}
        type="checkbox"
        role="switch"
        checked={p.value}
        onChange={(event) => p.onChange(event.target.checked)}
      />
      {p.hint && <div className="hint">{p.hint}</div>}
    </div>
  )
}

/** A few ways to look at the same thing, one pressed. */
export function Segments<T extends string>({
  value,
  choices,
  onChange,
  label,
}: {
  readonly value: T
  readonly choices: readonly { readonly value: T; readonly label: string }[]
  readonly onChange: (v: T) => void
  readonly label: string
}) {
  return (
    <span className="seg" role="group" aria-label={label}>
      {choices.map((choice) => (
        <button
          key={choice.value}
          type="button"
          aria-pressed={choice.value === value}
          onClick={() => onChange(choice.value)}
        >
          {choice.label}
        </button>
      ))}
    </span>
  )
}

/** Text of one line. */
export function TextField(p: Common & { readonly value: string; readonly onChange: Take<string> }) {
  return <EntryField<string> {...p} format={(v) => v} parse={(t) => ok(t)} />
}
