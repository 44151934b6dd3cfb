import type { Issue, Result } from '@/core/result'
import { fail } from '@/core/result'
import { issueText } from '@/formats/words'

// What the commands that answer by name say: JSON in, JSON out.

export type Line =
  { readonly ok: true; readonly value: object } | { readonly ok: false; readonly issues: readonly object[] }

const refused = (issues: readonly Issue[]): Line => ({
  ok: false,
  issues: issues.map((issue) => ({ ...issue, says: issueText(issue) })),
})
const NOT_JSON = refused(fail('not-json').issues)

/** JSON as it is read, or nothing where it is none. */
function read(text: string): { readonly value: unknown } | null {
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    return null
  }
}

/** What answers by a name, and which names there are. */
export interface Catalog {
  readonly names: readonly string[]
  /** What a name that is one of them answers to what it is given. */
  readonly answer: (name: string, given: unknown) => Result<object>
}

function answered({ names, answer }: Catalog, name: unknown, given: unknown): Line {
  if (typeof name !== 'string' || !names.includes(name))
    return refused(fail('unknown-figure', ['name'], { choices: names.join(', ') }).issues)
  const result = answer(name, given)
  return result.ok ? { ok: true, value: result.value } : refused(result.issues)
}

/** One answer from its input as JSON. An unknown name is said without the input being read. */
export function lineOf(catalog: Catalog, name: string, text: () => string): Line {
  if (!catalog.names.includes(name)) return answered(catalog, name, null)
  const json = read(text())
  return json ? answered(catalog, name, json.value) : NOT_JSON
}

/** One line of a batch: `{"name", "input"}`. */
export function batchLineOf(catalog: Catalog, text: string): Line {
  const json = read(text)
  if (!json) return NOT_JSON
  const { name, input } = Object(json.value) as { readonly name?: unknown; readonly input?: unknown }
  return answered(catalog, name, input)
}
