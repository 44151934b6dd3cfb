import type { z } from 'zod'
import { isRecord, issue, type Issue, issuesOf } from '../result'
import { buildingSchema } from './building'
import { type Job, jobSchema } from './job'

const under = (path: string, issues: readonly Issue[]): Issue[] =>
  issues.map((each) => ({ ...each, path: [path, ...each.path] }))

/** Reads the fields of a record that are other objects than before; a field of its own way is read by `own`. */
function changedFields(
  shape: Readonly<Record<string, z.ZodType>>,
  [before, next]: readonly [Readonly<Record<string, unknown>>, Readonly<Record<string, unknown>>],
  own: (key: string) => Issue[] | null = () => null,
): Issue[] {
  const unknown = Object.keys(next).filter((key) => !Object.hasOwn(shape, key))
  const found = Object.entries(shape).flatMap(([key, schema]) => {
    if (Object.is(before[key], next[key]) && Object.hasOwn(next, key)) return []
    const within = own(key)
    if (within) return under(key, within)
    const parsed = schema.safeParse(next[key], { reportInput: true })
    return parsed.success ? [] : under(key, issuesOf(parsed.error))
  })
  return [...found, ...unknown.map((key) => issue('unknown-field', [key.slice(0, 60)]))]
}

/**
 * What is wrong with an edit of a job that was itself right: the same answers as reading the whole job, but only what is
 * another object than before is read, so that a keystroke does not read a hundred posts again.
 */
export function editIssues(before: Job, next: Job): Issue[] {
  const buildings = [before.building, next.building] as const
  return changedFields(jobSchema.shape, [before, next], (key) =>
    key === 'building' && isRecord(next.building) ? changedFields(buildingSchema.shape, buildings) : null,
  )
}
