import 'server-only'
import { db } from '../db/client'
import { migrations } from '../db/migrations'
import { dbFault } from '../db/faults'
import { roomToWrite } from '../http/room'

/** Whether this server can work now, and what is missing where it cannot. */
export interface Ready {
  readonly ready: boolean
  readonly database: 'here' | 'away' | 'busy' | 'older' | 'fault'
  readonly room: boolean
}

async function databaseNow(): Promise<Ready['database']> {
  try {
    const names = await migrations.getMigrations([])
    const done = (await db()('knex_migrations').pluck('name')) as string[]
    return names.every((name) => done.includes(name)) ? 'here' : 'older'
  } catch (error) {
    const fault = dbFault(error)
    return fault === 'away' || fault === 'busy' ? fault : 'fault'
  }
}

/** Asks the database and the disk. */
export async function isReady(): Promise<Ready> {
  const [database, room] = [await databaseNow(), await roomToWrite()]
  return { ready: database === 'here' && room, database, room }
}
