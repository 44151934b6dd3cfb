import { toJSONSchema } from 'zod/mini'
import type { LpSolver } from '@/core/columns'
import { type Formula, FORMULAS } from '@/core/formulas'
import { solved } from '@/core/pocket'
import { fail, ok } from '@/core/result'
import { type Catalog } from '@/formats/command'
import { FORMULA_TITLES } from '@/formats/words/formulas'

/** The formulas as a command answers them, with the clause and the formula behind each. */
export const formulaCatalog = (solver: LpSolver): Catalog => ({
  names: FORMULAS.map((formula) => formula.name),
  answer: (name, given) => {
    const formula = FORMULAS.find((each) => each.name === name) as unknown as Formula<object, object> | undefined
    if (!formula) return fail('unknown-figure', ['name'])
    const result = solved({ input: formula.input, solve: (checked) => formula.solve(checked, solver) }, given)
    if (!result.ok) return result
    return ok({ ...result.value.answer, trace: [{ clause: formula.clause, formula: formula.formula }] })
  },
})

/** Every formula with its title, its clause and the schemas of what it takes and gives. */
export const formulaList = (): object[] =>
  FORMULAS.map(({ name, clause, formula, input, output }) => ({
    name,
    title: FORMULA_TITLES[name],
    clause,
    formula,
    input: toJSONSchema(input, { io: 'input' }),
    output: toJSONSchema(output),
  }))
