import * as z from 'zod/mini'
import type { LpSolver } from '../columns'
import type { Result } from '../result'

/** One formula by name: what goes in, what comes out, the clause it is from, and the function of the judge that it calls. */
export interface Formula<Given, Answer, Name extends string = string> {
  readonly name: Name
  readonly clause: string
  /** The formula as it is written down. */
  readonly formula: string
  readonly input: z.ZodMiniType<Given>
  readonly output: z.ZodMiniType<Answer>
  /** Works it out from input that is already checked; `solver` is what whole-number programs are solved by. */
  readonly solve: (given: Given, solver: LpSolver) => Result<Answer>
}

/** Declares a formula; its types follow from its schemas. */
export const formula = <Given, Answer, const Name extends string>(
  parts: Formula<Given, Answer, Name>,
): Formula<Given, Answer, Name> => parts

/** A number within a range, both ends accepted. */
export const within = (least: number, most: number, what: string) =>
  z.number().check(z.gte(least), z.lte(most), z.describe(what))

/** A bending stiffness, lb·in²: up to what makes a member rigid. */
export const stiffness = (what: string) => z.number().check(z.positive(), z.lte(1e14), z.describe(what))

/** A number that is taken where none is given. */
export const orElse = (schema: z.ZodMiniType<number, number>, value: number) => z._default(schema, value)

/** A formula's one number. */
export const value = (what: string) => z.object({ value: z.number().check(z.describe(what)) })
