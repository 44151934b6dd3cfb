import { z } from 'zod'
import { jobSchema, type Job, LUMBERS } from '../../model'
import type { Chance } from './chance'

/** The part of a JSON schema that a draw reads. */
export interface Schema {
  readonly type?: string
  readonly const?: unknown
  readonly enum?: readonly unknown[]
  readonly anyOf?: readonly Schema[]
  readonly oneOf?: readonly Schema[]
  readonly properties?: Readonly<Record<string, Schema>>
  readonly minimum?: number
  readonly maximum?: number
  readonly items?: Schema
}

export const SCHEMA = z.toJSONSchema(jobSchema, { unrepresentable: 'any' }) as Schema

/**
 * How a building is drawn: how often a number and a choice keep what they were. Wild ones go over everything; mild ones
 * mostly stand, so that what grows or eases shows.
 */
export interface Manner {
  readonly keepsNumber: number
  readonly keepsChoice: number
}

export const WILD: Manner = { keepsNumber: 0.45, keepsChoice: 0 }
export const MILD: Manner = { keepsNumber: 0.93, keepsChoice: 0.93 }

/** How often a field that may be empty is. */
const EMPTY = 0.04
/** How often a number stands at an end of its range. */
const AT_END = 0.06

const isNull = (schema: Schema) => schema.type === 'null'

function drawNumber({ minimum = 0, maximum = 100, type }: Schema, chance: Chance): number {
  if (chance.happens(AT_END)) return chance.of([minimum, maximum])
  const drawn = chance.between(minimum, maximum)
  return type === 'integer' ? Math.round(drawn) : Math.round(drawn * 16) / 16
}

/** Chance and the manner of a draw. */
interface Lot {
  readonly chance: Chance
  readonly manner: Manner
}

/** One value of a schema, over its whole range; what has no range keeps what it was. */
function drawValue(schema: Schema, was: unknown, lot: Lot): unknown {
  const { chance } = lot
  const options = schema.anyOf ?? schema.oneOf
  if (options) {
    const full = options.filter((option) => !isNull(option))
    if (full.length < options.length && chance.happens(EMPTY)) return null
    return drawValue(chance.of(full), was, lot)
  }
  if (schema.const !== undefined) return schema.const
  if (schema.enum) return chance.of(schema.enum)
  if (schema.type === 'boolean') return chance.happens(0.5)
  if (schema.type === 'object' && schema.properties) return drawFields(schema.properties, was, lot)
  const bounded = schema.minimum !== undefined && schema.maximum !== undefined
  return bounded && (schema.type === 'number' || schema.type === 'integer') ? drawNumber(schema, chance) : was
}

/** Fields that are one of a list. */
const isChoice = (schema: Schema): boolean => schema.enum !== undefined || schema.const !== undefined

/** Values with a range of their own: what does not keep what it was is drawn anew. */
const isLeaf = (schema: Schema): boolean =>
  schema.type !== 'object' && !(schema.anyOf ?? schema.oneOf)?.some((option) => option.type === 'object')

function drawFields(fields: Readonly<Record<string, Schema>>, was: unknown, lot: Lot): Record<string, unknown> {
  const { chance, manner } = lot
  const before = (was ?? {}) as Record<string, unknown>
  return Object.fromEntries(
    Object.entries(fields).map(([name, schema]) => {
      const keeps =
        isChoice(schema) || name === 'lumber' || before[name] === null ? manner.keepsChoice : manner.keepsNumber
      const whole = isLeaf(schema) || before[name] === null
      const kept = name in before && whole && schema.const === undefined && chance.happens(keeps)
      if (kept) return [name, before[name]]
      if (name === 'lumber') return [name, chance.of(LUMBERS)]
      return [name, drawValue(schema, before[name], lot)]
    }),
  )
}

/** What only says how sheets are printed and what is read twice is not drawn: it makes no other building. */
function withoutPaper(schema: Schema | undefined): Schema {
  const { paper: _paper, secondReadings: _seconds, ...properties } = schema?.properties ?? {}
  return { ...schema, properties }
}

/** A job whose every field with a range or a choice was drawn; what is laid out together is put right afterwards. */
export function drawFieldsOf(job: Job, chance: Chance, manner: Manner): Job {
  const fields = SCHEMA.properties ?? {}
  const { site, building, fieldwork } = fields
  const parts = { site, building, fieldwork: withoutPaper(fieldwork) } as Record<string, Schema>
  const drawn = Object.fromEntries(
    Object.entries(parts).map(([name, schema]) => [
      name,
      { ...job[name as 'site'], ...drawFields(schema.properties ?? {}, job[name as 'site'], { chance, manner }) },
    ]),
  )
  return { ...job, ...drawn } as Job
}
