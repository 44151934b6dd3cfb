import { z } from 'zod'
import * as c from './choices'
import { id, lengthIn, text } from './zod'

/** A post's identity. It is made once and never reused; what a post is called (A1, J2) is worked out and may change. */
export const postId = id

/** Names from before posts had identities: printed codes and phones that still send names are read by them. */
const formerNames = z.array(text(12)).max(40)

/** The place in the layout that a post takes: its string, and what it is on it (`line-3`, `inner-2`, `jamb-op-1-low`). */
const identitySchema = z.strictObject({
  id: postId,
  string: z.enum(c.STRING_IDS).describe('The string that it stands on'),
  place: z
    .string()
    .regex(/^[a-z]+-[A-Za-z0-9_-]{1,60}$/)
    .describe('What it is on its string: a numbered line, an inner post, a jamb'),
  pinned: z
    .strictObject({
      atIn: lengthIn(0, 6000, 'From the low corner of its row to its center'),
      framed: z.boolean().describe('Its line carries a truss, so that the whole line is held'),
    })
    .nullable()
    .describe('Kept where it stood when the plan changed: the rest of its row is spaced about it'),
  keptName: text(12).nullable().describe('Name on its printed paper, kept until that is printed again'),
  formerNames,
})

/** A post that had a record when a change of the plan took its place away, and was given up for it. */
const givenUpSchema = z.strictObject({
  id: postId,
  name: text(12),
  xIn: z.number().min(-6000).max(18000),
  yIn: z.number().min(-6000).max(18000),
  formerNames,
  reason: z.string().trim().min(1).max(200),
})

export const postsFields = {
  posts: z.array(identitySchema).max(3000).describe('Identities of the posts, by the place that each takes'),
  givenUp: z.array(givenUpSchema).max(3000).describe('Recorded posts whose places were given up; records stay'),
}
