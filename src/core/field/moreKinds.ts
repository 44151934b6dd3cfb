import { z } from 'zod'
import { DELIVERED, INSPECTIONS, POST_STATES, STRING_SIDES } from './kinds'
import { key, length, post } from './shapes'

const off = (most: number) => z.number().min(-most).max(most).nullable()
const words = (most: number) => z.string().trim().min(1).max(most)
const day = z.iso.date()
/** Why a lead goes on where the page would not. */
export const reason = z.string().trim().min(3).max(200)

/** What a crew measures besides rods and holes, and what it notes. */
export const MEASURED_KINDS = [
  z.strictObject({
    kind: z.literal('gap'),
    from: post,
    to: post,
    gapIn: length(480),
    by: z.enum(['tape', 'laser']).optional(),
  }),
  z.strictObject({ kind: z.literal('square'), side: z.enum(STRING_SIDES), inches: length(12000) }),
  z.strictObject({
    kind: z.literal('stand'),
    post,
    offStringIn: off(24).describe('Off its string: positive is out of the building'),
    leanIn: off(24).describe('Out of plumb across the wall, over `overIn`: positive leans out of the building'),
    alongIn: off(24).describe('Out of plumb along the wall, over `overIn`: positive leans to the wall’s high end'),
    overIn: z.number().min(12).max(360),
  }),
  z.strictObject({ kind: z.literal('span'), from: post, to: post, spanIn: length(2400) }),
  z.strictObject({ kind: z.literal('delivered'), what: z.enum(DELIVERED), item: words(80), inches: length(2400) }),
  z.strictObject({
    kind: z.literal('note'),
    post: post.nullable(),
    text: z.string().trim().max(1000),
    photos: z.array(key).max(6).describe('Pictures that are kept beside it'),
  }),
  z.strictObject({ kind: z.literal('here'), day, names: z.array(words(60)).min(1).max(30) }),
  z.strictObject({ kind: z.literal('short'), item: words(120), quantity: z.number().min(0).max(100000) }),
  z.strictObject({
    kind: z.literal('temps'),
    day,
    lowF: z.number().min(-60).max(130),
    highF: z.number().min(-60).max(130),
  }),
] as const

/** What must be true before a step, and who says that it is. */
export const HELD_KINDS = [
  z.strictObject({
    kind: z.literal('lines'),
    reference: words(60).describe('Reference of the utility locator'),
    marked: day,
  }),
  z.strictObject({ kind: z.literal('override'), post, state: z.enum(POST_STATES), reason }),
  z.strictObject({
    kind: z.literal('sign'),
    inspection: z.enum(INSPECTIONS),
    posts: z.array(post).min(1).max(500),
    passed: z.boolean(),
    seen: words(1000).describe('What was seen'),
    name: words(60).describe('Who signs'),
  }),
] as const
