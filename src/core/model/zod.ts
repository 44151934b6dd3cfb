import { z } from 'zod'
import * as c from './choices'

/** Parts that every section of the job schema is made of. */
export const lengthIn = (min: number, max: number, what: string) =>
  z.number().min(min).max(max).describe(`${what}, inches`)
export const number = (min: number, max: number, what: string) => z.number().min(min).max(max).describe(what)
export const text = (max: number) => z.string().max(max)
export const id = z.string().regex(/^[a-zA-Z0-9_-]{1,40}$/)
export const lumber = z.string().min(1).max(40).describe('Tabled lumber, or the id of a grade of your own (own-…)')
export const board = z.enum(c.BOARD_SIZES)
/** A built-up beam: plies of one size and grade. */
export const builtUp = z.strictObject({ plies: z.int().min(1).max(4), size: board, lumber })
