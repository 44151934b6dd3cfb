import { fail, isRecord, type Issue, item, ok, type Result } from '@/core/result'
import { lengthEntry, numberScale, parseLength, parseNumber, type UnitSystem, upTo } from '@/core/units'
import { type Field, plainScale } from './fields'

/** A name and what is typed beside it. */
export type Pair = readonly [name: string, text: string]
/** What is typed of one supplier: a price for each thing that is needed, in their order. */
export interface SupplierText {
  readonly name: string
  readonly fee: string
  readonly prices: readonly string[]
}
/** What stands in one field, as it was typed. */
export type Text = string | readonly string[] | readonly Pair[] | readonly SupplierText[]
/** What stands in all fields of a figure. */
export type Typed = Readonly<Record<string, Text>>

type Fields = Readonly<Record<string, Field>>
type NumberField = Extract<Field, { kind: 'number' }>

/** Hours alike are typed as `45×12`: so many of them at most. */
const MOST_HOURS = 10_000

const scaleOf = ({ unit, times }: Pick<NumberField, 'unit' | 'times'>, system: UnitSystem) =>
  times === 1 ? numberScale(unit, system) : plainScale(unit, times)

const numberText = (value: number, field: Pick<NumberField, 'unit' | 'times'>, system: UnitSystem): string =>
  Number.isFinite(value) ? upTo(value * scaleOf(field, system).times, 4) : ''

const lengthText = (lengthIn: number, system: UnitSystem): string =>
  Number.isFinite(lengthIn) ? lengthEntry(lengthIn, system, Math.abs(lengthIn) >= 48) : ''

const PLAIN = { unit: '', times: 1 } as const

/** The unit that a number is typed in here. */
export const unitOf = (field: NumberField, system: UnitSystem): string => scaleOf(field, system).unit

const numbersOf = (value: unknown): readonly number[] => (Array.isArray(value) ? value.map(Number) : [])
const pairsOf = (value: unknown): readonly (readonly [string, number])[] =>
  isRecord(value) ? Object.entries(value).map(([name, each]) => [name, Number(each)] as const) : []

const wordsOf = (value: unknown): string => (typeof value === 'string' ? value : '')

function suppliersText(value: unknown, items: readonly string[]): readonly SupplierText[] {
  if (!Array.isArray(value)) return []
  return value.filter(isRecord).map((each) => ({
    name: wordsOf(each.name),
    fee: numberText(Number(each.fee ?? 0), PLAIN, 'us'),
    prices: items.map((name) => {
      const price = isRecord(each.prices) ? each.prices[name] : undefined
      return price === undefined ? '' : numberText(Number(price), PLAIN, 'us')
    }),
  }))
}

/** A value of one field as it is typed. */
function textOf(field: Field, value: unknown, system: UnitSystem, items: readonly string[]): Text {
  switch (field.kind) {
    case 'length':
      return lengthText(value === undefined ? Number.NaN : Number(value), system)
    case 'number':
      return numberText(value === undefined ? Number.NaN : Number(value), field, system)
    case 'choice':
      return typeof value === 'string' || typeof value === 'number' ? String(value) : String(field.sample)
    case 'lengths':
      return numbersOf(value).map((each) => lengthText(each, system))
    case 'named-lengths':
      return pairsOf(value).map(([name, each]): Pair => [name, lengthText(each, system)])
    case 'counts':
      return pairsOf(value).map(([name, each]): Pair => [name, numberText(each, PLAIN, system)])
    case 'hours':
      return typeof value === 'string' ? value : hoursText(numbersOf(value))
    case 'prices':
      return suppliersText(value, items)
  }
}

/** Hours as they are typed, those alike together: `45×12 36`. */
function hoursText(temps: readonly number[]): string {
  const runs: { value: number; count: number }[] = []
  for (const value of temps) {
    const last = runs[runs.length - 1]
    if (last?.value === value) last.count++
    else runs.push({ value, count: 1 })
  }
  return runs.map(({ value, count }) => (count === 1 ? upTo(value, 2) : `${upTo(value, 2)}×${count}`)).join(' ')
}

