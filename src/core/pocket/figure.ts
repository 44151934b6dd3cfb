import type * as z from 'zod/mini'
import { fail, issuesOf, line, type Result, type TraceLine } from '../result'

/** One figure of the trade: what goes in, what comes out, how it is worked out, and the arithmetic behind it. */
export interface Figure<Given, Answer, Name extends string = string> {
  /** What it is called on the command line and in addresses. */
  readonly name: Name
  readonly input: z.ZodMiniType<Given>
  readonly output: z.ZodMiniType<Answer>
  /** Works it out from input that is already checked. Exact, not rounded. */
  readonly solve: (given: Given) => Result<Answer>
  /** Each step of it: formula, numbers, value. */
  readonly arithmetic: (given: Given, answer: Answer) => readonly TraceLine[]
}

/** Declares a figure; its types follow from its schemas. */
export const figure = <Given, Answer, const Name extends string>(
  parts: Figure<Given, Answer, Name>,
): Figure<Given, Answer, Name> => parts

/** A number as arithmetic is written with it: four decimals at most. */
export const num = (value: number): string => String(Math.round(value * 1e4) / 1e4).replace('-', '−')

/** A step of arithmetic that needs no clause: geometry, statics or counting. */
export const step = (parts: Omit<TraceLine, 'clause' | 'verify'> & { readonly clause?: string }): TraceLine =>
  line({ clause: 'geometry', ...parts })

const finite = (value: unknown): boolean => {
  if (typeof value === 'number') return Number.isFinite(value)
  return typeof value !== 'object' || value === null || Object.values(value).every(finite)
}

/**
 * Works a figure out from anything: input that does not fit its schema is refused with the fields named, and so is an
 * answer that is no number (input so far apart that doubles give out).
 */
export function solved<Given, Answer>(
  { input, solve }: Pick<Figure<Given, Answer>, 'input' | 'solve'>,
  given: unknown,
): Result<{ readonly given: Given; readonly answer: Answer }> {
  const parsed = input.safeParse(given, { reportInput: true })
  if (!parsed.success) return { ok: false, issues: issuesOf(parsed.error) }
  const result = solve(parsed.data)
  if (!result.ok) return result
  if (!finite(result.value)) return fail('too-far-apart', Object.keys(parsed.data as object).slice(0, 1))
  return { ok: true, value: { given: parsed.data, answer: result.value } }
}
