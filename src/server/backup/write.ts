import 'server-only'
import { createHash } from 'node:crypto'
import { type PassThrough, Readable } from 'node:stream'
import { finished } from 'node:stream/promises'
import type { Knex } from 'knex'
import { ZipFile } from 'yazl'
import { db } from '../db/client'
import { migrations } from '../db/migrations'
import { jsonOf } from '../db/json'
import { unpack } from '../db/packed'
import { recordOfRow } from '../db/recordRow'
import { movedOf } from '../repositories/records'
import { BACKUP_FORMAT, BACKUP_VERSION, type BackupFile, FILES, type Manifest, MANIFEST } from './format'

/** Rows read at once. */
const AT_ONCE = 500
/** Each holds a whole document. */
const EDITS_AT_ONCE = 50

const iso = (date: Date | null): string | null => date?.toISOString() ?? null

/** Every row of a table in the order of a key, so many at a time, until none are left. */
async function* pages<R, K>(first: K, page: (after: K) => PromiseLike<readonly R[]>, keyOf: (row: R) => K) {
  let after = first
  for (;;) {
    const rows = await page(after)
    for (const row of rows) {
      yield row
      after = keyOf(row)
    }
    if (rows.length === 0) return
  }
}

/** The rows of each file, read within one snapshot. */
const ROWS: Readonly<Record<BackupFile, (trx: Knex) => AsyncGenerator<object>>> = {
  'jobs.jsonl': async function* (trx) {
    const page = (after: string) => trx('jobs').where('id', '>', after).orderBy('id').limit(AT_ONCE)
    for await (const row of pages('', page, ({ id }) => id))
      yield {
        id: row.id,
        revision: row.revision,
        createdAt: iso(row.created_at),
        updatedAt: iso(row.updated_at),
        archivedAt: iso(row.archived_at),
        deletedAt: iso(row.deleted_at),
        doc: jsonOf(row.doc),
      }
  },
  'edits.jsonl': async function* (trx) {
    const page = ([job, revision]: readonly [string, number]) =>
      trx('edits')
        .whereRaw('(job_id, revision) > (?, ?)', [job, revision])
        .orderBy(['job_id', 'revision'])
        .limit(EDITS_AT_ONCE)
    for await (const row of pages(['', 0] as const, page, (last) => [last.job_id, last.revision] as const))
      yield {
        job: row.job_id,
        revision: row.revision,
        who: row.who,
        at: iso(row.at),
        label: row.label,
        changes: jsonOf(row.changes),
        doc: row.doc && unpack(row.doc),
        saveId: row.save_id,
      }
  },
  'records.jsonl': async function* (trx) {
    const page = ([job, seq]: readonly [string, number]) =>
      trx('records').whereRaw('(job_id, seq) > (?, ?)', [job, seq]).orderBy(['job_id', 'seq']).limit(AT_ONCE)
    for await (const row of pages(['', 0] as const, page, (last) => [last.job_id, Number(last.seq)] as const))
      yield {
        job: row.job_id,
        seq: Number(row.seq),
        receivedAt: iso(row.received_at),
        record: recordOfRow(row),
        moved: movedOf(row.moved),
      }
  },
  'photos.jsonl': async function* (trx) {
    const page = ([job, photo]: readonly [string, string]) =>
      trx('photos').whereRaw('(job_id, id) > (?, ?)', [job, photo]).orderBy(['job_id', 'id']).limit(EDITS_AT_ONCE)
    for await (const row of pages(['', ''] as const, page, (last) => [last.job_id, last.id] as const))
      yield { job: row.job_id, photo: row.id, at: iso(row.at), jpeg: row.jpeg.toString('base64') }
  },
}

/** What was written of one file. */
interface Written {
  rows: number
  bytes: number
  readonly hash: ReturnType<typeof createHash>
}

async function* linesOf(rows: AsyncGenerator<object>, written: Written): AsyncGenerator<Buffer> {
  for await (const row of rows) {
    const line = Buffer.from(`${JSON.stringify(row)}\n`)
    written.rows += 1
    written.bytes += line.length
    written.hash.update(line)
    yield line
  }
}

/**
 * Everything that the database holds, as it was at one moment, while people work on: a zip that is written as it is read.
 * The files are drawn in turn, so that one connection reads them all in one transaction.
 */
export function backup(now: Date): Readable {
  const zip = new ZipFile()
  const output = zip.outputStream as PassThrough
  const options = { mtime: now, mode: 0o100644 }
  const add = (name: string, parts: AsyncGenerator<Buffer>) => {
    const source = Readable.from(parts)
    // A table that cannot be read to its end ends the whole: half a backup is none.
    source.on('error', (error) => output.destroy(error))
    zip.addReadStream(source, name, options)
  }
  const work = async (trx: Knex) => {
    const schema = (await migrations.getMigrations([])).at(-1) ?? ''
    const written = FILES.map((name) => [name, { rows: 0, bytes: 0, hash: createHash('sha256') }] as const)
    for (const [name, counts] of written) add(name, linesOf(ROWS[name](trx), counts))
    const manifest = async function* () {
      const files = written.map(([name, { rows, bytes, hash }]) => ({ name, rows, bytes, sha256: hash.digest('hex') }))
      const said: Manifest = {
        format: BACKUP_FORMAT,
        version: BACKUP_VERSION,
        schema,
        made: now.toISOString(),
        files,
      }
      yield Buffer.from(JSON.stringify(said, null, 2))
    }
    add(MANIFEST, manifest())
    const read = finished(output, { readable: true, writable: true })
    zip.end()
    await read
  }
  db()
    .transaction(work, { isolationLevel: 'repeatable read' })
    .catch((error: unknown) => output.destroy(error instanceof Error ? error : new Error('the backup broke off')))
  return output
}
