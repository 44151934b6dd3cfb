import 'server-only'
import { createWriteStream } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import os from 'node:os'
import path from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { ReadableStream as WebStream } from 'node:stream/web'
import type { Result } from '@/core/result'
import { restore, type RestoreReport } from './restore'

/** Puts a backup that comes with a request into the database; it is kept beside only for as long as it is read. */
export async function restoreUpload(body: ReadableStream<Uint8Array>): Promise<Result<RestoreReport>> {
  const folder = await mkdtemp(path.join(os.tmpdir(), 'burdock-restore-'))
  const file = path.join(folder, 'backup.zip')
  try {
    await pipeline(Readable.fromWeb(body as WebStream<Uint8Array>), createWriteStream(file, { mode: 0o600 }))
    return await restore(file, new Date())
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}
