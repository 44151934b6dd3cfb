import { z } from 'zod'
import { buildingSchema, type Job, siteSchema } from '@/core/model'
import { isRecord } from '@/core/result'
import { mark } from '../crewbook/paper'
import type { Block, Sheet } from '../crewbook'
import { plain } from '../plain'
import { tight } from './paper'

// Every field that a judgement is made from is shown as it was entered, read off the schema of the job: none is left out
// because nobody thought of it.

/** What a schema says of a value, as far as names go. */
interface Described {
  readonly description?: string
  readonly properties?: Readonly<Record<string, Described>>
  readonly items?: Described | boolean
  readonly anyOf?: readonly Described[]
  readonly oneOf?: readonly Described[]
}

/** Shown in schedules of their own, or no part of what is judged. */
const ELSEWHERE: ReadonlySet<string> = new Set([
  'openings',
  'gableShiftsIn',
  'posts',
  'moved',
  'kept',
  'givenUp',
  'grades',
  'bridged',
  'sharedFootings',
])

const waysOf = (described: Described): readonly Described[] => [
  described,
  ...[...(described.anyOf ?? []), ...(described.oneOf ?? [])].flatMap(waysOf),
]

/** The schema of a field of an object, in whichever of its ways has it. */
const fieldOf = (described: Described, key: string): Described =>
  waysOf(described).find((way) => way.properties?.[key] !== undefined)?.properties?.[key] ?? {}

const nameOf = (key: string, described: Described): string =>
  waysOf(described)
    .find((way) => way.description)
    ?.description?.replace(/, inches$/, '') ??
  key.replace(/In$|Lb$|Psi$|Plf$|Deg$/, '').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)

/** `heelIn` is a length; `gLbIn` is pounds per inch. */
const isLength = (key: string): boolean => /In$/.test(key) && !/LbIn$/.test(key)

/** A value as it was entered; lengths as a tape is read. */
function shown(key: string, value: unknown): string {
  if (value === null || value === undefined) return 'not entered'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return isLength(key) ? mark(value) : String(Math.round(value * 1e6) / 1e6)
  if (Array.isArray(value)) return value.map((each) => shown(key, each)).join(', ') || 'none'
  return typeof value === 'string' ? value : JSON.stringify(value)
}

interface Group {
  readonly name: string
  readonly rows: readonly (readonly [string, string])[]
}

const within = (outer: string, inner: string): string =>
  /^(site|building)$/.test(outer) ? inner : `${outer}, ${inner}`

/** The fields of one object as a group of rows, and the groups of the objects in it. */
function groupsOf(name: string, value: Readonly<Record<string, unknown>>, described: Described): Group[] {
  const rows: [string, string][] = []
  const inner: Group[] = []
  for (const [key, each] of Object.entries(value)) {
    if (ELSEWHERE.has(key)) continue
    const field = fieldOf(described, key)
    const list = Array.isArray(each) ? each.filter(isRecord) : []
    if (isRecord(each)) inner.push(...groupsOf(within(name, nameOf(key, {})), each, field))
    else if (list.length > 0)
      list.forEach((part, i) =>
        inner.push(...groupsOf(within(name, `${nameOf(key, {})} ${i + 1}`), part, itemsOf(field))),
      )
    else rows.push([nameOf(key, field), shown(key, each)])
  }
  return [...(rows.length > 0 ? [{ name, rows }] : []), ...inner]
}

const itemsOf = (described: Described): Described => {
  const items = waysOf(described).find((way) => way.items !== undefined)?.items
  return typeof items === 'object' ? items : {}
}

/** Part by part in one table, the part named at its first field. */
const blocks = (groups: readonly Group[]): Block[] => [
  tight(
    ['part', 'field', 'as entered'],
    groups.flatMap(({ name, rows }) => rows.map(([field, value], i) => [i === 0 ? name : '', field, value].map(plain))),
  ),
]

/** Every input that governs. */
export function inputs({ site, building }: Pick<Job, 'site' | 'building'>): Sheet[] {
  const schemaOf = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input' }) as Described
  const own = building.grades.flatMap((grade) => groupsOf(`own grade ${grade.name}`, { ...grade }, {}))
  return [
    {
      title: 'Inputs: site',
      sub: 'as entered; nothing is assumed for snow, wind, frost or soil',
      blocks: blocks(groupsOf('site', site, schemaOf(siteSchema))),
    },
    {
      title: 'Inputs: building',
      sub: 'as entered; openings and posts stand in the schedules',
      blocks: blocks([...groupsOf('building', building, schemaOf(buildingSchema)), ...own]),
    },
  ]
}
