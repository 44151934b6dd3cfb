import { type Job, JOB_FORMAT, JOB_VERSION, jobSchema } from '../model'
import { fail, issuesOf, ok, type Result } from '../result'
import { migrate } from './migrations'

/** Largest job file that is read, in characters. A full job is under 60,000. */
export const MAX_FILE_CHARS = 4_000_000

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
