'use client'
import { useId, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { fail, ok, type Issue, type Result } from '@/core/result'
import {
  lengthEntry,
  NO_BREAK,
  numberScale,
  type NumberScale,
  parseLength,
  parseNumber,
  steppedLength,
  upTo,
} from '@/core/units'
import { EntryField } from './EntryField'
import { useUnits } from './Units'

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
type Take<T> = (value: T, gesture: string) => readonly Issue[]

/** How a length is shown, read and stepped in the units of this place. */
function useLengthEntry(feet = true) {
  const system = useUnits()
  return {
    format: (value: number) => lengthEntry(value, system, feet),
    parse: (text: string) => parseLength(text, system),
    step: (value: number, direction: 1 | -1, big: boolean) => steppedLength(value, direction, big, system),
  }
}

/** A length in any notation a tape user writes. Arrows step a sixteenth, with Shift an inch; or a millimeter, ten. */
export function LengthField(
  props: Common & { readonly value: number; readonly onChange: Take<number>; readonly feet?: boolean },
) {
  const entry = useLengthEntry(props.feet)
  return <EntryField {...props} {...entry} />
}

/** A length that may be left out. */
export function OptionalLengthField(
  props: Common & {
    readonly value: number | null
    readonly onChange: Take<number | null>
    readonly feet?: boolean
    readonly empty?: string
  },
) {
  const { format, parse, step } = useLengthEntry(props.feet)
  return (
    <EntryField<number | null>
      {...props}
      format={(value) => (value === null ? (props.empty ?? '') : format(value))}
      parse={(text) => (text.trim() === '' || text.trim() === props.empty ? ok(null) : parse(text))}
      step={(value, direction, big) => (value === null ? null : step(value, direction, big))}
    />
  )
}

/** A number as it is typed in the unit that is shown; what says it is in the core's own unit is taken in that. */
function parseScaled(text: string, own: string, { unit, times }: NumberScale): Result<number> {
  const shown = parseNumber(text, unit)
  if (shown.ok) return ok(shown.value / times)
  const plain = parseNumber(text, own)
  return plain.ok ? plain : shown
}

/** Refusals with their limits in the unit that is shown. */
const limitsIn = ({ times }: NumberScale, issues: readonly Issue[]): readonly Issue[] =>
  times === 1
    ? issues
    : issues.map((issue) => ({
        ...issue,
        facts: Object.fromEntries(
          Object.entries(issue.facts).map(([name, fact]) => [
            name,
            typeof fact === 'number' ? Math.round(fact * times * 1000) / 1000 : fact,
          ]),
        ),
      }))

/** How a number is shown, read and stepped in the units of this place. */
function useNumberEntry(own: string) {
  const scale = numberScale(own, useUnits())
  const { unit, times, step } = scale
  return {
    scale,
    format: (value: number | null) =>
      value === null ? '' : `${upTo(value * times, 4)}${unit ? `${NO_BREAK}${unit}` : ''}`,
    parse: (text: string): Result<number> => parseScaled(text, own, scale),
    step: (value: number | null, direction: 1 | -1, big: boolean) =>
      (value ?? 0) + (direction * step * (big ? 10 : 1)) / times,
  }
}

/** A number as it was read, refused where only whole ones are taken and it is none. */
const wholeIf = (isWhole: boolean | undefined, result: Result<number>): Result<number> =>
  result.ok && isWhole && !Number.isInteger(result.value) ? fail('not-whole') : result

/** A plain number with its unit, in the units of this place. Arrows step one mark, with Shift ten. */
export function NumberField(
  props: Common & {
    readonly value: number | null
    readonly unit?: string
    readonly whole?: boolean
    readonly onChange: Take<number>
  },
) {
  const entry = useNumberEntry(props.unit ?? '')
  return (
    <EntryField<number | null>
      {...props}
      format={entry.format}
      parse={(text) => wholeIf(props.whole, entry.parse(text))}
      onChange={(value, gesture) => (value === null ? [] : limitsIn(entry.scale, props.onChange(value, gesture)))}
      step={entry.step}
    />
  )
}

/** A number that may be left out: an empty field says that it is not known. */
export function OptionalNumberField(
  props: Common & {
    readonly value: number | null
    readonly unit?: string
    readonly whole?: boolean
    readonly onChange: Take<number | null>
  },
) {
  const entry = useNumberEntry(props.unit ?? '')
  return (
    <EntryField<number | null>
      {...props}
      format={entry.format}
      parse={(text) => (text.trim() === '' ? ok(null) : wholeIf(props.whole, entry.parse(text)))}
      onChange={(value, gesture) => limitsIn(entry.scale, props.onChange(value, gesture))}
      step={entry.step}
    />
  )
}

/** One of a few. */
export function ChoiceField<T extends string>(
  props: Common & {
    readonly value: T | ''
    readonly choices: readonly { readonly value: T; readonly label: string }[]
    readonly onChange: (value: T) => readonly Issue[] | void
    readonly empty?: string
  },
) {
  const id = useId()
  const select = (
    <Form.Select
      id={id}
      name={props.name}
      aria-label={props.ariaLabel}
      value={props.value}
      onChange={(event) => {
        if (event.target.value !== '') props.onChange(event.target.value as T)
      }}
    >
      {props.value === '' && <option value="">{props.empty ?? 'choose'}</option>}
      {props.choices.map((choice) => (
        <option key={choice.value} value={choice.value}>
          {choice.label}
        </option>
      ))}
    </Form.Select>
  )
  return props.bare ? (
    select
  ) : (
    <div className={props.wide ? 'f wide' : 'f'}>
      <label htmlFor={id}>{props.label}</label>
      {select}
      {props.hint && <div className="hint">{props.hint}</div>}
    </div>
  )
}

/** Yes or no. */
export function ToggleField(props: Common & { readonly value: boolean; readonly onChange: (value: boolean) => void }) {
  const id = useId()
  return (
    <div className="f form-switch ps-0">
      <label htmlFor={id}>{props.label}</label>
      <Form.Check.Input
        id={id}
        name={props.name}
        type="checkbox"
        role="switch"
        checked={props.value}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.hint && <div className="hint">{props.hint}</div>}
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
  readonly onChange: (value: T) => void
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
export function TextField(props: Common & { readonly value: string; readonly onChange: Take<string> }) {
  return <EntryField<string> {...props} format={(value) => value} parse={(text) => ok(text)} />
}
