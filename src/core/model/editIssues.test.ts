import fc from 'fast-check'
import { issuesOf, isRecord } from '../result'
import { barnJob } from '../testing/barn'
import { editIssues } from './editIssues'
import { type Job, jobSchema } from './job'

const job = barnJob()
/** The whole job read again: what the short way must agree with. */
const whole = (next: unknown) => {
  const parsed = jobSchema.safeParse(next, { reportInput: true })
  return parsed.success ? [] : issuesOf(parsed.error)
}
const sorted = (issues: readonly unknown[]) => issues.map((each) => JSON.stringify(each)).sort()

/** A copy with another value somewhere: `steps` choose the way down, the last one whether a field is added or taken out. */
function changed(value: unknown, steps: readonly number[], into: unknown): unknown {
  const [step = 0, ...rest] = steps
  if (Array.isArray(value) && value.length > 0 && rest.length > 0)
    return value.map((each: unknown, i) => (i === step % value.length ? changed(each, rest, into) : each))
  if (!isRecord(value) || rest.length === 0) return into
  const keys = Object.keys(value)
  if (step % 11 === 0) return { ...value, added: into }
  const key = keys[step % keys.length]
  if (step % 13 === 0) return Object.fromEntries(Object.entries(value).filter(([each]) => each !== key))
  return key === undefined ? into : { ...value, [key]: changed(value[key], rest, into) }
}

test('whatever is changed in a job that is right, the edit is found as wrong as the whole job is', () => {
  fc.assert(
    fc.property(
      fc.array(fc.nat(1000), { minLength: 2, maxLength: 5 }),
      fc.constantFrom<unknown>(NaN, Infinity, -1, 0, 0.5, 9e9, '', 'x', null, undefined, true, [], {}, [1], { x: 1 }),
      (steps, into) => {
        const next = changed(job, steps, into) as Job
        expect(sorted(editIssues(job, next))).toEqual(sorted(whole(next)))
      },
    ),
    { numRuns: 600 },
  )
})
test('the same job, or one that only shares its parts, has nothing wrong', () => {
  expect(editIssues(job, job)).toEqual([])
  expect(editIssues(job, { ...job, building: { ...job.building } })).toEqual([])
})
