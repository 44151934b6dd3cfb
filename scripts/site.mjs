// npm run site : phones in a network of their own, where the office machine is reached over TLS alone and its loopback not
// at all. Needs root, for the network; where that is not to be had, it says so and runs nothing.
import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { installPackages, installPrograms } from './lib/install.mjs'

const NOT_RUN = 'not run: site (phones in a network of their own need root and network namespaces)'
if (process.getuid?.() !== 0) {
  console.log(NOT_RUN)
  process.exit(0)
}
installPackages()
installPrograms({
  'mariadb-install-db': 'mariadb-server',
  chromium: 'chromium',
  chromedriver: 'chromium-driver',
  certutil: 'libnss3-tools',
  ip: 'iproute2',
  curl: 'curl',
})
const { yardCertificate } = await import('./lib/authority.mjs')
const { freePort } = await import('./lib/ports.mjs')
const { freshSite } = await import('./lib/site.mjs')
const { apart } = await import('./site/apart.mjs')
const { openPhone } = await import('./site/phone.mjs')
const { canMakeYards, dropYard, inYard, makeYard, OFFICE, signal } = await import('./site/yard.mjs')

const CODE = 'AB12 CD34 EF56'

let [passed, failed] = [0, 0]
async function check(name, work) {
  try {
    await work()
    passed++
    console.log(`ok    ${name}`)
  } catch (error) {
    failed++
    console.log(`FAIL  ${name}\n${error instanceof Error ? error.message : error}`)
    // The next trial begins with a signal.
    signal(true)
  }
}
const must = (isSo, what) => {
  if (!isSo) throw new Error(what)
}

if (!canMakeYards()) {
  console.log(NOT_RUN)
  process.exit(0)
}
const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-site-'))
const port = await freePort()
makeYard()
const files = await yardCertificate(folder, [OFFICE])
const address = `https://${OFFICE}:${port}`
const site = await freshSite({
  servers: 1,
  env: {
    PUBLIC_URL: address,
    BURDOCK_TLS_PORT: String(port),
    BURDOCK_TLS_HOST: OFFICE,
    BURDOCK_TLS_CERT: files.cert,
    BURDOCK_TLS_KEY: files.key,
    BURDOCK_AUTHORITY: files.authority,
    BURDOCK_SETUP_CODE: CODE,
  },
})

/** A phone in the yard, or a desk at the office, by its name. */
const phone = (name, inYard = true) => openPhone({ home: path.join(folder, name), authority: files.authority, inYard })

/** Gives a reason for every step of every post: these trials are not about what holds them. */
async function letGoOn(job) {
  const { plan } = (await desk.ask(`/api/jobs/${job}/plan`)).body
  const records = Object.keys(plan.derived.names).flatMap((post) =>
    ['hole dug', 'footing ready', 'set', 'braced'].map((state, k) => ({
      id: `go-${k}-${post}`,
      at: '2026-05-04T12:00:00Z',
      device: 'office',
      who: 'Juniper',
      body: { kind: 'override', post, state, reason: 'a trial' },
    })),
  )
  const told = await desk.ask(`/api/jobs/${job}/records`, { after: 0, records })
  must(told.body.refused.length === 0, JSON.stringify(told.body.refused.slice(0, 2)))
}