/** What stands in the fields for values that come from elsewhere; samples where there are none. */
export function typedOf(fields: Fields, given: Readonly<Record<string, unknown>> | null, system: UnitSystem): Typed {
  const valueOf = (key: string, field: Field): unknown => (given === null ? field.sample : given[key])
  const items = Object.entries(fields).flatMap(([key, field]) =>
    field.kind === 'counts' ? pairsOf(valueOf(key, field)).map(([name]) => name) : [],
  )
  return Object.fromEntries(
    Object.entries(fields).map(([key, field]) => [key, textOf(field, valueOf(key, field), system, items)]),
  )
}

type Read = Result<unknown>
const under = (result: Read, ...path: (string | number)[]): Read =>
  result.ok ? result : { ok: false, issues: result.issues.map((each) => ({ ...each, path })) }

/** Every part read, or the refusals of those that cannot be. */
function all(parts: readonly Read[]): Result<readonly unknown[]> {
  const issues = parts.flatMap((part): readonly Issue[] => (part.ok ? [] : part.issues))
  return issues.length > 0 ? { ok: false, issues } : ok(parts.map((part) => (part.ok ? part.value : null)))
}

function readNumber(text: string, field: Pick<NumberField, 'unit' | 'times'>, system: UnitSystem): Read {
  const scale = scaleOf(field, system)
  const read = parseNumber(text, scale.unit)
  return read.ok ? ok(read.value / scale.times) : read
}

/** `45`, or `45×12` for twelve hours of it. */
function readHours(text: string): Read {
  const parts = text.split(/[\s;]+/).filter((part) => part !== '')
  const read = parts.map((part): Result<readonly number[]> => {
    const match = /^([+−-]?\d+(?:\.\d+)?)(?:[×x*](\d+))?$/.exec(part)
    if (!match) return fail('not-a-number', [], { text: part.slice(0, 40) })
    const count = Number(match[2] ?? 1)
    if (count > MOST_HOURS) return fail('too-large', [], { maximum: MOST_HOURS })
    return ok(Array<number>(count).fill(Number(item(match, 1).replace('−', '-'))))
  })
  const result = all(read)
  return result.ok ? ok((result.value as readonly (readonly number[])[]).flat()) : result
}

const isEmpty = (text: string): boolean => text.trim() === ''

function readPairs(key: string, pairs: readonly Pair[], read: (text: string) => Read): Read {
  const full = pairs.map((pair, k) => [pair, k] as const).filter(([[name, text]]) => !isEmpty(name) || !isEmpty(text))
  const names = full.map(([[name]]) => name.trim())
  const result = all(
    full.map(([[name, text], k]) => {
      if (isEmpty(name)) return under(fail('missing'), key, k)
      if (names.indexOf(name.trim()) !== names.lastIndexOf(name.trim())) return under(fail('duplicate-name'), key, k)
      return under(read(text), key, k)
    }),
  )
  return result.ok ? ok(Object.fromEntries(names.map((name, k) => [name, result.value[k]]))) : result
}

function readSuppliers(key: string, rows: readonly SupplierText[], items: readonly string[]): Read {
  const priced = (text: string, k: number): Read =>
    isEmpty(text) ? ok(undefined) : under(readNumber(text, PLAIN, 'us'), key, k)
  const read = rows.map((row, k): Read => {
    const fee = isEmpty(row.fee) ? ok(0) : under(readNumber(row.fee, PLAIN, 'us'), key, k)
    const parts = all([fee, ...items.map((_name, at) => priced(row.prices[at] ?? '', k))])
    if (!parts.ok) return parts
    const [feeValue, ...prices] = parts.value
    const known = items.flatMap((name, at) =>
      prices[at] === undefined || name === '' ? [] : [[name, prices[at]] as const],
    )
    return ok({ name: row.name.trim() || `supplier ${k + 1}`, fee: feeValue, prices: Object.fromEntries(known) })
  })
  return all(read)
}

const mayBeEmpty = (field: Field): boolean =>
  (field.kind === 'length' || field.kind === 'number') && field.optional === true

