// npm start : installs what is missing, starts the database, migrates, loads the demo, builds when needed and serves.
// npm run dev : the same on the same private database, but serves the sources with fast reload.
import { build, prepare } from './lib/build.mjs'
import { startDatabase } from './lib/database.mjs'
import { installPackages, installPrograms } from './lib/install.mjs'
import { freePort, isFree } from './lib/ports.mjs'
import { say, stop } from './lib/say.mjs'
import { migrate, serve } from './lib/serve.mjs'

const dev = process.argv.includes('--dev')
const port = Number(process.env.PORT ?? 3000)
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stop(`PORT should be a number from 1 to 65535, not “${process.env.PORT}”`)
if (!(await isFree(port))) stop(`port ${port} is in use; set PORT to another one`)
installPackages()
let database = null
let server = null
let ending = false
const end = async (code) => {
  if (ending) return
  ending = true
  say('stopping')
  await server?.stop()
  await database?.stop()
  process.exit(code)
}
process.on('SIGINT', () => end(0))
process.on('SIGTERM', () => end(0))
try {
  let url = process.env.DATABASE_URL
  if (!url) {
    installPrograms({ 'mariadb-install-db': 'mariadb-server' })
    say('starting the database')
    database = await startDatabase({ folder: '.data', port: await freePort(33306) })
    url = database.url
  }
  const did = migrate(url)
  if (did) say(did.replace(/\n/g, '; '))
  if (dev) prepare()
  else build()
  server = await serve({ port, url, dev, quiet: !dev, ...(dev ? { dist: '.next/dev-server' } : {}) })
  server.child.on('exit', () => end(1))
  say(`ready on http://127.0.0.1:${port}  (Ctrl-C stops it)`)
} catch (e) {
  process.stderr.write(`burdock: ${e instanceof Error ? e.message : e}\n`)
  await end(1)
}
