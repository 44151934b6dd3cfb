import { isRecord } from '../result'

/** One changed value of an edit: where, and what it was before and after. */
export interface Change {
  readonly path: string
  readonly before: unknown
  readonly after: unknown
}

type Json = Record<string, unknown>
type WithId = Json & { readonly id: string }
const isList = (value: unknown): value is WithId[] =>
  Array.isArray(value) && value.every((entry) => isRecord(entry) && typeof entry.id === 'string')

/** The longest key of a record that begins the rest of a path; keys may hold dots themselves. */
function firstKey(keys: readonly string[], path: string): string {
  const whole = keys.filter((key) => path === key || path.startsWith(`${key}.`))
  const longest = whole.reduce<string | null>(
    (best, key) => (best === null || key.length > best.length ? key : best),
    null,
  )
  return longest ?? path.split('.')[0] ?? path
}

const restOf = (path: string, key: string): string => path.slice(key.length + 1)

function putInRecord(record: Json, path: string, value: unknown): Json {
  const key = firstKey(Object.keys(record), path)
  const rest = restOf(path, key)
  return { ...record, [key]: rest === '' ? value : put(record[key] ?? {}, rest, value) }
}

function putInList(list: readonly WithId[], path: string, value: unknown): WithId[] {
  if (path === 'order' && Array.isArray(value)) {
    const place = new Map(value.map((id, i) => [id as string, i]))
    return [...list].sort((one, other) => (place.get(one.id) ?? 0) - (place.get(other.id) ?? 0))
  }
  const ids = list.map((entry) => entry.id)
  const id = firstKey(ids, path)
  const rest = restOf(path, id)
  const at = ids.indexOf(id)
  if (rest === '' && value === null) return list.filter((entry) => entry.id !== id)
  if (at < 0) return rest === '' ? [...list, value as WithId] : [...list]
  return list.map((entry, i) => (i === at ? ((rest === '' ? value : put(entry, rest, value)) as WithId) : entry))
}

function put(doc: unknown, path: string, value: unknown): unknown {
  if (isList(doc) && (doc.length > 0 || isRecord(value) || path === 'order')) return putInList(doc, path, value)
  return isRecord(doc) ? putInRecord(doc, path, value) : doc
}

/**
 * A document as it was before an edit, from the one after it and what the edit changed. A key that was not there before
 * reads back as null: where none may stand, the schema or a migration says so.
 */
export const undoChanges = (after: unknown, changes: readonly Change[]): unknown =>
  [...changes].reverse().reduce<unknown>((doc, { path, before }) => put(doc, path, before), after)
