import { spawnSync } from 'node:child_process'
import { By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { FIGURE_NAMES } from '@/core/pocket/names'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, IS_WEBKIT, PATIENCE } from './testing/desk'
import { resize, toolsOf, withTools } from './testing/screen'

// The pocket: every figure on a desk by keyboard and on a phone by thumb, what was typed last, cards, jobs, and no signal.
let driver: WebDriver
let at: ReturnType<typeof desk>
const door = (path: string) => fetch(`${process.env.BURDOCK_DOOR}/${path}`)
const size = (width: number, height: number, byFinger = false) => resize(driver, width, height, byFinger)
/** Opens a figure by its address, as a link does, in a page loaded anew. */
const open = async (name: string) => {
  await driver.get('about:blank')
  await driver.get(`${BASE}/pocket#${name}`)
  const isFigure = (FIGURE_NAMES as readonly string[]).includes(name)
  await at.find(isFigure ? '.answer' : 'main.empty')
}
const textOf = async (css: string) => (await at.text(css)).replaceAll('\u00a0', ' ')
const values = () =>
  driver.executeScript<string[]>(
    'return [...document.querySelectorAll(".fields input")].map((each) => each.value.replaceAll("\\u00a0", " "))',
  )
/** Follows a link into the pocket, under whichever tab of the stage it stands. */
const follow = async (title: string) => {
  const link = `//p[contains(@class,'pocket-links')]//a[contains(., '${title}')]`
  for (const tab of await driver.findElements(By.css('.side [role=tab], .side .seg button'))) {
    if ((await driver.findElements(By.xpath(link))).length > 0) break
    await tab.click()
  }
  await (await at.byText("p[contains(@class,'pocket-links')]//a", title)).click()
}
/** Fills the field that has the focus anew. */
const retype = (text: string) => at.hold([Key.CONTROL], 'a').then(() => at.keys(text))

beforeAll(async () => {
  const browser = await openBrowser({ width: 1280, height: 800 })
  driver = browser.driver
  at = desk(driver, browser.downloads)
})
afterAll(() => driver.quit())

