import 'server-only'
import knex, { type Knex } from 'knex'
import { again } from './again'
import { migrations } from './migrations'

/**
 * Connection to the database named by DATABASE_URL. One pool a process, kept over reloads of the development server.
 */
const holder = globalThis as { burdockDb?: Knex }

/** Connections of one process. */
const MOST_CONNECTIONS = 8
/** How long a request waits for one before it is told that too much is asked at once, ms. */
const WAIT_MS = 8000

interface RawConnection {
  query(sql: string, done: (error: Error | null, rows: readonly { readonly folder: string }[]) => void): void
}

/**
 * A new connection is asked whose data it serves: another folder's server may have taken the port of ours. A read that
 * follows a write sees it, on any node of a cluster.
 */
function greet(connection: RawConnection, done: (error: Error | null, connection: RawConnection) => void): void {
  const folder = process.env.BURDOCK_DATADIR
  connection.query('SET SESSION wsrep_sync_wait = 1', () => {
    if (!folder) return done(null, connection)
    connection.query('SELECT @@datadir AS folder', (error, rows) => {
      const found = rows.at(0)?.folder.replace(/\/$/, '')
      if (error ?? found === folder) return done(error, connection)
      const other = new Error(`the database on this port serves ${found}, not ${folder}`)
      done(Object.assign(other, { code: 'BURDOCK_OTHER_SERVER' }), connection)
    })
  })
}

/** Opens (once) the pool. A bounded acquire time lets a request say soon that too much is asked at once. */
export function db(): Knex {
  if (!holder.burdockDb) {
    const url = process.env.DATABASE_URL
    if (!url) throw new Error('DATABASE_URL is not set: start Burdock with npm start')
    holder.burdockDb = knex({
      client: 'mysql2',
      connection: { uri: url, timezone: 'Z', charset: 'utf8mb4', connectTimeout: 2000 },
      pool: { min: 0, max: MOST_CONNECTIONS, afterCreate: greet, propagateCreateError: true },
      acquireConnectionTimeout: WAIT_MS,
      migrations: { migrationSource: migrations, disableTransactions: true },
    })
  }
  return holder.burdockDb
}

/** One transaction, tried again where it met another: so `work` must do nothing but what the transaction takes back. */
export const write = <T>(work: (trx: Knex.Transaction) => Promise<T>): Promise<T> => again(() => db().transaction(work))
