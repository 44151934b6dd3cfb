import { z } from 'zod'
import { fail, issue, ok, type Issue, type Result } from '../result'
import { migrate } from './migrations'
import { jobSchema, JOB_FORMAT, JOB_VERSION, type Job } from './job'

/** Largest job file that is read, in characters. A full job is under 60,000. */
export const MAX_FILE_CHARS = 4_000_000

/** Turns a schema problem into coded issues with the field's path and the bare facts. */
export function issuesOf(error: z.ZodError): Issue[] {
  return error.issues.flatMap((i): Issue[] => {
    const path = i.path.map((propertyKey) => (typeof propertyKey === 'symbol' ? String(propertyKey) : propertyKey))
    switch (i.code) {
      case 'too_small':
        return [issue(i.origin === 'string' ? 'empty' : 'too-small', path, { minimum: Number(i.minimum) })]
      case 'too_big':
        const tooMuch = () => {
          if (i.origin === 'string') return 'too-long'
          if (i.origin === 'array') return 'too-many'
          return 'too-large'
        }
        return [
          issue(tooMuch(), path, {
            maximum: Number(i.maximum),
          }),
        ]
      case 'invalid_value':
        return [issue('not-a-choice', path, { choices: i.values.map(String).join(', ') })]
      case 'invalid_union':
        return [issue('not-a-choice', path)]
      case 'unrecognized_keys':
        return i.keys.map((key) => issue('unknown-field', [...path, key.slice(0, 60)]))
      case 'invalid_type':
        const wrongKind = () => {
          if (i.input === undefined) return 'missing'
          if (i.expected === 'int') return 'not-whole'
          return 'wrong-type'
        }
        return [
          issue(wrongKind(), path, {
            wanted: String(i.expected),
          }),
        ]
      default:
        return [issue('wrong-type', path)]
    }
  })
}

/** Checks that an unknown value is a job of this version. Each issue names the field. */
export function parseJob(value: unknown): Result<Job> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return fail('wrong-format', [], { wanted: JOB_FORMAT })
  const head = value as { format?: unknown; version?: unknown }
  if (head.format !== JOB_FORMAT) return fail('wrong-format', ['format'], { wanted: JOB_FORMAT })
  if (typeof head.version === 'number' && head.version > JOB_VERSION)
    return fail('newer-version', ['version'], { found: head.version, known: JOB_VERSION })
  const parsed = jobSchema.safeParse(migrate(value as Record<string, unknown>), { reportInput: true })
  return parsed.success ? ok(parsed.data) : { ok: false, issues: issuesOf(parsed.error) }
}

/** Reads a job file's text: size, JSON, format, version and every field are checked before anything is used. */
export function readJobText(text: string): Result<Job> {
  if (text.length > MAX_FILE_CHARS) return fail('file-too-large', [], { maximum: MAX_FILE_CHARS })
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return fail('not-json')
  }
  return parseJob(value)
}
