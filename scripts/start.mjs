// npm start : installs what is missing, starts the database, migrates, loads the demo, builds when needed, serves, and
// keeps both going. npm start -- --site : serves phones and other machines too, over TLS. npm run dev : the same on the
// same private database, but serves the sources with fast reload.
import path from 'node:path'
import { build, prepare } from './lib/build.mjs'
import { claim, openFolder } from './lib/claim.mjs'
import { startDatabase, startDatabaseNear } from './lib/database.mjs'
import { installPackages, installPrograms } from './lib/install.mjs'
import { keep } from './lib/keep.mjs'
import { nightly } from './lib/nightly.mjs'
import { freePort, isFree } from './lib/ports.mjs'
import { say, stop } from './lib/say.mjs'
import { migrate, serve } from './lib/serve.mjs'
import { watchServer } from './lib/watch.mjs'
import { yardOf } from './lib/yard.mjs'

/** Where the database listens, if nobody else does. */
const DATABASE_PORT = 33306
const dev = process.argv.includes('--dev')
const port = Number(process.env.PORT ?? 3000)
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stop(`PORT should be a number from 1 to 65535, not “${process.env.PORT}”`)
const folder = openFolder(process.env.BURDOCK_DATA ?? '.data')
const hold = await claim(folder, ({ base }) => {
  say(base ? `already running at ${base}` : 'already starting; give it a moment')
  process.exit(0)
})
let night = null
let watch = null
let database = null
let server = null
let ending = false
const end = async (code) => {
  if (ending) return
  ending = true
  say('stopping')
  night?.stop()
  watch?.stop()
  await server?.stop()
  await database?.stop()
  hold.release()
  process.exit(code)
}
// A terminal that was closed hears nothing any more, and that is no reason to fall over while everything is put away.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined)
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0))

/** Whether somebody has an account here. */
const hasOwner = async (port) => (await (await fetch(`http://127.0.0.1:${port}/api/me`)).json()).owned

async function start() {
  if (!(await isFree(port))) throw new Error(`port ${port} is in use; set PORT to another one`)
  installPackages()
  let url = process.env.DATABASE_URL
  let data = null
  let databasePort = null
  if (!url) {
    installPrograms({ 'mariadb-install-db': 'mariadb-server' })
    say('starting the database')
    // Once it has a port it keeps it: the server speaks to it there.
    database = await keep(
      'database',
      async () =>
        databasePort === null
          ? startDatabaseNear(await freePort(DATABASE_PORT), { folder })
          : startDatabase({ folder, port: databasePort }),
      (running) => {
        databasePort ??= running.port
        hold.has('database', running.child.pid)
      },
    )
    ;({ url, data } = database.running())
  }
  const did = migrate({ url, data })
  if (did) say(did.replace(/\n/g, '; '))
  if (dev) await prepare()
  else await build()
  const log = path.join(folder, 'server.log')
  const yard = await yardOf(folder, process.argv.includes('--site'))
  server = await keep(
    'server',
    () => serve({ port, url, data, dev, log, env: yard?.env, ...(dev ? { dist: '.next/dev-server' } : {}) }),
    (running) => hold.has('server', running.child.pid),
  )
  if (!dev) watch = watchServer(`http://127.0.0.1:${port}`, server)
  night = nightly({ folder, url, data, log })
  hold.serves(`http://127.0.0.1:${port}`, databasePort)
  yard?.tell(await hasOwner(port))
  say(`ready on http://127.0.0.1:${port}  (Ctrl-C stops it)`)
}
try {
  await start()
} catch (e) {
  process.stderr.write(`burdock: ${e instanceof Error ? e.message : e}\n`)
  await end(1)
}
