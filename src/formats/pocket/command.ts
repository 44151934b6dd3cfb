import { toJSONSchema } from 'zod/mini'
import { type Figure, FIGURES, figureNamed, solved } from '@/core/pocket'
import { fail, type Issue } from '@/core/result'
import { issueText } from '@/formats/words'
import { FIGURE_WORDS, shownAnswer } from '@/formats/words/pocket'

// What the command says: JSON in, JSON out. Answers are exact; `shown` is what people read.

export type Line =
  { readonly ok: true; readonly value: object } | { readonly ok: false; readonly issues: readonly object[] }

const refused = (issues: readonly Issue[]): Line => ({
  ok: false,
  issues: issues.map((issue) => ({ ...issue, says: issueText(issue) })),
})
const NOT_JSON = refused(fail('not-json').issues)
const CHOICES = FIGURES.map((figure) => figure.name).join(', ')

/** What a figure answers to what it is given, with its arithmetic and the answer as people read it. */
function answered(name: unknown, given: unknown): Line {
  const found = typeof name === 'string' ? figureNamed(name) : undefined
  if (!found) return refused(fail('unknown-figure', ['name'], { choices: CHOICES }).issues)
  const figure = found as unknown as Figure<object, object>
  const result = solved(figure, given)
  if (!result.ok) return refused(result.issues)
  const { given: taken, answer } = result.value
  const trace = figure.arithmetic(taken, answer)
  return { ok: true, value: { ...answer, shown: shownAnswer(found.name, answer), trace } }
}

/** JSON as it is read, or nothing where it is none. */
function read(text: string): { readonly value: unknown } | null {
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    return null
  }
}

/** One figure from its input as JSON. An unknown name is said without the input being read. */
export function figureLine(name: string, text: () => string): Line {
  if (!figureNamed(name)) return answered(name, null)
  const json = read(text())
  return json ? answered(name, json.value) : NOT_JSON
}

/** One line of a batch: `{"name", "input"}`. */
export function batchLine(text: string): Line {
  const json = read(text)
  if (!json) return NOT_JSON
  const { name, input } = Object(json.value) as { readonly name?: unknown; readonly input?: unknown }
  return answered(name, input)
}

/** Every figure with its words and the schemas of what it takes and gives. */
export const figureList = (): object[] =>
  FIGURES.map(({ name, input, output }) => ({
    name,
    ...FIGURE_WORDS[name],
    input: toJSONSchema(input),
    output: toJSONSchema(output),
  }))
