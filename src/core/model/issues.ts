import type { z } from 'zod'
import { issue, type Issue } from '../result'

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
