import { chmodSync, mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { build } from './build.mjs'
import { startDatabase, startDatabaseNear } from './database.mjs'
import { front } from './front.mjs'
import { freePort } from './ports.mjs'
import { migrate, serve } from './serve.mjs'

/**
 * The built application on a fresh database with the demo jobs: two servers of it behind one address, which takes them
 * in turn, so that nothing can hang on what one of them remembers. Gone without trace after `stop`.
 */
export async function freshSite({ servers: count = 2, env = {}, within = os.tmpdir() } = {}) {
  await build()
  const folder = mkdtempSync(path.join(within, 'burdock-test-'))
  chmodSync(folder, 0o755)
  // Tests make databases of their own beside the application's.
  const rights = ['burdock', '`burdock\\_%`']
  let database = await startDatabaseNear(await freePort(), { folder, rights })
  const databasePort = database.port
  const { url, data } = database
  migrate({ url, data })
  const port = await freePort()
  const base = `http://127.0.0.1:${port}`
  const ports = []
  for (let i = 0; i < count; i++) ports.push(await freePort())
  const log = path.join(folder, 'server.log')
  const metricsPort = await freePort()
  const figures = (own) => (own === ports[0] ? { BURDOCK_METRICS_PORT: String(metricsPort) } : {})
  const start = (own) => serve({ port: own, url, data, log, env: { PUBLIC_URL: base, ...figures(own), ...env } })
  const startAll = () => Promise.all(ports.map(start))
  let servers = await startAll()
  const door = await front(port, ports)
  return {
    base,
    folder,
    log,
    metrics: `http://127.0.0.1:${metricsPort}/metrics`,
    database: url,
    servers: () => servers,
    databaseChild: () => database.child,
    stopDatabase: () => database.stop(),
    startDatabase: async () => {
      database = await startDatabase({ folder, port: databasePort, rights })
    },
    stopServer: () => Promise.all(servers.map((server) => server.stop())),
    startServer: async () => {
      servers = await startAll()
    },
    /** One server anew, after it was killed. */
    restartServer: async (i) => {
      servers[i] = await start(ports[i])
    },
    stop: async () => {
      door.close()
      await Promise.all(servers.map((server) => server.stop()))
      await database.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
