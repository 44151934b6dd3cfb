import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import type { WebDriver } from 'selenium-webdriver'
import { readPieces } from '@/core/derive'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'
import { toolsOf, withTools } from './testing/screen'

// A phone on a site without a signal: what it says of itself is looked at, not hoped for.

interface StoredJob {
  readonly id: string
  readonly revision: number
  readonly doc: { readonly building: { readonly heelIn: number } }
}

let driver: WebDriver
let at: ReturnType<typeof desk>
let id = ''
const door = (to: string) => fetch(`${process.env.BURDOCK_DOOR}/${to}`)
const tools = () => toolsOf(driver)
const json = { 'content-type': 'application/json' }
const job = async () => (await (await fetch(`${BASE}/api/jobs/${id}`)).json()) as StoredJob
const open = (to = '') => driver.get(`${BASE}/field/${id}${to}`)
const today = (has: RegExp) => at.waitText('.fmain', has)
/** The pages look again by themselves when they come to the front. */
const lookAgain = () => driver.executeScript("document.dispatchEvent(new Event('visibilitychange'))")
const inStore = (code: string): Promise<unknown> =>
  driver.executeAsyncScript(`const done = arguments[arguments.length - 1];
    const asked = indexedDB.open('burdock-field');
    asked.onsuccess = () => {
      const meta = asked.result.transaction('meta', 'readwrite').objectStore('meta');
      const request = ${code};
      request.onsuccess = () => { asked.result.close(); done(true) };
    }`)

beforeAll(async () => {
  const browser = await openBrowser({ width: 412, height: 892 })
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const doc = JSON.parse(readFileSync('demo/tansy-hollow.json', 'utf8')) as object
  const made = await fetch(`${BASE}/api/jobs`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({ import: { ...doc, name: 'Tansy without a signal' } }),
  })
  id = ((await made.json()) as StoredJob).id
})
afterAll(() => driver.quit())

test('what a first visit waits for comes compressed, the framework before the rest, and is compiled while it comes', async () => {
  const page = await (await fetch(`${BASE}/field/${id}`)).text()
  const framework = [...page.matchAll(/<script src="([^"]+)" fetchPriority="high" async/g)].map(([, at]) => at)
  const own = JSON.parse(/\}\)\((\[[^\]]+\]), \["/.exec(page)?.[1] ?? '[]') as string[]
  expect([framework.length > 5, own.length > 3]).toEqual([true, true])
  expect(own.filter((script) => page.includes(`src="${script}"`))).toEqual([])
  for (const script of [...framework, ...own]) {
    const answer = await fetch(`${BASE}${script}`, { headers: { 'accept-encoding': 'br' } })
    const text = await answer.text()
    // What is under a kilobyte anyway is not packed.
    expect([script, answer.headers.get('content-encoding')]).toEqual([script, text.length < 1024 ? null : 'br'])
    expect(text).toMatch(/^\/\/# allFunctionsCalledOnLoad\n/)
  }
  const plan = await fetch(`${BASE}/api/jobs/${id}/plan`, { headers: { 'accept-encoding': 'gzip, br' } })
  expect(plan.headers.get('content-encoding')).toBe('br')
})

describe('ready without a signal', () => {
  test('it is said once pages, plan and room were found; a missing file or plan takes the word away', async () => {
    await open()
    await today(/Ready without a signal/)
    await door('stop-server')
    try {
      await driver.executeAsyncScript(`const done = arguments[arguments.length - 1];
        caches.keys().then(async (names) => {
          const cache = await caches.open(names.find((name) => name.includes('precache')));
          const keys = await cache.keys();
          await cache.delete(keys.find(({ url }) => url.endsWith('.css')));
          done(true);
        })`)
      await lookAgain()
      await today(/Not ready without a signal: some pages are not kept/)
    } finally {
      await door('start-server')
    }
    // With a signal the phone fetches what is missing by itself.
    await driver.wait(async () => {
      await lookAgain()
      return /✓ Ready without a signal/.test(await at.text('.fmain'))
    }, PATIENCE)
    await inStore(`meta.delete('field:${id}')`)
    await lookAgain()
    await today(/Not ready without a signal: the plan is not kept/)
    await open()
    await today(/✓ Ready without a signal/)
  })

  test('after one visit every field page and the pocket open without a server, on the post that the code names', async () => {
    const told = (await (await fetch(`${BASE}/api/jobs/${id}/plan`)).json()) as { plan: { pieces: string } }
    const [piece] = readPieces(told.plan.pieces)
    await door('stop-server')
    try {
      for (const [to, has] of [
        [`/piece/${encodeURIComponent(piece.id)}`, /Piece[\s\S]*Cut it to[\s\S]*state: planned/],
        ['/post/B1', /Post card B1[\s\S]*Marks from its own bottom/],
        ['/hole/A2', /Hole A2[\s\S]*string to bottom/],
        ['/read', /Laser readings[\s\S]*Where does the laser stand/],
        ['', /Today[\s\S]*Next hole/],
      ] as const) {
        await open(to)
        await at.waitText('.field', has)
        await at.waitText('.field', /Plan revision 1, as of/)
      }
      await driver.get(`${BASE}/field`)
      await at.waitText('.fmain', /kept on this phone[\s\S]*Tansy without a signal/)
      await driver.get(`${BASE}/pocket`)
      await at.waitText('.index', /Straight runs/)
    } finally {
      await door('start-server')
    }
  })

  test('pages that are left before they stand keep no later page waiting', async () => {
    for (let left = 0; left < 40; left += 1) {
      await open(['/read', '/post/B1', '/hole/A2', ''][left % 4])
      await driver.sleep((left * 37) % 300)
    }
    await open('/post/B1')
    await at.waitText('.field', /Post card B1[\s\S]*Marks from its own bottom/)
    await today(/B1/)
  })

  withTools('another network’s page in between is neither shown over a card nor kept', async () => {
    const { identifier } = await tools().sendAndGetDevToolsCommand<{ identifier: string }>(
      'Page.addScriptToEvaluateOnNewDocument',
      {
        source:
          "window.fetch = () => Promise.resolve(new Response('<html>Sign in to this network</html>', { status: 200 }))",
      },
    )
    await open('/post/B1')
    await at.waitText('.field', /Post card B1/)
    await at.waitText('.fhead', /Offline/)
    await tools().sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier })
    await open('/post/B1')
    await at.waitText('.fhead', /Sent/)
    expect(await at.text('.field')).not.toMatch(/Sign in to this network/)
  })
})

