import 'server-only'
import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible'
import { db } from '../db/client'

/** Tries for one name, and from one address: a yard of phones has one address behind its router. */
const TRIES = { name: 10, address: 60 } as const
const WITHIN_S = 15 * 60
const S_PER_MIN = 60
const MS_PER_S = 1000

type Of = keyof typeof TRIES
const limiters = new Map<Of, RateLimiterMySQL>()

/** One limiter a kind, kept in the database: a second server counts on. */
function limiterOf(of: Of): RateLimiterMySQL {
  const has = limiters.get(of)
  if (has) return has
  const { database } = db().client as { database: () => string }
  const made = new RateLimiterMySQL({
    storeClient: db(),
    storeType: 'knex',
    dbName: database.call(db().client),
    tableName: 'attempts',
    tableCreated: true,
    keyPrefix: of,
    points: TRIES[of],
    duration: WITHIN_S,
  })
  limiters.set(of, made)
  return made
}

/** Counts one try. Gives the minutes to wait where there were too many; null where it may be tried. */
export async function tryOnce(of: Of, key: string): Promise<number | null> {
  try {
    await limiterOf(of).consume(key)
    return null
  } catch (rejected) {
    if (rejected instanceof RateLimiterRes) return Math.ceil(rejected.msBeforeNext / MS_PER_S / S_PER_MIN)
    throw rejected
  }
}

/** Forgets the tries of a name whose owner has signed in. */
export const forgetTries = async (of: Of, key: string): Promise<void> => {
  await limiterOf(of).delete(key)
}
