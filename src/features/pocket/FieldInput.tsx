'use client'
'use no memo'
import { type KeyboardEvent, type PointerEvent, useId, useRef, useState } from 'react'
import type { Issue } from '@/core/result'
import { lengthEntry, parseLength, steppedLength, type UnitSystem } from '@/core/units'
import type { Field } from './fields'
import type { Pair, SupplierText, Text } from './typed'
import { unitOf } from './typed'

/** What a field needs to be typed into. */
export interface FieldProps {
  readonly name: string
  readonly field: Field
  readonly text: Text
  readonly system: UnitSystem
  readonly issues: readonly Issue[]
  readonly onType: (text: Text) => void
  /** Says that a length has the blade: how to read it and put it back. */
  readonly onPick: (picked: Picked | null) => void
}

/** A length that the blade moves. */
export interface Picked {
  readonly label: string
  readonly path: string
  readonly text: string
}

interface InputProps {
  readonly label: string
  readonly text: string
  readonly bad: boolean
  readonly describedBy?: string | undefined
  readonly onText: (text: string) => void
  readonly onFocus?: () => void
  readonly placeholder?: string
  readonly unit?: string
  /** Moves a step up or down; nothing where the text does not read. */
  readonly step?: (direction: 1 | -1, big: boolean) => string | null
  /** Thumbs nudge it on the blade: the keys of the phone come with a second tap. */
  readonly nudged?: boolean
}