describe('the plan', () => {
  test('a change at the office is taken at once, and the card says what has changed until somebody has seen it', async () => {
    await open('/post/B1')
    await at.waitText('.field', /Post card B1/)
    const { revision, doc } = await job()
    const building = { ...doc.building, heelIn: doc.building.heelIn + 6 }
    const saved = await fetch(`${BASE}/api/jobs/${id}`, {
      method: 'PUT',
      headers: json,
      body: JSON.stringify({ baseRevision: revision, label: 'higher', doc: { ...doc, building } }),
    })
    expect(saved.status).toBe(200)
    await at.waitText('.field', /The plan has changed this card[\s\S]*cut: .*→/)
    await open()
    await today(/The office has changed the plan/)
    await (await at.byText('button', 'Seen: on with the new one')).click()
    await open('/post/B1')
    await at.waitText('.field', /Post card B1/)
    expect(await at.text('.field')).not.toMatch(/has changed/)
  })
})

describe('room to keep', () => {
  withTools('a browser that cannot keep entries says so before anything is tapped, and takes none', async () => {
    const { identifier } = await tools().sendAndGetDevToolsCommand<{ identifier: string }>(
      'Page.addScriptToEvaluateOnNewDocument',
      {
        source: "IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError') }",
      },
    )
    await open('/hole/B1')
    await at.waitText('.fmain', /cannot keep entries: it takes none/)
    const rock = await at.byText('button', 'Rock')
    await driver.executeScript('arguments[0].click()', rock)
    await at.waitText('.fmain', /The last entry was not taken/)
    expect(await at.text('.fhead')).not.toMatch(/kept here/)
    await tools().sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier })
    const { records } = (await (await fetch(`${BASE}/api/jobs/${id}/records?after=0`)).json()) as { records: object[] }
    expect(records).toEqual([])
  })
})

describe('a new build', () => {
  test('lies ready beside the old one, and takes over whole when it is asked to', async () => {
    const file = path.join(process.env.BURDOCK_DIST ?? '.next', 'site-worker.js')
    const code = readFileSync(file, 'utf8')
    await open()
    await today(/✓ Ready without a signal/)
    writeFileSync(file, `${code}\n// another build\n`)
    try {
      await driver.executeScript('navigator.serviceWorker.getRegistration().then((found) => found.update())')
      await at.waitText('.fhead', /Load it\s+A newer Burdock/)
      await (await at.byText('button/b', 'Load it')).click()
      await driver.wait(
        async () => !(await driver.executeScript('return document.body.innerText.includes("A newer Burdock")')),
        PATIENCE,
      )
      await today(/✓ Ready without a signal/)
    } finally {
      writeFileSync(file, code)
    }
  })
})

describe('two phones and the office', () => {
  withTools(
    'what they say differently reads the same on a phone and at the office, where both phones are known',
    async () => {
      const entry = (device: string, n: number, depthIn: number) => ({
        id: `signal-${device}`,
        at: new Date().toISOString(),
        device,
        deviceSeq: 1,
        who: device,
        clock: `${String(Date.now() + n).padStart(15, '0')}-0000`,
        planRevision: null,
        body: { kind: 'hole', post: 'B1', depthIn, setup: null, bottomReadingIn: null, found: 'nothing', note: '' },
      })
      const sent = await fetch(`${BASE}/api/jobs/${id}/records`, {
        method: 'POST',
        headers: json,
        body: JSON.stringify({ after: 0, records: [entry('Ash', 0, 70), entry('Bly', 1, 50)] }),
      })
      expect(await sent.json()).toMatchObject({ refused: [] })
      await open()
      await today(/The hole of B1 was measured twice[\s\S]*5′ 10″ by Ash, 4′ 2″ by Bly\. The first stands/)
      const onPhone = (await at.text('.fmain')).match(/The hole of B1[^\n]*\n+[^\n]*/)?.[0].replace(/\s+/g, ' ')
      const office = await openBrowser()
      try {
        const there = desk(office.driver, office.downloads)
        await office.driver.get(`${BASE}/jobs/${id}?stage=posts&view=setups`)
        await there.waitText('[aria-label="Phones on site"]', /the newest[\s\S]*right/)
        await there.waitText('.scroll', /The hole of B1 was measured twice/)
        const said = (await there.text('.scroll')).match(/The hole of B1[^\n]*/)?.[0].replace(/\.? +/g, ' ')
        expect(said).toBe(onPhone?.replace(/\.? +/g, ' '))
      } finally {
        await office.driver.quit()
      }
    },
  )
})
