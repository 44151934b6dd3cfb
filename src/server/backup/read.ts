import 'server-only'
import { createHash } from 'node:crypto'
import { createInterface } from 'node:readline'
import type { Readable } from 'node:stream'
import { promisify } from 'node:util'
import { type Entry, open, type Options, type ZipFile } from 'yauzl'
import type { z } from 'zod'
import { fail, issuesOf, ok, type Result } from '@/core/result'
import { migrations } from '../db/migrations'
import { BACKUP_VERSION, type BackupFile, FILES, LATER_FILES, type Manifest, MANIFEST, manifestSchema } from './format'

/** A backup that was opened, and found whole. */
export interface OpenBackup {
  readonly manifest: Manifest
  /** The rows of one file, in order; one that does not fit ends it with an error. */
  readonly rows: <T>(file: BackupFile, schema: z.ZodType<T>) => AsyncGenerator<T>
  readonly close: () => void
}

/** Longest manifest that is read, bytes. */
const MOST_MANIFEST = 100_000
const openZip = promisify<string, Options, ZipFile>(open)

/** What a zip holds, by its names. */
const entriesOf = (zip: ZipFile): Promise<ReadonlyMap<string, Entry>> =>
  new Promise((resolve, reject) => {
    const found = new Map<string, Entry>()
    zip.on('entry', (entry: Entry) => {
      found.set(entry.fileName, entry)
      zip.readEntry()
    })
    zip.on('end', () => resolve(found))
    zip.on('error', reject)
    zip.readEntry()
  })

const streamOf = (zip: ZipFile, entry: Entry): Promise<Readable> =>
  new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => (error ? reject(error) : resolve(stream)))
  })

async function manifestOf(zip: ZipFile, entry: Entry | undefined): Promise<Result<Manifest>> {
  if (!entry || entry.uncompressedSize > MOST_MANIFEST) return fail('not-a-backup', [MANIFEST])
  const parts: Buffer[] = []
  for await (const part of await streamOf(zip, entry)) parts.push(part as Buffer)
  const parsed = manifestSchema.safeParse(JSON.parse(Buffer.concat(parts).toString('utf8')))
  if (!parsed.success) return { ok: false, issues: issuesOf(parsed.error) }
  const { version, schema } = parsed.data
  const known = await migrations.getMigrations([])
  const newer = version > BACKUP_VERSION || (schema !== '' && !known.includes(schema))
  return newer ? fail('newer-version', [MANIFEST], { version: schema }) : ok(parsed.data)
}

/** Whether a file of the backup is what the manifest says of it, to the byte. */
async function isWhole(zip: ZipFile, entry: Entry | undefined, file: Manifest['files'][number]): Promise<boolean> {
  if (!entry) return false
  const hash = createHash('sha256')
  let bytes = 0
  for await (const part of (await streamOf(zip, entry)) as AsyncIterable<Buffer>) {
    hash.update(part)
    bytes += part.length
  }
  return bytes === file.bytes && hash.digest('hex') === file.sha256
}

async function* rowsOf<T>(zip: ZipFile, entry: Entry | undefined, schema: z.ZodType<T>): AsyncGenerator<T> {
  if (!entry) return
  for await (const line of createInterface({ input: await streamOf(zip, entry), crlfDelay: Infinity }))
    if (line !== '') yield schema.parse(JSON.parse(line))
}

async function opened(zip: ZipFile): Promise<Result<OpenBackup>> {
  const entries = await entriesOf(zip)
  const manifest = await manifestOf(zip, entries.get(MANIFEST))
  if (!manifest.ok) return manifest
  for (const name of FILES) {
    const file = manifest.value.files.find((each) => each.name === name)
    if (!file && LATER_FILES.includes(name)) continue
    if (!file || !(await isWhole(zip, entries.get(name), file))) return fail('damaged-file', [name])
  }
  return ok({
    manifest: manifest.value,
    rows: (file, schema) => {
      const entry = entries.get(file)
      if (!entry && !LATER_FILES.includes(file)) throw new Error(`the backup has no ${file}`)
      return rowsOf(zip, entry, schema)
    },
    close: () => zip.close(),
  })
}

/** Opens a backup and looks through all of it before anything is written: its checksums, its version. */
export async function openBackup(path: string): Promise<Result<OpenBackup>> {
  let zip: ZipFile | null = null
  try {
    zip = await openZip(path, { lazyEntries: true, autoClose: false })
    const result = await opened(zip)
    if (!result.ok) zip.close()
    return result
  } catch {
    zip?.close()
    return fail('not-a-backup', [])
  }
}
