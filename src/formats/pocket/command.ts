import { toJSONSchema } from 'zod/mini'
import { type Figure, type FigureName, FIGURES, figureNamed, solved } from '@/core/pocket'
import { fail, ok } from '@/core/result'
import { type Catalog } from '@/formats/command'
import { FIGURE_WORDS, shownAnswer } from '@/formats/words/pocket'

/** The figures as a command answers them: exact, with its arithmetic; `shown` is what people read. */
export const FIGURE_CATALOG: Catalog = {
  names: FIGURES.map((figure) => figure.name),
  answer: (name, given) => {
    const figure = figureNamed(name) as unknown as Figure<object, object> | undefined
    if (!figure) return fail('unknown-figure', ['name'])
    const result = solved(figure, given)
    if (!result.ok) return result
    const { given: taken, answer } = result.value
    const trace = figure.arithmetic(taken, answer)
    return ok({ ...answer, shown: shownAnswer(figure.name as FigureName, answer), trace })
  },
}

/** Every figure with its words and the schemas of what it takes and gives. */
export const figureList = (): object[] =>
  FIGURES.map(({ name, input, output }) => ({
    name,
    ...FIGURE_WORDS[name],
    input: toJSONSchema(input),
    output: toJSONSchema(output),
  }))
