import { z } from 'zod'
import { type Change, type Job, jobSchema } from '@/core/model'
import { formatLength, upTo } from '@/core/units'
import { OPENING } from './labels'
import { FIGURE_WORDS } from './pocket/catalog'

/** One changed value of an edit in words. */
export interface ChangeWords {
  readonly what: string
  readonly before: string
  readonly after: string
}

/** Parts of a job that people do not read: how it is kept, and the identities of posts, which the edit's name tells. */
const UNSAID = [/^version$/, /^format$/, /^building\.posts(\.|$)/, /^building\.givenUp(\.|$)/, /\.order$/]

/** The schema inside one that only says how often, or whether, it stands. */
function bare(schema: z.ZodType): z.ZodType {
  if (schema instanceof z.ZodNullable || schema instanceof z.ZodOptional) return bare(schema.unwrap() as z.ZodType)
  return schema
}

/** Schemas of what stands under a key: of a group, a list or record, or any of several ways a group may be. */
function under(schema: z.ZodType, key: string): readonly z.ZodType[] {
  const inner = bare(schema)
  if (inner instanceof z.ZodObject) {
    const field = (inner.shape as Record<string, z.ZodType>)[key]
    return field ? [field] : []
  }
  if (inner instanceof z.ZodArray) return [inner.element as z.ZodType]
  if (inner instanceof z.ZodRecord) return [inner.valueType as z.ZodType]
  if (inner instanceof z.ZodUnion) return (inner.options as readonly z.ZodType[]).flatMap((each) => under(each, key))
  return []
}

/** What a schema is described as, of itself or of what it wraps. */
function describedAs(schema: z.ZodType): string | undefined {
  if (schema.description) return schema.description
  const inner = bare(schema)
  return inner === schema ? undefined : describedAs(inner)
}

/** `maxGapIn` as words: max gap. */
const spelled = (key: string): string =>
  key
    .replace(/In$|Psf$|Deg$/, '')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()

/** The words of a description before its unit, its clause or its second thought. */
const short = (description: string): string => description.replace(/\s*\([^)]*\)/g, '').split(/[;,:]/)[0] ?? description

/** What one entry of a list is called: the key of an entry is its id, which nobody reads. */
const ENTRIES: Readonly<Record<string, string>> = {
  openings: 'opening',
  figures: 'figure kept with the job',
  obstructions: 'in the way',
  spots: 'spot height',
  grades: 'grade of your own',
}

/** What a path is about, in the words of the schema; the key where the schema has none. */
function fieldWords(path: readonly string[]): string {
  const last = path.at(-1) ?? ''
  const entry = ENTRIES[path.at(-2) ?? '']
  if (entry !== undefined) return entry
  const found = path.reduce<readonly z.ZodType[]>((at, key) => at.flatMap((schema) => under(schema, key)), [jobSchema])
  const described = found.map(describedAs).find((text) => text !== undefined)
  return described ? short(described) : spelled(last)
}

/** Whose field it is where many things have the same: the opening by its name. */
function owner(path: readonly string[], { building }: Job): string {
  if (path[0] !== 'building' || path[1] !== 'openings' || path.length < 4) return ''
  const opening = building.openings.find(({ id }) => id === path[2])
  return opening ? `${opening.name || OPENING[opening.kind]}: ` : 'opening: '
}

const isKept = (value: object): value is Job['figures'][number] =>
  'figure' in value && typeof value.figure === 'string' && value.figure in FIGURE_WORDS

/** A figure as the crew book lists it: its title, and what it is for. */
export const keptFigureName = ({ figure, words }: Pick<Job['figures'][number], 'figure' | 'words'>): string =>
  words === '' ? FIGURE_WORDS[figure].title : `${FIGURE_WORDS[figure].title}: ${words}`

const named = (value: object): string => {
  if (isKept(value)) return keptFigureName(value)
  const { name, kind } = value as { readonly name?: unknown; readonly kind?: unknown }
  if (typeof name === 'string' && name !== '') return name
  return typeof kind === 'string' ? kind : 'set'
}

/** A value as people read it: lengths of fields that hold them on the tape's marks, numbers without their tail. */
function valueWords(value: unknown, isLength: boolean): string {
  if (value === null || value === undefined) return 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return isLength ? formatLength(value) : upTo(value, 4)
  if (Array.isArray(value)) return value.map((each) => valueWords(each, isLength)).join(', ') || 'none'
  if (typeof value === 'object') return named(value)
  return typeof value === 'string' && value !== '' ? value : 'none'
}

/**
 * The changed values of an edit that a person reads, each with the field's own words; values that read alike before and
 * after are left out.
 */
export function changesInWords(changes: readonly Change[], job: Job): readonly ChangeWords[] {
  return changes.flatMap(({ path, before, after }) => {
    if (UNSAID.some((unsaid) => unsaid.test(path))) return []
    const keys = path.split('.')
    const isLength = keys.some((key) => /In$/.test(key))
    const words = {
      what: `${owner(keys, job)}${fieldWords(keys)}`,
      before: valueWords(before, isLength),
      after: valueWords(after, isLength),
    }
    return words.before === words.after ? [] : [words]
  })
}