describe('on a desk, by keyboard', () => {
  beforeAll(() => size(1280, 800))
  test.each(FIGURE_NAMES)(
    '%s: refuses what is none beside the field, answers what is, and has no fault',
    async (name) => {
      await open(name)
      const before = await textOf('.shout')
      expect(before).not.toMatch(/NaN|undefined|null/)
      expect((await driver.findElements(By.css('.drawn svg'))).length).toBe(2)
      // The first place that takes a number: names of posts and of goods take any text.
      const first = await driver.executeScript<string>(
        'const all = [...document.querySelectorAll(".fields input")]; const box = all.find((each) => /\\d/.test(each.value) && !/^[A-Z]\\d$|×\\d+×/.test(each.value)); box.focus(); return box.value',
      )
      await retype('@')
      await at.find('.answer.none')
      expect(await textOf('.answer.none')).toMatch(/\S.*: .*(accepted|Write it|Digits)/s)
      expect(await driver.executeScript('return document.activeElement.value')).toBe('@')
      await retype(first)
      await at.find('.shout')
      expect((await textOf('.shout')).replace(' · sample numbers', '')).toBe(before.replace(' · sample numbers', ''))
      expect(await at.faults()).toEqual([])
    },
  )
  test('from the search to the answer without a mouse: marked where they lie, Enter opens the first', async () => {
    await open('')
    await driver.findElement(By.css('#say')).click()
    const places = () =>
      driver.executeScript<number[]>(
        'return [...document.querySelectorAll(".figs a")].map((a) => a.getBoundingClientRect().left)',
      )
    const stood = await places()
    await at.keys('split the diff')
    await at.waitText('.count', /^7 figures do that/)
    expect((await driver.findElements(By.css('.fig.hit'))).length).toBe(7)
    expect(await places()).toEqual(stood)
    await at.keys(Key.ESCAPE)
    expect((await driver.findElements(By.css('.fig.hit'))).length).toBe(0)
    await at.keys('birdsmouth', Key.ENTER)
    await at.waitText('.named h1', /Rafter/)
    // The skip link leads past the index, and the next Tab into the fields.
    await driver.executeScript('document.querySelector(".skip").focus()')
    await at.keys(Key.ENTER)
    await at.keys(Key.TAB)
    await driver.wait(
      () => driver.executeScript('return document.activeElement.closest("main.figure") !== null'),
      PATIENCE,
    )
  })
  test('arrows step a length on its tape, a sixteenth or with Shift an inch', async () => {
    await open('girt-cut')
    await (await at.find('.fields input')).click()
    const [first] = await values()
    expect(first).toBe('7′ 6 11/16″')
    await at.keys(Key.ARROW_UP)
    expect((await values())[0]).toBe('7′ 6 3/4″')
    await at.hold([Key.SHIFT], Key.ARROW_DOWN)
    expect((await values())[0]).toBe('7′ 5 3/4″')
    expect(await textOf('.shout')).toContain('7′ 5 5/8″')
  })
  test.each([`12' 6 5/8"`, '12-6-10', '150 5/8', '150.625', '3825.875 mm'])('a length as %s', async (text) => {
    await open('girt-cut')
    await (await at.find('.fields input')).click()
    await retype(text)
    await at.waitText('.shout', /12′\s6\s1\/2″/)
  })
  test('what was typed last is there next time, in the units of now; the figures used last stand first', async () => {
    await open('equal-spaces')
    await (await at.find('.fields input')).click()
    await retype(`50'`)
    await open('pitch')
    await open('equal-spaces')
    await at.find('.fields input')
    expect((await values())[0]).toBe(`50'`)
    expect(await at.text('.index section')).toMatch(/Used last[\s\S]*Equal spaces[\s\S]*Pitch/)
    await (await at.byText(`button`, 'mm')).click()
    await at.waitText('.shout', /mm/)
    expect((await values())[0]).toBe('15,240 mm')
    await (await at.byText(`button`, 'ft in')).click()
    await at.waitText('.shout', /′/)
    await (await at.byText('button', 'Samples again')).click()
    await at.waitText('.shout', /sample numbers/)
  })
  test('goods that are taken off the list take their prices with them, not those of the next', async () => {
    await driver.executeScript('localStorage.removeItem("burdock-pocket-suppliers")')
    await open('suppliers')
    for (const box of (await driver.findElements(By.css('.pair input'))).slice(0, 2)) {
      await box.click()
      await at.hold([Key.CONTROL], 'a')
      await at.keys(Key.BACK_SPACE)
    }
    // Bags alone: 60 of 5.4 and 45 of delivery from the pit; 60 of 6.2 and 90 from the yard is more.
    await at.waitText('.shout', /all from pit[\s\S]*\$369/)
    expect(await textOf('.fields')).not.toContain('a 2×6×12')
  })
  test('Back and Forward go through figures, and the page says which is open', async () => {
    await open('stairs')
    await (await at.byText('a', 'Gate')).click()
    await at.waitText('.named h1', /Gate/)
    await driver.wait(until.titleIs('Gate · Pocket'), PATIENCE)
    await driver.navigate().back()
    await at.waitText('.named h1', /Stairs/)
    await open('spiral')
    await at.waitText('main', /No figure of that name/)
  })
  withTools('cards are printed four to a sheet, whole, on one page', async () => {
    for (const name of ['knee-brace', 'rafter', 'stairs']) {
      await open(name)
      await (await at.byText('button', 'Put it on the sheet')).click()
    }
    await open('suppliers')
    // Each card works itself out with its own figure's sheet, which comes a moment later.
    await driver.wait(
      async () => (await driver.findElements(By.css('.print-sheet > article'))).length === 4,
      PATIENCE,
      'no four cards',
    )
    const { data } = await toolsOf(driver).sendAndGetDevToolsCommand<{ data: string }>('Page.printToPDF', {
      preferCSSPageSize: true,
    })
    const text = spawnSync('pdftotext', ['-layout', '-', '-'], { input: Buffer.from(data, 'base64') }).stdout.toString()
    expect(text.split('\f').filter((page) => page.trim() !== '')).toHaveLength(1)
    for (const title of ['Knee brace', 'Rafter', 'Stairs', 'Suppliers']) expect(text).toContain(title)
    expect(text.match(/For planning/g)).toHaveLength(4)
    expect(text.match(/measured/g)).toHaveLength(4)
    await (await at.byText('button', 'Empty the sheet')).click()
  })
})

describe('with a job', () => {
  test('a stage opens the figure filled in; it is kept with the job, listed, opened again, taken out, and brought back', async () => {
    await size(1280, 800)
    const href = await at.jobUrl('Quillback Hill honey house')
    await driver.get(`${href}?stage=roof`)
    await at.find('.tally')
    await follow('Rafter')
    await at.waitText('.named h1', /Rafter/)
    const filled = await values()
    expect(await textOf('.shout')).not.toContain('sample')
    await (await at.byText('button', 'Keep with a job')).click()
    await (await at.find('dialog input')).sendKeys('north lean-to')
    await (await at.byText('button', 'Keep it')).click()
    await at.waitText('.acts', /Kept with Quillback Hill/)
    await driver.get(`${href}?stage=book`)
    await (await at.byText('a', 'Rafter: north lean-to')).click()
    await at.waitText('.named h1', /Rafter/)
    expect(await values()).toEqual(filled)
    // Changed and kept again it takes its own place, and is still for the same.
    await (await at.find('.fields input')).click()
    await retype(`11' 1`)
    await (await at.byText('button', 'Keep with a job')).click()
    await (await at.byText('button', 'Keep in its place')).click()
    await at.waitText('.acts', /Kept with Quillback Hill/)
    await driver.get(`${href}?stage=book`)
    await at.waitText('[aria-label="Figures kept with the job"]', /Rafter: north lean-to/)
    expect((await driver.findElements(By.css('.kept-figure'))).length).toBe(1)
    await (await at.byText('a', 'Rafter: north lean-to')).click()
    await at.waitText('.named h1', /Rafter/)
    expect((await values())[0]).toBe('11′ 1″')
    await driver.get(`${href}?stage=book`)
    await (await at.byText('button', 'Take out')).click()
    await at.waitText('[aria-label="Figures kept with the job"]', /None kept/)
    await at.saved()
    await at.hold([Key.CONTROL], 'z')
    await at.waitText('[aria-label="Figures kept with the job"]', /north lean-to/)
    expect(await at.faults()).toEqual([])
  })
  test.each([
    ['building', 'Equal spaces'],
    ['strings&tab=square', '3-4-5'],
    ['walls', 'Wall pick'],
    ['roof', 'Headroom'],
  ])('%s leads to %s', async (stage, title) => {
    const href = await at.jobUrl('Quillback Hill honey house')
    await driver.get(`${href}?stage=${stage}`)
    await at.find('.tally')
    await follow(title)
    await at.waitText('.named h1', new RegExp(title))
    expect(await textOf('.shout')).not.toContain('sample')
  })
})