/** One place to type in, with its name over it. */
function Input(props: InputProps) {
  const id = useId()
  const box = useRef<HTMLInputElement>(null)
  const [keys, setKeys] = useState(false)
  const asking = useRef(false)
  const onKeyDown = (event: KeyboardEvent) => {
    if (!props.step || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
    event.preventDefault()
    const next = props.step(event.key === 'ArrowUp' ? 1 : -1, event.shiftKey)
    if (next !== null) props.onText(next)
  }
  // The first tap picks the length for the blade; the second asks for keys, which come only with a new focus.
  const onPointerDown = (event: PointerEvent) => {
    if (event.pointerType === 'mouse' || !props.nudged || keys || document.activeElement !== box.current) return
    event.preventDefault()
    setKeys(true)
    asking.current = true
    box.current?.blur()
    requestAnimationFrame(() => {
      asking.current = false
      box.current?.focus()
    })
  }
  return (
    <div className={props.bad ? 'entry bad' : 'entry'}>
      <label htmlFor={id}>{props.label}</label>
      <span className="typed">
        <input
          id={id}
          ref={box}
          type="text"
          autoComplete="off"
          spellCheck={false}
          inputMode={props.nudged && !keys ? 'none' : 'text'}
          aria-invalid={props.bad}
          aria-describedby={props.describedBy}
          placeholder={props.placeholder}
          value={props.text}
          onChange={(event) => props.onText(event.target.value)}
          onKeyDown={onKeyDown}
          onPointerDown={onPointerDown}
          onFocus={(event) => {
            event.target.select()
            props.onFocus?.()
          }}
          onBlur={() => asking.current || setKeys(false)}
        />
        {props.unit && <i>{props.unit}</i>}
      </span>
    </div>
  )
}

/** How a length steps on its tape. */
const lengthStep = (text: string, system: UnitSystem) => (direction: 1 | -1, big: boolean) => {
  const read = parseLength(text, system)
  return read.ok
    ? lengthEntry(steppedLength(read.value, direction, big, system), system, Math.abs(read.value) >= 48)
    : null
}

/** Coarse pointers get the blade; a mouse and a keyboard type. */
const byThumb = (): boolean => typeof window !== 'undefined' && window.matchMedia('(pointer: coarse)').matches

function Lengths({
  field,
  text,
  system,
  onType,
  onPick,
  name,
  issues,
  describedBy,
}: FieldProps & { readonly describedBy: string | undefined }) {
  const texts = text as readonly string[]
  const rows = [...texts.filter((each, k) => each !== '' || k < texts.length - 1), '']
  const each = field.kind === 'lengths' ? field.each : ''
  const put = (k: number, next: string) =>
    onType(rows.map((old, at) => (at === k ? next : old)).filter((old, at) => old !== '' || at === k))
  return rows.map((row, k) => (
    <Input
      key={k}
      label={`${each} ${k + 1}`}
      text={row}
      bad={issues.some((issue) => issue.path[1] === k)}
      describedBy={describedBy}
      placeholder={k === rows.length - 1 ? 'add' : ''}
      onText={(next) => put(k, next)}
      onFocus={() => onPick(row === '' ? null : { label: `${each} ${k + 1}`, path: `${name}.${k}`, text: row })}
      step={lengthStep(row, system)}
      nudged={byThumb() && row !== ''}
    />
  ))
}

function Pairs({
  name: key,
  field,
  text,
  system,
  onType,
  onPick,
  issues,
  describedBy,
}: FieldProps & { readonly describedBy: string | undefined }) {
  const isLength = field.kind === 'named-lengths'
  const pairs = text as readonly Pair[]
  const rows: readonly Pair[] = [...pairs, ['', '']]
  // A row that is emptied stays in its place: prices are typed for goods by theirs.
  const put = (k: number, next: Pair) => {
    const now = rows.map((old, at) => (at === k ? next : old))
    onType(now.slice(0, now.findLastIndex(([name, each]) => name !== '' || each !== '') + 1))
  }
  /** What makes a text of the row one that the blade moves. */
  const nudgedBy = ([name, each]: Pair, k: number) => ({
    step: lengthStep(each, system),
    nudged: byThumb() && each !== '',
    onFocus: () => onPick(each === '' ? null : { label: `${name} reads`, path: `${key}.${k}`, text: each }),
  })
  return rows.map(([name, each], k) => {
    // A text that does not read is refused by its place, a number that does not fit by its name.
    const bad = issues.some(({ path }) => path[1] === k || path[1] === name)
    return (
      <div className="pair" key={k}>
        <Input
          label={isLength ? `post ${k + 1}` : `item ${k + 1}`}
          text={name}
          bad={bad}
          placeholder={k === rows.length - 1 ? 'add' : ''}
          onText={(next) => put(k, [next, each])}
          onFocus={() => onPick(null)}
        />
        <Input
          label={isLength ? 'reads' : 'how many'}
          text={each}
          bad={bad}
          describedBy={describedBy}
          onText={(next) => put(k, [name, next])}
          {...(isLength ? nudgedBy([name, each], k) : {})}
        />
      </div>
    )
  })
}

const NO_SUPPLIER: SupplierText = { name: '', fee: '', prices: [] }
const isNobody = ({ name, fee, prices }: SupplierText): boolean =>
  name === '' && fee === '' && prices.every((price) => price === '')

function Prices({
  text,
  onType,
  issues,
  items,
  describedBy,
}: FieldProps & { readonly items: readonly string[]; readonly describedBy: string | undefined }) {
  const rows = [...(text as readonly SupplierText[]).filter((row) => !isNobody(row)), NO_SUPPLIER]
  const put = (k: number, next: SupplierText) =>
    onType(rows.map((old, at) => (at === k ? next : old)).filter((row) => !isNobody(row)))
  return rows.map((row, k) => (
    <div className="pair wide" key={k}>
      <Input
        label={`supplier ${k + 1}`}
        text={row.name}
        bad={false}
        placeholder={k === rows.length - 1 ? 'add' : ''}
        onText={(name) => put(k, { ...row, name })}
      />
      <Input
        label="delivery"
        text={row.fee}
        bad={issues.some((issue) => issue.path[1] === k)}
        describedBy={describedBy}
        onText={(fee) => put(k, { ...row, fee })}
      />
      {items.map(
        (name, at) =>
          name !== '' && (
            <Input
              key={at}
              label={`a ${name}`}
              text={row.prices[at] ?? ''}
              bad={issues.some((issue) => issue.path[1] === k)}
              onText={(price) =>
                put(k, { ...row, prices: items.map((_item, n) => (n === at ? price : (row.prices[n] ?? ''))) })
              }
            />
          ),
      )}
    </div>
  ))
}

function Choices({ field, text, onType }: FieldProps) {
  if (field.kind !== 'choice') return null
  return (
    <fieldset className="entry choice">
      <legend>{field.label}</legend>
      <span className="choices">
        {field.choices.map(({ value, label }) => (
          <button key={label} type="button" aria-pressed={String(value) === text} onClick={() => onType(String(value))}>
            {label}
          </button>
        ))}
      </span>
    </fieldset>
  )
}

/** One field of a figure, whatever its kind; one that is wrong is marked. */
export function FieldInput(props: FieldProps & { readonly items: readonly string[] }) {
  const { field, text, system, issues, onType, onPick, name } = props
  // What is wrong stands where the answer would, in words that name the field.
  const describedBy = issues.length > 0 ? 'wrong' : undefined
  const one = { label: field.label, text: text as string, bad: issues.length > 0, describedBy, onText: onType }
  switch (field.kind) {
    case 'length':
      return (
        <div className="field">
          <Input
            {...one}
            onFocus={() => onPick({ label: field.label, path: name, text: one.text })}
            step={lengthStep(one.text, system)}
            nudged={byThumb()}
          />
        </div>
      )
    case 'number':
      return (
        <div className="field">
          <Input
            {...one}
            onFocus={() => onPick(null)}
            unit={unitOf(field, system)}
            step={(direction) => {
              const value = Number(text)
              return Number.isFinite(value) && text !== '' ? String(value + direction) : null
            }}
          />
        </div>
      )
    case 'choice':
      return (
        <div className="field">
          <Choices {...props} />
        </div>
      )
    case 'hours':
      return (
        <div className="field whole">
          <Input {...one} onFocus={() => onPick(null)} />
          <p className="how">Hours alike as 45×12.</p>
        </div>
      )
    case 'lengths':
    case 'named-lengths':
    case 'counts':
    case 'prices':
      return (
        <fieldset className="field whole">
          <legend>{field.label}</legend>
          <div className="rows">
            {field.kind === 'lengths' && <Lengths {...props} describedBy={describedBy} />}
            {(field.kind === 'named-lengths' || field.kind === 'counts') && (
              <Pairs {...props} describedBy={describedBy} />
            )}
            {field.kind === 'prices' && <Prices {...props} describedBy={describedBy} />}
          </div>
        </fieldset>
      )
  }
}
