import { z } from 'zod'

const DAY_MS = 86_400_000
/** Longest that a guest's card may stand, days. */
export const GUEST_MOST_DAYS = 366

/** A guest's card: whoever has its address reads one post until a moment, and nothing else. */
export interface GuestCard {
  readonly id: string
  readonly post: string
  readonly until: string
  readonly madeAt: string
}

/** What a guest's card is made from: its post, and the last moment that it stands. */
export const guestCardSchema = z.strictObject({
  post: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  until: z.iso.datetime({ offset: true }),
})

/** Whether a card that is made now may stand so long: it ends after now, within a year. */
export const mayStandUntil = (until: Date, now: Date): boolean =>
  until > now && until.getTime() - now.getTime() <= GUEST_MOST_DAYS * DAY_MS
