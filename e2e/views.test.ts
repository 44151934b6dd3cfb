import { By, Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk } from './testing/desk'

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
    expect(await at.faults()).toEqual([])
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

const STAGES = ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book']
const CHOICES = '.wh .seg button, [role=tab], .side .seg button'
test.each(STAGES)('%s: no serious accessibility finding in any of its views and tabs', async (stage) => {
  await driver.get(`${href}?stage=${stage}`)
  await at.find('.desk')
  const count = (await driver.findElements(By.css(CHOICES))).length
  for (let i = 0; i < count; i++) {
    const choice = (await driver.findElements(By.css(CHOICES)))[i]
    if (!choice || !(await choice.isDisplayed())) continue
    const name = await choice.getText()
    await choice.click()
    expect([stage, name, ...(await at.faults())]).toEqual([stage, name])
  }
})

test('no serious accessibility finding in a dialog or a menu', async () => {
  await driver.get(`${href}?stage=building`)
  await at.find('.desk')
  const closed = () => driver.wait(async () => (await driver.findElements(By.css('[role=dialog]'))).length === 0)
  await at.keys('?')
  await at.waitText('[role=dialog]', /Building/)
  expect(await at.faults()).toEqual([])
  await at.keys(Key.ESCAPE)
  await closed()
  await (await at.find('[aria-label=More]')).click()
  expect(await at.faults()).toEqual([])
  await (await at.byText('button', 'History of edits')).click()
  await at.waitText('[role=dialog]', /rev\./)
  expect(await at.faults()).toEqual([])
  await driver.get(BASE)
  await (await at.byText('button', 'New job')).click()
  await at.find('#job-name')
  expect(await at.faults()).toEqual([])
})

test.each([
  ['a low window', 1280, 640, 300],
  ['a window zoomed to 200 %', 640, 400, 300],
])('%s leaves room for the plan, and stage names apart', async (_name, width, height, least) => {
  const { width: wide, height: high } = await driver.manage().window().getRect()
  const chrome = Number(await driver.executeScript('return outerHeight - innerHeight'))
  await driver
    .manage()
    .window()
    .setRect({ width, height: height + chrome })
  await driver.get(`${href}?stage=building`)
  await at.find('.drawing')
  const box = await (await at.find('.drawing')).getRect()
  expect(box.height).toBeGreaterThanOrEqual(least)
  const tops = (await driver.executeScript(
    "return [...document.querySelectorAll('.pole-stage')].map((s) => s.getBoundingClientRect()).map((r) => r.y)",
  )) as number[]
  const apart = tops.slice(1).map((top, i) => Math.abs(top - tops[i]))
  expect(Math.min(...apart)).toBeGreaterThanOrEqual(24)
  await driver.manage().window().setRect({ width: wide, height: high })
})

test('millimeters where the person reads them: fields, tape and bar, what is typed and what is stepped', async () => {
  await driver.get(`${href}?stage=building`)
  await (await at.find('[aria-label=More]')).click()
  await (await at.byText('button', 'millimeters')).click()
  await at.waitText('.sum', /10,973 mm × 19,202 mm/)
  expect(await at.value('widthIn')).toBe('10,972.8 mm')
  await at.waitText('.tapebar', /\d,\d{3} mm[\s\S]*read to the millimeter/)
  await at.type('heelIn', '3660')
  expect(await at.value('heelIn')).toBe('3,660 mm')
  await (await at.find('input[name=heelIn]')).sendKeys(Key.ARROW_UP)
  expect(await at.value('heelIn')).toBe('3,661 mm')
  // Loads too: 40 psf is 1.9152 kPa; what names its own unit is taken in that; a limit is said in what is shown.
  await at.stage('Site')
  expect(await at.value('groundSnowPsf')).toBe('1.9152 kPa')
  await at.type('groundSnowPsf', '2')
  expect(await at.value('groundSnowPsf')).toBe('2 kPa')
  await at.type('groundSnowPsf', '15')
  await at.waitText('#details', /Too large: 14\.364 or less/)
  await at.type('groundSnowPsf', '40 psf')
  expect(await at.value('groundSnowPsf')).toBe('1.9152 kPa')
  await at.stage('Building')
  await (await at.find('[aria-label=More]')).click()
  await (await at.byText('button', 'what the job says')).click()
  // What was typed in millimeters is on no tape of sixteenths: it reads as it was typed.
  expect(await at.value('heelIn')).toBe('3,661 mm')
  await at.type('heelIn', "12'")
  expect(await at.value('heelIn')).toBe('12′ 0″')
})

test('a post that is picked brings its fields, and moves by them as by dragging', async () => {
  await driver.get(`${href}?stage=building`)
  await (await at.find('[aria-label="post E1"]')).click()
  await at.waitText('#details', /Post E1/)
  const before = await at.value('postAtIn')
  await (await at.find('input[name=postAtIn]')).sendKeys(Key.ARROW_UP)
  expect(await at.value('postAtIn')).not.toBe(before)
  await at.hold([Key.CONTROL], 'z')
  await driver.wait(async () => (await at.value('postAtIn')) === before, 5000)
})

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
