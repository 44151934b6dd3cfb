import type * as z from 'zod/v4/core'
import { issue, type Issue } from './result'

/** A text with nothing in it, too short a list, or a number under its least; a least that is not accepted is said so. */
function tooSmall(i: z.$ZodIssueTooSmall, path: Issue['path']): Issue {
  const minimum = Number(i.minimum)
  if (i.origin === 'string') return issue('empty', path, { minimum })
  if (i.origin === 'array') return issue('too-few', path, { minimum })
  return issue('too-small', path, i.inclusive === false ? { minimum, exclusive: 'yes' } : { minimum })
}

/** Turns a schema problem into coded issues with the field's path and the bare facts. */
export function issuesOf(error: z.$ZodError): Issue[] {
  return error.issues.flatMap((i): Issue[] => {
    const path = i.path.map((propertyKey) => (typeof propertyKey === 'symbol' ? String(propertyKey) : propertyKey))
    switch (i.code) {
      case 'too_small':
        return [tooSmall(i, path)]
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
        if (i.input === undefined) return [issue('missing', path)]
        return [issue('not-a-choice', path, { choices: i.values.map(String).join(', ') })]
      case 'invalid_union':
        return [issue('not-a-choice', path)]
      case 'unrecognized_keys':
        return i.keys.map((key) => issue('unknown-field', [...path, key.slice(0, 60)]))
      case 'invalid_type':
        const wrongKind = () => {
          if (i.input === undefined) return 'missing'
          if (typeof i.input === 'number' && !Number.isFinite(i.input)) return 'not-finite'
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
