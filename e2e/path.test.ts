import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

let driver: WebDriver
let at: ReturnType<typeof desk>
let jobUrl = ''

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
})
afterAll(() => driver.quit())

const site = async () => {
  for (const [name, text] of [
    ['groundSnowPsf', '40'],
    ['windMph', '115'],
    ['frostIn', "4'"],
  ])
    await at.type(name, text)
  await (
    await driver.findElement(By.xpath("//label[text()='Exposure']/following-sibling::select/option[@value='C']"))
  ).click()
  await (await at.find('select[name="soil"] option[value="3"]')).click()
}

test('a job is made from nothing: until the site is entered nothing reads as passing', async () => {
  await driver.get(BASE)
  await (await at.byText('button', 'New job')).click()
  await (await at.find('#job-name')).sendKeys('Quillback Hill trial', Key.ENTER)
  await at.find('.desk')
  jobUrl = (await driver.getCurrentUrl()).split('?')[0]
  expect(await at.text('.tally')).toMatch(/^0 hold/)
  await site()
  await at.waitText('.tally', /^[1-9]\d* hold/)
  await at.saved()
})

test('sizes are typed in any notation; a wrong one is refused where it is typed and the model keeps the last', async () => {
  await at.stage('Building')
  for (const [name, text] of [
    ['lengthIn', "63'"],
    ['widthIn', '36-0'],
    ['heelIn', '144'],
    ['bayMaxIn', "9'"],
  ])
    await at.type(name, text)
  await at.waitText('.sum', /36′ × 63′[\s\S]*7 @ 9′/)
  await at.type('widthIn', 'abc')
  await at.waitText('.f .msg', /not a length/)
  expect(await at.text('.sum')).toContain('36′ × 63′')
  expect(await at.value('widthIn')).toBe('abc')
  await at.type('widthIn', '36')
  await at.waitText('.f .msg', /Too small: 8′ 0″ or more/)
  await at.type('widthIn', "36'")
  expect(await driver.findElements(By.css('.f .msg'))).toHaveLength(0)
})

test('a door is added, dragged along its wall, and undone in one step', async () => {
  await (await at.byText("button[@role='tab']", 'Openings')).click()
  await (await at.byText("button[contains(@class,'btn')]", 'sliding door')).click()
  const before = await at.value('positionIn')
  const door = await at.find('[data-opening] rect')
  await driver
    .actions()
    .move({ origin: door })
    .press()
    .move({ origin: door, x: 60, y: 0 })
    .move({ origin: door, x: 120, y: 3 })
    .perform()
  expect(await at.text('.live')).toMatch(/\d+′ .*│/)
  await driver.actions().release().perform()
  const after = await at.value('positionIn')
  expect(after).not.toBe(before)
  expect(await driver.findElements(By.css('[aria-label^="post J"]'))).not.toHaveLength(0)
  await at.hold([Key.CONTROL], 'z')
  await driver.wait(async () => (await at.value('positionIn')) === before, PATIENCE)
  await at.hold([Key.CONTROL, Key.SHIFT], 'z')
  await driver.wait(async () => (await at.value('positionIn')) === after, PATIENCE)
  await at.type('openingWidth', "100'")
  await at.waitText('.f .msg', /Too large|Wider than its wall/)
  await (await at.find('input[name="openingWidth"]')).sendKeys(Key.ESCAPE)
})

test('measured diagonals say which string to slide; rod readings become marks', async () => {
  await at.stage('Strings')
  for (const [n, v] of [
    ['southIn', "63'"],
    ['northIn', "63'"],
    ['westIn', "36'"],
    ['eastIn', "36'"],
    ['risingIn', '72-7-2'],
    ['fallingIn', '72\' 6 3/8"'],
  ])
    await at.type(n, v)
  await at.waitText('.move', /Slide string [A-Z]\s*7\s*16\s*″ west/)
  await at.stage('Posts')
  await at.type('rod-A1', '53 3/4')
  await at.type('rod-A2', '51 3/8')
  const row = async (id: string) => (await driver.findElement(By.xpath(`//tr[td//button[text()='${id}']]`))).getText()
  expect(await row('A1')).toContain('3 5/8″')
  expect(await row('A2')).toContain('high point')
})

test('the tape steps from mark to mark with the arrow keys', async () => {
  await at.stage('Strings')
  await at.waitText('.tapebar', /A1/)
  const chosen = async () => await (await at.find('.tapebar')).getText()
  const first = await chosen()
  await driver.executeScript('document.activeElement.blur()')
  await at.keys(Key.ARROW_RIGHT)
  await driver.wait(async () => (await chosen()) !== first, PATIENCE)
})

test('everything is there after a reload', async () => {
  await at.saved()
  await driver.get(`${jobUrl}?stage=posts`)
  await at.waitText('.work', /51\s*3\s*8/)
  expect(await at.value('rod-A1')).toBe('53 3/4″')
  await at.stage('Strings')
  expect(await at.value('risingIn')).toBe('72′ 7 1/8″')
})

test('the crew book is one PDF on letter pages; its text reads back', async () => {
  await driver.get(`${jobUrl}?stage=book`)
  await (await at.byText('button', 'Download PDF')).click()
  const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-pdf-')), 'book.pdf')
  writeFileSync(file, await at.file('.pdf'))
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
  for (const part of [
    'Quillback Hill trial',
    'Strings',
    'Post schedule',
    'Hardware to order',
    'page 1 of',
    '72\' 6 3/4"',
    'A1',
    'revision',
  ])
    expect(text).toContain(part)
  expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(/612 x 792 pts \(letter\)/)
})

test('the database away: the edit stays in the browser, says so, outlives a reload and is saved when it is back', async () => {
  await driver.get(`${jobUrl}?stage=building`)
  await at.find('input[name="heelIn"]')
  await fetch(`${process.env.BURDOCK_DOOR}/stop`)
  await at.type('heelIn', "13'")
  await at.waitText('.saved', /Kept in this browser/)
  await driver.navigate().refresh()
  await at.waitText('.sum', /13′ heel/)
  await fetch(`${process.env.BURDOCK_DOOR}/start`)
  await at.saved()
  const stored = (await (await fetch(`${BASE}/api/jobs/${jobUrl.split('/').pop()}`)).json()) as {
    doc: { building: { heelIn: number } }
  }
  expect(stored.doc.building.heelIn).toBe(156)
})

test('two windows on one job: the later one is asked, and keeps both changes', async () => {
  const first = await driver.getWindowHandle()
  await driver.switchTo().newWindow('window')
  await driver.get(`${jobUrl}?stage=building`)
  await at.find('input[name="pitchPer12"]')
  await driver.switchTo().window(first)
  await at.type('heelIn', "12'")
  await at.saved()
  await driver.wait(
    async () =>
      (
        (await (await fetch(`${BASE}/api/jobs/${jobUrl.split('/').pop()}`)).json()) as {
          doc: { building: { heelIn: number } }
        }
      ).doc.building.heelIn === 144,
    PATIENCE,
  )
  const second = (await driver.getAllWindowHandles()).find((text) => text !== first) ?? first
  await driver.switchTo().window(second)
  await at.type('pitchPer12', '5')
  await at.byText("*[@role='dialog']//button", 'Keep both')
  expect(await at.faults()).toEqual([])
  await (await at.byText("*[@role='dialog']//button", 'Keep both')).click()
  await at.waitText('.sum', /12′ heel[\s\S]*5:12/)
  await at.saved()
  await driver.close()
  await driver.switchTo().window(first)
})
