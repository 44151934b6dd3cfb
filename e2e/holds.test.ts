import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

// Judging, curing and sizing on a copy of the demo building, through the real interface.
let driver: WebDriver
let at: ReturnType<typeof desk>
let url = ''

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const doc = JSON.parse(readFileSync('demo/quillback-hill.json', 'utf8')) as { name: string }
  const made = (await (
    await fetch(`${BASE}/api/jobs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ import: { ...doc, name: 'Quillback judged' } }),
    })
  ).json()) as { id: string }
  url = `${BASE}/jobs/${made.id}`
})
afterAll(() => driver.quit())

const choose = async (name: string, value: string) =>
  (await at.find(`select[name="${name}"] option[value="${value}"]`)).click()
const tally = () => at.text('.tally')

test('the demo holds, and what is not checked is counted beside it', async () => {
  await driver.get(`${url}?stage=holds`)
  await at.waitText('.tally', /\d+ hold/)
  expect(await tally()).not.toMatch(/fail/)
  expect(await at.text('.side')).toMatch(/0 fail, [1-9]\d* not checked/)
})

test('a weaker purlin fails at once; the pole and the tally say so with a sign and a word', async () => {
  await at.stage('Roof')
  await (await at.byText("button[@role='tab']", 'Purlins')).click()
  await choose('purlinSize', '2x4')
  await at.waitText('.tally', /[1-9]\d* fail/)
  await at.waitText('.polecol', /fail/)
})

test(
  'the check shows its arithmetic, its diagram and the cheapest remedy; one click takes it, undo brings the old one ' +
    'back',
  async () => {
    await (await at.byText("button[contains(@class,'chk')]", 'Purlins by the rakes')).click()
    await at.waitText('.work', /Largest moment/)
    expect(await at.text('.work')).toMatch(/NDS 2018 3\.3/)
    expect(await driver.findElements(By.css('figure[aria-label*="Purlins"] svg'))).toHaveLength(1)
    await at.waitText('table[aria-label="What would fix it"]', /As drawn/)
    const before = await tally()
    await (await at.byText("table[@aria-label='What would fix it']//button", 'Use this')).click()
    await driver.wait(async () => (await tally()) !== before, PATIENCE)
    await at.hold([Key.CONTROL], 'z')
    await driver.wait(async () => (await tally()) === before, PATIENCE)
    await at.hold([Key.CONTROL], 'z')
    await driver.wait(async () => !/fail/.test(await tally()), PATIENCE)
  },
)

test('a rating is taken back by emptying its field: what it held fails, and a rated tie is what would mend it', async () => {
  await at.stage('Roof')
  await (await at.byText("button[@role='tab']", 'Joints')).click()
  const tie = await at.find('input[name="trussTieLb"]')
  await tie.click()
  await tie.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, Key.ENTER)
  await at.waitText('.tally', /1 fail/)
  await at.keys('9')
  await (await at.byText("button[contains(@class,'chk')]", 'Trusses held down')).click()
  await at.waitText('.work', /NDS 2018 3\.4\.3\.3/)
  await at.waitText('table[aria-label="What would fix it"]', /A rated tie at each truss/)
  await at.hold([Key.CONTROL], 'z')
  await driver.wait(async () => !/fail/.test(await tally()), PATIENCE)
})

test('size it for me: progress, several proposals side by side, one click takes one', async () => {
  await at.stage('Walls')
  await at.keys('9')
  await (await at.byText('button', 'Size it')).click()
  await (await at.byText('button', 'Size it for me')).click()
  await at.waitText('table[aria-label="Proposals"]', /cheapest that holds/)
  const text = await at.text('.work')
  expect(text).toMatch(/judged one by one; \d+ whole buildings made of them/)
  expect(text).toMatch(/Tightest check/)
  await (await at.byText("table[@aria-label='Proposals']//button", 'Use this')).click()
  await driver.wait(async () => !/fail/.test(await tally()), PATIENCE)
  const later = async () =>
    (await driver.findElements(By.xpath("//*[@role='status'][contains(., 'changed since this search')]"))).length > 0
  expect(await later()).toBe(false)
  await at.hold([Key.CONTROL], 'z')
  await at.saved()
  // An edit after the search is said where the proposals are, and gone with the edit.
  await at.stage('Walls')
  await at.keys('9')
  await (await at.byText('button', 'Size it')).click()
  await (await at.byText('button', 'Size it for me')).click()
  await at.waitText('table[aria-label="Proposals"]', /as drawn[\s\S]*Posts[\s\S]*2×/)
  await at.hold([Key.CONTROL], 'y')
  await driver.wait(later, PATIENCE)
  await at.hold([Key.CONTROL], 'z')
  await driver.wait(async () => !(await later()), PATIENCE)
  await at.saved()
})

test('a price list is read from CSV; rows that cannot be used are refused by number', async () => {
  await (await at.byText('button', 'Prices')).click()
  const put = (text: string) =>
    driver.executeScript(
      `const dt = new DataTransfer(); dt.items.add(new File([arguments[0]], 'p.csv', { type: 'text/csv' })); ` +
        `const el = document.querySelector('input[accept*=csv]'); el.files = dt.files; el.dispatchEvent(new ` +
        `Event('change', { bubbles: true }))`,
      text,
    )
  await put('item,price\n2x6 SP-No.2,2.22\nnothing,4\n2x8 SP-No.2,dear')
  await at.waitText('.work [role=alert]', /Row 3[\s\S]*Row 4/)
  expect(await (await at.find('input[aria-label="price of 2x6 SP-No.2"]')).getAttribute('value')).toBe('2.22')
})

test('the calculation sheet is a PDF with clauses, every check and a blank for the seal', async () => {
  await (await at.byText('button', 'Calculation sheet')).click()
  const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-calc-')), 'calc.pdf')
  writeFileSync(file, await at.file('calculations.pdf'))
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
  for (const part of ['Inputs', 'Engineer of record', 'ASCE 7-16 26.10-1', 'NDS 2018', 'Every check', 'not checked'])
    expect(text).toContain(part)
})

test('without tested skin the building stands by its frames, and says which it relied on', async () => {
  await at.stage('Bracing')
  await at.waitText('.side', /computed with the skin values entered/)
  await choose('topsHeld', 'none')
  await at.waitText('.side [role=status]', /stands by its frames alone/)
  await at.waitText('.tally', /[1-9]\d* fail/)
  await at.hold([Key.CONTROL], 'z')
  await at.waitText('.side [role=status]', /computed with the skin values entered/)
})

test.each([
  ['Wind across', /windward/],
  ['Cladding', /zone 2r/],
  ['Drifts', /lean-to, sliding|lean-to, drift/],
])('the load map shows %s on the unfolded building', async (name, has) => {
  await at.stage('Site')
  await (await at.byText('button', name)).click()
  await driver.wait(async () => has.test(await (await at.find('.drawing')).getText()), PATIENCE)
})

test('a lean-to on each eave, an open wall and piers: the tally follows, nothing turns to NaN', async () => {
  await at.stage('Building')
  await (await at.byText("button[@role='tab']", 'Shape')).click()
  await choose('lean-south', 'yes')
  await (await at.byText("button[@role='tab']", 'Posts')).click()
  await choose('school', 'pier')
  await at.saved()
  await at.stage('Roof')
  await (await at.byText("button[@role='tab']", 'Lean-to')).click()
  await at.waitText('.side', /South lean-to[\s\S]*North lean-to|North lean-to[\s\S]*South lean-to/)
  for (const stage of ['Site', 'Building', 'Strings', 'Holes', 'Posts', 'Walls', 'Roof', 'Bracing']) {
    await at.stage(stage)
    expect(await (await at.find('body')).getText()).not.toMatch(/NaN|Infinity|undefined|could not be drawn/)
  }
})
