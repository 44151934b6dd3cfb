import 'server-only'
import knex, { type Knex } from 'knex'
import { migrations } from './migrations'

/**
 * Connection to the database named by DATABASE_URL. One pool a process, kept over reloads of the development server.
 */
const holder = globalThis as { burdockDb?: Knex }

/** Opens (once) the pool. A short acquire time lets a request say soon that the database is away. */
export function db(): Knex {
  if (!holder.burdockDb) {
    const url = process.env.DATABASE_URL
    if (!url) throw new Error('DATABASE_URL is not set: start Burdock with npm start')
    holder.burdockDb = knex({
      client: 'mysql2',
      connection: { uri: url, timezone: 'Z', charset: 'utf8mb4', connectTimeout: 2000 },
      pool: { min: 0, max: 8 },
      acquireConnectionTimeout: 2500,
      migrations: { migrationSource: migrations, disableTransactions: true },
    })
  }
  return holder.burdockDb
}

/** Whether an error means that the database cannot be reached, as against a fault of ours. */
export function isAway(error: unknown): boolean {
  const raised = error as { code?: string; name?: string; fatal?: boolean } | null
  return (
    [
      'ECONNREFUSED',
      'ECONNRESET',
      'ETIMEDOUT',
      'EPIPE',
      'PROTOCOL_CONNECTION_LOST',
      'ER_SERVER_SHUTDOWN',
      'ENOTFOUND',
      'ER_CON_COUNT_ERROR',
    ].includes(raised?.code ?? '') ||
    raised?.name === 'KnexTimeoutError' ||
    raised?.fatal === true
  )
}
