import { z } from 'zod'

/** What a phone says of itself with every exchange: who holds it, what waits on it, which plan it shows, its clock. */
export const phoneSchema = z.object({
  device: z.string().min(1).max(60),
  who: z.string().max(60),
  waiting: z.int().min(0).max(1_000_000),
  shows: z.int().min(0).max(2_000_000_000).nullable(),
  /** Milliseconds since 1970 by the phone's own clock. */
  clock: z.number().min(0).max(1e14),
})
export type PhoneSays = z.infer<typeof phoneSchema>

/** A phone as the office knows it. */
export interface PhoneOnSite {
  readonly device: string
  /** What its people call it; null where nobody has said. */
  readonly called: string | null
  readonly who: string
  readonly seenAt: string
  readonly waiting: number
  /** The plan's revision that it shows; null where it shows none. */
  readonly shows: number | null
  /** How far its clock was ahead of the office's, ms. */
  readonly aheadMs: number
}
