import { type Figure, solved } from '@/core/pocket/figure'
import type { Result } from '@/core/result'
import { formatLength, quantity, type QuantityKind, type UnitSystem, upTo } from '@/core/units'
import { lengthText, shownNumber } from '@/formats/words/pocket'
import type { FigureName } from '@/core/pocket'
import type { Field } from './fields'
import type { Scene } from './scene/shapes'

/** What a sheet is drawn and worded from: what went in, what came out, and how numbers are written here. */
export interface Worked<Given, Answer> {
  readonly given: Given
  readonly found: Answer
  /** A number of the answer, rounded the way it must be: down where a board goes in. */
  readonly say: (name: Numbers<Answer>) => string
  /** A length to the nearest mark, inches alone under four feet. */
  readonly length: (lengthIn: number) => string
  readonly quantity: (value: number, kind: QuantityKind) => string
}

type Numbers<T> = { [K in keyof T]-?: number extends T[K] ? K : T[K] extends number | null ? K : never }[keyof T] &
  string

/** A number or a word of the answer, and what it is. */
export interface Out {
  readonly label: string
  readonly text: string
}
/** A caution that stands with the answer. */
export interface Caution {
  readonly title: string
  readonly lines: readonly string[]
}

/** How a figure looks: its fields, its answer, and two drawings. */
export interface SheetOf<Given, Answer> {
  readonly figure: Figure<Given, Answer, FigureName>
  readonly fields: { readonly [K in keyof Given & string]-?: Field }
  /** The answer; the first is the largest. */
  readonly outs: (worked: Worked<Given, Answer>) => readonly [Out, ...Out[]]
  /** Where it stands. */
  readonly stands: (worked: Worked<Given, Answer>) => Scene
  /** How it lies on the saw or the bench, or along the tape; with what it is. */
  readonly lies: (worked: Worked<Given, Answer>) => Scene
  readonly liesTitle: string
  readonly cautions?: (worked: Worked<Given, Answer>) => readonly Caution[]
}

/** What is shown of a figure for one input. */
export interface Shown {
  readonly outs: readonly [Out, ...Out[]]
  readonly stands: Scene
  readonly lies: Scene
  readonly cautions: readonly Caution[]
  readonly arithmetic: readonly Step[]
}
/** One line of arithmetic as people read it. */
export interface Step {
  readonly label: string
  readonly formula: string
  readonly numbers: string
  readonly result: string
}

/** A figure's sheet, whatever goes in and comes out of it. */
export interface Sheet {
  readonly name: FigureName
  readonly fields: Readonly<Record<string, Field>>
  readonly liesTitle: string
  /** Works the figure out and draws it, or says what is refused. */
  readonly show: (given: unknown, system: UnitSystem) => Result<Shown>
}

const RESULT_UNITS: Readonly<Record<string, QuantityKind>> = {
  lb: 'lb',
  psf: 'psf',
  'lb-ft': 'lbFt',
  'ft³': 'ft3',
  'yd³': 'yd3',
  '°': 'deg',
}

/** The result of a step of arithmetic, as people read it. */
function resultText(value: number, unit: string, system: UnitSystem): string {
  if (unit === 'in') return lengthText(value, system)
  const kind = RESULT_UNITS[unit]
  if (kind) return quantity(value, kind, { system })
  return unit === '' ? upTo(value, 3) : `${upTo(value, 3)}\u00a0${unit}`
}

/** Makes the sheet of a figure. */
export const sheet = <Given, Answer>(parts: SheetOf<Given, Answer>): Sheet => ({
  name: parts.figure.name,
  fields: parts.fields,
  liesTitle: parts.liesTitle,
  show: (input, system) => {
    const result = solved(parts.figure, input)
    if (!result.ok) return result
    const { given, answer: found } = result.value
    const worked: Worked<Given, Answer> = {
      given,
      found,
      say: (name) => {
        const value = found[name]
        return typeof value === 'number'
          ? shownNumber(parts.figure.name, name, value, system)
          : formatLength(Number.NaN)
      },
      length: (lengthIn) => lengthText(lengthIn, system),
      quantity: (value, kind) => quantity(value, kind, { system }),
    }
    return {
      ok: true,
      value: {
        outs: parts.outs(worked),
        stands: parts.stands(worked),
        lies: parts.lies(worked),
        cautions: parts.cautions?.(worked) ?? [],
        arithmetic: parts.figure.arithmetic(given, found).map(({ label, formula, numbers, value, unit }) => ({
          label,
          formula,
          numbers,
          result: resultText(value, unit, system),
        })),
      },
    }
  },
})
