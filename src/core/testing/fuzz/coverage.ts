import type { Job } from '../../model'
import { type Schema, SCHEMA } from './draw'

/** How often each value of each choice was drawn: by field, `building.school`, and value. */
export type Coverage = Map<string, Map<string, number>>

/** Fields that a draw does not choose: how paper and screens write, and what is only remembered. */
const NOT_DRAWN =
  /^(format|version|name|note|practice|units|levels|sizing|strings|figures|ground|fieldwork)\b|\.(posts|givenUp)\b/

const optionsOf = ({ anyOf, oneOf }: Schema): readonly Schema[] => anyOf ?? oneOf ?? []

/** The values of a field that is a choice; empty where it is none. */
function choicesOf(schema: Schema): readonly unknown[] {
  if (schema.enum) return schema.enum
  if (schema.type === 'boolean') return [true, false]
  const options = optionsOf(schema)
  return options.length > 0 && options.every((option) => option.const !== undefined)
    ? options.map((option) => option.const)
    : []
}

function count(schema: Schema, value: unknown, path: string, found: Coverage): void {
  if (NOT_DRAWN.test(path)) return
  const choices = choicesOf(schema)
  if (choices.length > 0) {
    const values = found.get(path) ?? new Map(choices.map((choice) => [String(choice), 0]))
    values.set(String(value), (values.get(String(value)) ?? 0) + 1)
    found.set(path, values)
  }
  if (value === null || typeof value !== 'object') return
  const shapes = [schema, ...optionsOf(schema)]
  for (const shape of shapes) {
    if (Array.isArray(value)) for (const each of value as unknown[]) count(shape.items ?? {}, each, path, found)
    for (const [name, field] of Object.entries(shape.properties ?? {}))
      if (name in value) count(field, (value as Record<string, unknown>)[name], path ? `${path}.${name}` : name, found)
  }
}

/** Adds the choices of one job to those counted before. */
export const addCoverage = (job: Job, found: Coverage): void => count(SCHEMA, job, '', found)

/** Choices that were drawn less often than asked for, as `field value: times`. */
export const seldomDrawn = (found: Coverage, least: number): string[] =>
  [...found].flatMap(([path, values]) =>
    [...values].filter(([, times]) => times < least).map(([value, times]) => `${path} ${value}: ${times}`),
  )