describe('on a phone, by thumb', () => {
  beforeAll(async () => {
    await size(412, 892, true)
    // Another phone: nothing has been typed there.
    await driver.executeScript('localStorage.clear()')
  })
  test.each(FIGURE_NAMES)(
    '%s: nothing runs off the side; a length is nudged, another number typed; no fault',
    async (name) => {
      await open(name)
      await size(412, 892, true)
      expect(await driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(412)
      expect(await driver.executeScript('return matchMedia("(pointer: coarse)").matches')).toBe(!IS_WEBKIT)
      const [box] = await driver.findElements(By.css('.fields input[inputmode=none]'))
      if (box) {
        await box.click()
        const before = await box.getAttribute('value')
        await (await at.find('[aria-label*="an inch more"]')).click()
        expect(await box.getAttribute('value')).not.toBe(before)
        await (await at.find('[aria-label*="an inch less"]')).click()
        expect(await box.getAttribute('value')).toBe(before)
      } else {
        const input = await at.find('.fields input')
        await input.click()
        await input.sendKeys(Key.chord(Key.CONTROL, 'a'), name === 'matured' ? '50×30' : '7')
      }
      await at.find('.shout')
      // On a page as long as it is: what lies under the blade is not seen, and not judged by its colors.
      await size(412, 3200, true)
      expect(await at.faults()).toEqual([])
    },
  )
  withTools(
    'a first tap picks the length for the blade, a second brings the keys; the next length has the blade again',
    async () => {
      await size(412, 892, true)
      await open('rod-marks')
      const [first, second] = await driver.findElements(By.xpath("//label[.='reads']/following-sibling::span/input"))
      const tap = async (input: WebElement) => {
        const { x, y, width, height } = await input.getRect()
        const touchPoints = [{ x: x + width / 2, y: y + height / 2 }]
        await toolsOf(driver).sendDevToolsCommand('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints })
        await toolsOf(driver).sendDevToolsCommand('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
        await driver.wait(
          async () => (await driver.switchTo().activeElement().getId()) === (await input.getId()),
          PATIENCE,
        )
      }
      const keysOf = (input: WebElement | undefined) => input?.getAttribute('inputmode')
      if (!first || !second) throw new Error('no readings')
      await tap(first)
      expect(await keysOf(first)).toBe('none')
      await at.waitText('.blade', /A1 reads/)
      await tap(first)
      await driver.wait(async () => (await keysOf(first)) === 'text', PATIENCE)
      await tap(second)
      expect([await keysOf(first), await keysOf(second)]).toEqual(['none', 'none'])
      const before = await textOf('.shout')
      await (await at.find('[aria-label*="an inch less"]')).click()
      expect(await textOf('.shout')).not.toBe(before)
    },
  )
  withTools('the blade slides under the thumb, and the answer with it', async () => {
    await size(412, 892, true)
    await open('girt-cut')
    const input = await at.find('.fields input')
    await input.click()
    await input.sendKeys(Key.chord(Key.CONTROL, 'a'), `7' 6 11/16`)
    const blade = await at.find('.blade svg')
    // 80 px to the left are two inches more.
    await driver.actions().move({ origin: blade }).press().move({ origin: blade, x: -80 }).release().perform()
    expect((await values())[0]).toMatch(/^7′ 8 \d/)
    expect(await textOf('.shout')).toMatch(/7′\s?8/)
  })
})

describe('without a signal', () => {
  test('after one visit the whole pocket works with the server away: reloaded, typed into, figures never opened before', async () => {
    await size(412, 892, true)
    await open('')
    await at.waitText('.away', /works without a signal/)
    await door('stop-server')
    try {
      await driver.navigate().refresh()
      await at.waitText('.index', /Straight runs/)
      await open('stairs')
      await at.waitText('.shout', /risers/)
      await (await at.find('.fields input')).click()
      await retype('60')
      await at.waitText('.shout', /each of 8 risers/)
      for (const name of FIGURE_NAMES) {
        await open(name)
        expect([name, await textOf('.answer')]).toEqual([name, expect.not.stringContaining('accepted')])
      }
      await (await at.byText('button', 'Keep with a job')).click()
      await at.waitText('dialog', /does not answer: nothing was kept/)
    } finally {
      await door('start-server')
    }
  })
})
