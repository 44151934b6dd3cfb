import { readFileSync } from 'node:fs'
import { By, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk } from './testing/desk'

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8')
let driver: WebDriver
let at: ReturnType<typeof desk>
let href = ''
beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  href = await at.jobUrl('Quillback Hill honey house')
})
afterAll(() => driver.quit())

test.each(['jobs', 'site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book'])(
  '%s: no serious accessibility finding, no page scroll at 1280 × 800',
  async (view) => {
    await driver.get(view === 'jobs' ? BASE : `${href}?stage=${view}`)
    await at.find(view === 'jobs' ? '.jobcard' : '.desk')
    await driver.executeScript(AXE)
    const found = (await driver.executeAsyncScript(
      'const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"] }).then((r) => done(r.violations.filter((v) => ["serious", "critical"].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.slice(0, 3).map((n) => n.target.join(" ")).join(" | ")}`)))',
    )) as string[]
    expect(found).toEqual([])
    // Posts go by their names wherever people read: an identity is for the machine.
    expect(await (await at.find('body')).getText()).not.toMatch(/\bp-[a-z0-9]{5,}/)
    if (view !== 'jobs')
      expect(
        await driver.executeScript(
          'return document.documentElement.scrollHeight <= innerHeight && document.documentElement.scrollWidth <= innerWidth',
        ),
      ).toBe(true)
  },
)

test.each([
  ['truncated', '{"format": "burdock-job", "ver', /cut short or not JSON/],
  ['of another kind', '{"format": "other"}', /not a Burdock job/],
  ['of a newer version', '{"format": "burdock-job", "version": 99}', /newer Burdock/],
])('a file %s is refused with a reason', async (_n, text, reason) => {
  await driver.get(BASE)
  const input = await driver.findElement(By.css('input[type=file]'))
  await driver.executeScript(
    `const dt = new DataTransfer(); dt.items.add(new File([arguments[1]], 'bad.json', { type: 'application/json' })); arguments[0].files = dt.files; arguments[0].dispatchEvent(new Event('change', { bubbles: true }))`,
    input,
    text,
  )
  await at.waitText('[role=alert]', reason)
})

test('a hostile name is text on screen and in the book, never markup', async () => {
  const made = (await (
    await fetch(`${BASE}/api/jobs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: '<img src=x onerror="window.owned=1">' }),
    })
  ).json()) as { id: string }
  await driver.get(`${BASE}/jobs/${made.id}?stage=book`)
  await at.waitText('.top h1', /<img src=x/)
  expect(await driver.executeScript('return window.owned')).toBeNull()
})