let desk = null
let crew = null
let mate = null
try {
  let job = ''
  await check('from the yard the office’s loopback is out of reach, and no certificate is taken on trust', () => {
    must(inYard(`curl -s -m 3 ${site.base}/api/health`).status !== 0, 'loopback answers')
    must(inYard(`curl -s -m 5 ${address}/api/health`).status !== 0, 'a stranger’s certificate is taken')
    must(
      inYard(`curl -s -m 5 --cacert ${files.authority} ${address}/api/health`).status === 0,
      'the yard does not answer',
    )
  })
  await check('nobody without an account comes in; the owner’s needs the code from the office', async () => {
    desk = await phone('desk', false)
    await desk.driver.get(`${address}/field`)
    await desk.reads(/owner|Sign in/i)
    const owner = { name: 'Juniper', secret: 'three blue gates', label: 'desk' }
    must((await desk.ask('/api/jobs')).status === 401, 'jobs are told to strangers')
    must((await desk.ask('/api/owner', { ...owner, code: 'guess' })).status !== 200, 'any code will do')
    must((await desk.ask('/api/owner', { ...owner, code: CODE })).status === 200, 'the code will not do')
    job = (await desk.ask('/api/jobs')).body.find(({ name }) => /Quillback/.test(name)).id
    await letGoOn(job)
  })
  await check('a phone comes in by invitation, and is ready without a signal after one visit', async () => {
    const invited = await desk.ask('/api/invitations', { name: 'Rowan', role: 'lead' })
    crew = await phone('crew')
    await crew.driver.get(`${address}/join/${invited.body.code}`)
    const joined = await crew.ask('/api/join', {
      code: invited.body.code,
      secret: 'four red barns',
      label: 'phone of Rowan',
    })
    must(joined.status === 200, `joining was answered ${joined.status}`)
    await crew.driver.get(`${address}/field/${job}`)
    await crew.reads(/✓ Ready without a signal/)
  })
  const waiting = (count) => new RegExp(`Offline[\\s\\S]*${count} kept here`)
  await check('no signal: the card that a code names opens, entries are kept', async () => {
    signal(false)
    await crew.driver.get(`${address}/field/${job}/post/D5`)
    await crew.reads(/Post card D5[\s\S]*Plan revision 1, as of/)
    await crew.tap('Now hole dug')
    await crew.reads(waiting(1))
    await crew.tap('Now footing ready')
    await crew.reads(waiting(2))
  })
  await check('the browser is closed and opened again, still without a signal: nothing is lost', async () => {
    await crew.close()
    crew = await phone('crew')
    await crew.driver.get(`${address}/field/${job}/post/D5`)
    await crew.reads(/Post card D5[\s\S]*footing ready/)
    await crew.reads(waiting(2))
  })
  await check('the signal is back: all arrive once, in the phone’s order, under the name that signed in', async () => {
    signal(true)
    await crew.reads(/Post card D5[\s\S]*Sent/)
    const told = (await desk.ask(`/api/jobs/${job}/records?after=0`)).body.records.map(({ record }) => record)
    const own = told.filter(({ who, body }) => who === 'Rowan' && body.kind === 'state')
    must(own.map(({ body }) => body.state).join() === 'hole dug,footing ready', JSON.stringify(own))
    const on = (await desk.ask(`/api/jobs/${job}/phones`)).body
    must(
      on.phones.some(({ who, waiting }) => who === 'Rowan' && waiting >= 0),
      JSON.stringify(on),
    )
  })
  mate = await apart({ check, must, site, desk, crew, phone, files, address, port, job })
  const post = (name) => `${address}/field/${job}/post/${name}`
  await check('a phone that was lost is out at once; what waits on it counts once the office takes it', async () => {
    signal(false)
    await crew.driver.get(post('D5'))
    await crew.reads(/Post card D5/)
    await crew.tap('Cut as said')
    await crew.reads(waiting(2))
    const people = (await desk.ask('/api/people')).body
    const { device } = people.find(({ name }) => name === 'Rowan').on[0]
    await desk.ask(`/api/devices/${device}`, null, 'DELETE')
    signal(true)
    await crew.driver.get(`${address}/field/${job}`)
    await crew.reads(/signed out, and 2 entries wait/)
    await crew.tap('Leave it with the office')
    await crew.reads(/Left with the office/)
    const [lot] = (await desk.ask(`/api/jobs/${job}/left`)).body
    must(lot?.count === 2, JSON.stringify(lot))
    const before = (await desk.ask(`/api/jobs/${job}/records?after=0`)).body.records.length
    const { taken } = (await desk.ask(`/api/jobs/${job}/left/${lot.id}`, { take: true })).body
    const after = (await desk.ask(`/api/jobs/${job}/records?after=0`)).body.records.length
    must(taken === 2 && after === before + 2, `${taken} taken, ${before} before, ${after} after`)
  })
  console.log(`${passed} passed, ${failed} failed`)
} finally {
  await desk?.close()
  await crew?.close()
  await mate?.close()
  await site.stop()
  dropYard()
  rmSync(folder, { recursive: true, force: true })
}
process.exit(failed > 0 ? 1 : 0)
