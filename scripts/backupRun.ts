// What npm run backup and npm run restore do once there is a database: backup FILE | restore FILE | nightly FOLDER.
import { createWriteStream, existsSync, readdirSync, renameSync, rmSync } from 'node:fs'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { issueText } from '@/formats/words'
import { copyName, outdated } from '@/server/backup/keep'
import { restore, type Restored } from '@/server/backup/restore'
import { backup } from '@/server/backup/write'
import { db } from '@/server/db/client'

/** A copy that broke off never has the name of a whole one. */
async function backupTo(file: string): Promise<void> {
  const part = `${file}.part`
  try {
    await pipeline(backup(new Date()), createWriteStream(part))
    renameSync(part, file)
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
}

async function nightly(folder: string): Promise<void> {
  await backupTo(path.join(folder, copyName(new Date())))
  for (const name of outdated(readdirSync(folder))) rmSync(path.join(folder, name))
}

const OUTCOMES: Readonly<Record<Restored['outcome'], string>> = {
  added: 'added',
  there: 'there already, the same',
  'newer-here': 'there already, and newer here: left as it is',
  'brought-forward': 'there already at an earlier revision: brought forward',
  beside: 'another job has its place by now: added beside it',
}

async function restoreFrom(file: string): Promise<void> {
  if (!existsSync(file)) throw new Error(`there is no ${file}`)
  const report = await restore(file, new Date())
  if (!report.ok) {
    const why = report.issues.map((each) => `${each.path.join('.')} ${issueText(each)}`).join('; ')
    throw new Error(`${file} was refused, and nothing was changed: ${why}`)
  }
  console.log(`backup of ${report.value.made}`)
  for (const { name, outcome, recordsAdded, refused } of report.value.jobs) {
    console.log(`  ${name}: ${OUTCOMES[outcome]}, ${recordsAdded} records added`)
    for (const each of refused) console.log(`    record ${each.id}: ${each.issues.map(issueText).join('; ')}`)
  }
}

const DO: Readonly<Record<string, (where: string) => Promise<void>>> = {
  backup: backupTo,
  restore: restoreFrom,
  nightly,
}

async function main(): Promise<void> {
  const [what, where] = process.argv.slice(2)
  try {
    await DO[what](where)
  } finally {
    await db().destroy()
  }
}
main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
