import { type Change, type Job, undoChanges } from '../model'
import { fail, isRecord, type Result } from '../result'
import { parseJob } from './readJob'

/** One revision as it is stored: what it changed, and its whole document where that was kept. */
export interface StoredRevision {
  readonly revision: number
  readonly changes: readonly Change[]
  readonly doc: unknown
}

/** Groups whose keys are open: what an edit had added there reads back as null, and is taken out again. */
const OPEN = [
  ['levels', 'readingsIn'],
  ['building', 'gableShiftsIn'],
  ['sizing', 'prices'],
  ['building', 'girts', 'walls'],
] as const

function withoutNulls(doc: unknown, path: readonly string[]): unknown {
  if (!isRecord(doc)) return doc
  const [key, ...rest] = path
  if (key === undefined) return Object.fromEntries(Object.entries(doc).filter(([, value]) => value !== null))
  return key in doc ? { ...doc, [key]: withoutNulls(doc[key], rest) } : doc
}

/** A document read backward, with nothing in its open groups that was not there. */
const asItWas = (doc: unknown): unknown => OPEN.reduce<unknown>((at, path) => withoutNulls(at, path), doc)

/** A document without the keys that an issue is about, where they hold nothing. */
function withoutEmpty(doc: unknown, path: readonly (string | number)[]): unknown {
  const [key, ...rest] = path
  if (key === undefined || !isRecord(doc) || !(key in doc)) return doc
  if (rest.length > 0) return { ...doc, [key]: withoutEmpty(doc[key], rest) }
  if (doc[key] !== null) return doc
  return Object.fromEntries(Object.entries(doc).filter(([own]) => own !== String(key)))
}

/**
 * Reads a document that was read backward. What an edit had added reads back as null: where the schema has no place for
 * nothing (a way of spacing bays that was not chosen then), it is taken out.
 */
export function parseAsItWas(doc: unknown): Result<Job> {
  const was = asItWas(doc)
  const read = parseJob(was)
  if (read.ok) return read
  const pruned = read.issues.reduce<unknown>((at, { path }) => withoutEmpty(at, path), was)
  return pruned === was ? read : parseJob(pruned)
}

/**
 * The job as it was at a revision: its own document, or the nearest later one with what came since taken back. Refused
 * where no later document was kept, or where what was read backward is no job. `revisions` in their order.
 */
export function jobAt(revisions: readonly StoredRevision[], revision: number): Result<Job> {
  const from = revisions.findIndex((each) => each.revision >= revision && each.doc !== null)
  if (from < 0) return fail('no-such-revision', ['revision'], { revision })
  const since = revisions.slice(0, from + 1).filter((each) => each.revision > revision)
  const doc = since.reduceRight<unknown>((at, { changes }) => undoChanges(at, changes), revisions[from]?.doc)
  return parseAsItWas(doc)
}
