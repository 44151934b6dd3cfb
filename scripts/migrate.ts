// Brings the database named by DATABASE_URL to the newest schema and loads the demo jobs into an empty one.
import { existsSync, readFileSync } from 'node:fs'
import type { Knex } from 'knex'
import { parseJob } from '@/core/files'
import { db } from '@/server/db/client'
import { createJob } from '@/server/services/jobService'
import { bringInRecords } from '@/server/services/recordService'

const WAIT_S = 60
const HELD = 'burdock-migrate'

/**
 * The newest schema. A lock of the database itself is held meanwhile, which ends with its connection: one that a migration
 * cut short has left behind in Knex's own table is nobody's, and is taken away.
 */
async function bringUp(knex: Knex): Promise<string[]> {
  return knex.transaction(async (holder) => {
    const [rows] = (await holder.raw('SELECT GET_LOCK(?, ?) AS got', [HELD, WAIT_S])) as [{ got: number }[]]
    if (rows.at(0)?.got !== 1) throw new Error('another start is migrating this database')
    try {
      await knex.migrate.forceFreeMigrationsLock()
      const [, ran] = (await knex.migrate.latest()) as [number, string[]]
      return ran
    } finally {
      await holder.raw('SELECT RELEASE_LOCK(?)', [HELD])
    }
  })
}

async function main() {
  const trx = db()
  const ran = await bringUp(trx)
  if (ran.length) console.log(`migrated ${ran.join(', ')}`)
  const [{ n: count }] = (await trx('jobs').count({ n: '*' })) as { n: number }[]
  if (Number(count) === 0 && process.env.BURDOCK_NO_DEMO !== '1') {
    for (const name of ['marl-road', 'tansy-hollow', 'quillback-hill']) {
      const job = parseJob(JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')))
      if (!job.ok) throw new Error(`demo ${name}: ${job.issues[0].path.join('.')} ${job.issues[0].code}`)
      const made = await createJob(job.value, 'demo job')
      if (made.kind !== 'saved') throw new Error(`demo ${name}: ${JSON.stringify(made)}`)
      const log = `demo/${name}.records.json`
      if (!existsSync(log)) continue
      const reply = await bringInRecords(made.job.id, JSON.parse(readFileSync(log, 'utf8')) as unknown[])
      if (reply.kind !== 'ok' || reply.refused.length > 0) throw new Error(`demo ${name}: ${JSON.stringify(reply)}`)
    }
    console.log('loaded the demo jobs')
  }
  await trx.destroy()
}
main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
