// npm run firefox : every view of the office, and the pages of the field, opened in Firefox: each stands with its own
// words, and nothing is said to have gone wrong. BURDOCK_LOOK names a folder for pictures of them.
import { mkdirSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', 'firefox-esr': 'firefox-esr' })
const { openFirefox } = await import('./lib/firefox.mjs')
const { freshSite } = await import('./lib/site.mjs')

const look = process.env.BURDOCK_LOOK
if (look) mkdirSync(look, { recursive: true })
const site = await freshSite({ servers: 1 })
const jobs = await (await fetch(`${site.base}/api/jobs`)).json()
const { id } = jobs.find(({ name }) => /Quillback/.test(name))
const stage = (of, has, more = '') => [`${of}${more.replace(/\W/g, '-')}`, `/jobs/${id}?stage=${of}${more}`, has]
/** Views by name, with their address and words that only they have. */
const VIEWS = [
  ['jobs', '/', /Quillback Hill honey house/],
  stage('site', /Snow|snow/),
  stage('building', /bays/i),
  stage('strings', /diagonal/i),
  stage('holes', /deep|dig/i),
  stage('posts', /Story pole/),
  stage('posts', /Phones on site/, '&view=setups'),
  stage('posts', /ply/i, '&view=build'),
  stage('posts', /boards|stock/i, '&view=cut'),
  stage('posts', /as built|cut/i, '&view=built'),
  stage('walls', /girt/i),
  stage('roof', /truss/i),
  stage('bracing', /brace/i),
  stage('holds', /hold/i),
  stage('book', /Crew book/),
  ['people', '/people', /People|account/i],
  ['sign-in', '/sign-in', /sign in|nobody/i],
  ['pocket', '/pocket', /Pocket/],
  ['field', '/field', /Quillback Hill honey house/],
  ['field-today', `/field/${id}`, /Next reading/],
  ['field-read', `/field/${id}/read`, /laser stand/],
  ['field-hole', `/field/${id}/hole`, /string to bottom/],
  ['field-post', `/field/${id}/post`, /Marks from its own bottom/],
]

let [passed, failed] = [0, 0]
const firefox = await openFirefox()
try {
  for (const [name, address, has] of VIEWS)
    try {
      firefox.faults()
      await firefox.go(site.base + address)
      await firefox.reads(has)
      // What is drawn a moment later may fail too.
      await new Promise((resolve) => setTimeout(resolve, 1200))
      if (look) writeFileSync(path.join(look, `${name}.png`), await firefox.picture())
      const said = await firefox.run('document.body.innerText')
      if (/This page broke/.test(said)) throw new Error('the page broke')
      const faults = firefox.faults()
      if (faults.length > 0) throw new Error(faults.join('\n').slice(0, 600))
      passed++
      console.log(`ok    ${name}`)
    } catch (error) {
      failed++
      console.log(`FAIL  ${name}\n${error instanceof Error ? error.message : error}`)
    }
} finally {
  await firefox.close()
  await site.stop()
}
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