/** Reads what stands in one field; nothing typed in one that may stay empty is nothing. */
function readField(
  key: string,
  field: Field,
  text: Text,
  { system, items }: { system: UnitSystem; items: readonly string[] },
): Read {
  const plain = typeof text === 'string' ? text : ''
  if (mayBeEmpty(field) && isEmpty(plain)) return ok(undefined)
  switch (field.kind) {
    case 'length':
      return under(parseLength(plain, system), key)
    case 'number':
      return under(readNumber(plain, field, system), key)
    case 'choice':
      return ok(field.choices.find(({ value }) => String(value) === plain)?.value ?? plain)
    case 'lengths': {
      const parts = (text as readonly string[]).map((each, k) => [each, k] as const).filter(([each]) => !isEmpty(each))
      return all(parts.map(([each, k]) => under(parseLength(each, system), key, k)))
    }
    case 'named-lengths':
      return readPairs(key, text as readonly Pair[], (each) => parseLength(each, system))
    case 'counts':
      return readPairs(key, text as readonly Pair[], (each) => readNumber(each, PLAIN, system))
    case 'hours':
      return under(readHours(plain), key)
    case 'prices':
      return readSuppliers(key, text as readonly SupplierText[], items)
  }
}

/** Names of the goods that prices are typed for, by their places; empty where a row is. */
export const goodsOf = (fields: Fields, typed: Typed): readonly string[] =>
  Object.entries(fields).flatMap(([key, field]) =>
    field.kind === 'counts' ? (typed[key] as readonly Pair[]).map(([name]) => name.trim()) : [],
  )

/** Reads what stands in all fields of a figure: its input, or what is wrong and where. */
export function readTyped(fields: Fields, typed: Typed, system: UnitSystem): Result<Record<string, unknown>> {
  const items = goodsOf(fields, typed)
  const entries = Object.entries(fields)
  const result = all(entries.map(([key, field]) => readField(key, field, typed[key] ?? '', { system, items })))
  if (!result.ok) return result
  const given = entries.map(([key], k) => [key, result.value[k]] as const).filter(([, value]) => value !== undefined)
  return ok(Object.fromEntries(given))
}

/** The same values as they are typed in other units: what reads is written anew, what does not stays as it is. */
export function typedIn(fields: Fields, typed: Typed, from: UnitSystem, to: UnitSystem): Typed {
  // What was typed stays as it was typed.
  if (from === to) return typed
  const moved = (key: string, field: Field): Text => {
    const text = typed[key] ?? ''
    if (field.kind === 'lengths') return (text as readonly string[]).map((each) => lengthIn(each, from, to))
    if (field.kind === 'named-lengths')
      return (text as readonly Pair[]).map(([name, each]): Pair => [name, lengthIn(each, from, to)])
    if (field.kind === 'length') return lengthIn(text as string, from, to)
    if (field.kind !== 'number') return text
    const read = readNumber(text as string, field, from)
    return read.ok ? numberText(read.value as number, field, to) : text
  }
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, moved(key, field)]))
}

function lengthIn(text: string, from: UnitSystem, to: UnitSystem): string {
  const read = parseLength(text, from)
  return read.ok ? lengthText(read.value, to) : text
}

/** Whether what was kept fits the fields that are there now. */
export function fits(fields: Fields, kept: unknown): kept is Typed {
  if (!isRecord(kept)) return false
  return Object.entries(fields).every(([key, field]) => {
    const text = kept[key]
    const wantsList = ['lengths', 'named-lengths', 'counts', 'prices'].includes(field.kind)
    return wantsList ? Array.isArray(text) && text.every(isPart(field.kind)) : typeof text === 'string'
  })
}

const isPart =
  (kind: Field['kind']) =>
  (part: unknown): boolean => {
    if (kind === 'lengths') return typeof part === 'string'
    if (kind === 'prices')
      return isRecord(part) && Array.isArray(part.prices) && part.prices.every((price) => typeof price === 'string')
    return Array.isArray(part) && part.length === 2 && part.every((each) => typeof each === 'string')
  }
