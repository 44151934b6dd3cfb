// npm run faults : what happens when things break. A crowd of phones, papers while others wait, hostile requests, a full
// disk, kills; a line of figures each. Parts of it by name: npm run faults -- kills disk. Ten minutes at most.
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server' })
const { build } = await import('./lib/build.mjs')
await build()
const { freshSite } = await import('./lib/site.mjs')
const { seconds, wait, wrongParts } = await import('./faults/common.mjs')
const { cluster } = await import('./faults/cluster.mjs')
const { books, devices, rate } = await import('./faults/crowd.mjs')
const { disk } = await import('./faults/disk.mjs')
const { hostile } = await import('./faults/hostile.mjs')
const { kills } = await import('./faults/kills.mjs')

const MOST_MS = 10 * 60_000
/** Left for ending well when the kills have taken their time. */
const LAST_MS = 25_000
const began = Date.now()
const only = process.argv.slice(2)
const wanted = (name) => only.length === 0 || only.includes(name)
if (['devices', 'hostile', 'books'].some(wanted)) {
  const site = await freshSite({ env: { BURDOCK_RATE: '1000000' } })
  try {
    // What a server does for itself after a start is over by then.
    await wait(8000)
    if (wanted('devices')) await devices(site)
    if (wanted('books')) await books(site)
    if (wanted('hostile')) await hostile(site)
  } finally {
    await site.stop()
  }
}
if (wanted('rate')) await rate()
if (wanted('disk')) await disk()
// Needs a package that Burdock itself does not: only by name.
if (only.includes('cluster')) await cluster()
if (wanted('kills')) await kills({ untilMs: began + MOST_MS - LAST_MS })
console.log(`faults: ${wrongParts() === 0 ? 'none' : `${wrongParts()} parts wrong`}, ${seconds(Date.now() - began)}`)
process.exit(wrongParts() === 0 ? 0 : 1)
