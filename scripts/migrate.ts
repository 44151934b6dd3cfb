// Brings the database named by DATABASE_URL to the newest schema and loads the demo jobs into an empty one.
import { existsSync, readFileSync } from 'node:fs'
import { parseRecords } from '@/core/field'
import { parseJob } from '@/core/files'
import { db } from '@/server/db/client'
import { createJob } from '@/server/services/jobService'
import { addRecords } from '@/server/services/recordService'

async function main() {
  const trx = db()
  const [, ran] = (await trx.migrate.latest()) as [number, string[]]
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
      const records = parseRecords(JSON.parse(readFileSync(log, 'utf8')))
      if (!records.ok)
        throw new Error(`demo ${name} records: ${records.issues[0].path.join('.')} ${records.issues[0].code}`)
      await addRecords(made.job.id, records.value, 0)
    }
    console.log('loaded the demo jobs')
  }
  await trx.destroy()
}
main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
