import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { chmodSync } from 'node:fs'
import { build } from './build.mjs'
import { startDatabase } from './database.mjs'
import { freePort } from './ports.mjs'
import { migrate, serve } from './serve.mjs'

/**
 * The built application on a fresh database with the demo jobs, each on a free port; gone without trace after `stop`.
 */
export async function freshSite() {
  build()
  const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-test-'))
  chmodSync(folder, 0o755)
  let database = await startDatabase({ folder, port: await freePort() })
  const { url } = database
  migrate(url)
  const port = await freePort()
  let server = await serve({ port, url })
  const dbPort = Number(new URL(url).port)
  return {
    base: server.base,
    database: url,
    stopDatabase: () => database.stop(),
    startDatabase: async () => {
      database = await startDatabase({ folder, port: dbPort })
    },
    stopServer: () => server.stop(),
    startServer: async () => {
      server = await serve({ port, url })
    },
    stop: async () => {
      await server.stop()
      await database.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
