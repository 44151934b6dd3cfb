import { readFileSync } from 'node:fs'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

// The ways back: through what was looked at, through what was done (also after a reload), to any revision, and to a job
// that was thrown away. And fields that never bite.
let driver: WebDriver
let at: ReturnType<typeof desk>
let id = ''
const JOB = 'Tansy ways back'
interface Stored {
  readonly revision: number
  readonly doc: {
    readonly building: { readonly heelIn: number; readonly openings: readonly { readonly id: string }[] }
  }
}
const stored = async () => (await (await fetch(`${BASE}/api/jobs/${id}`)).json()) as Stored
const heel = async () => (await stored()).doc.building.heelIn
const address = async () => new URL(await driver.getCurrentUrl()).search
const selected = async (css: string) => (await at.find(css)).getText()
const tab = (text: string) => at.byText('button[@role="tab"]', text)
const field = (name: string) => at.find(`input[name="${name}"]`)
const typeIn = async (name: string, ...keys: string[]) => {
  const el = await field(name)
  await el.click()
  await el.sendKeys(Key.chord(Key.CONTROL, 'a'), ...keys)
}
const undo = async () => {
  await driver.executeScript('document.activeElement.blur()')
  await at.hold([Key.CONTROL], 'z')
}
const inField = (name: string, value: string) =>
  driver.wait(async () => (await at.value(name)) === value, PATIENCE, `${name} never read ${value}`)

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const doc = JSON.parse(readFileSync('demo/tansy-hollow.json', 'utf8')) as object
  const made = await fetch(`${BASE}/api/jobs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ import: { ...doc, name: JOB } }),
  })
  id = ((await made.json()) as { id: string }).id
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  await at.find('.desk')
})
afterAll(() => driver.quit())

test('the first job is led through by five hints, which can be put away for good', async () => {
  await at.waitText('.hints', /1 of 5, Site/)
  await (await at.byText('button', 'Show me')).click()
  await at.waitText('.wh h2', /Site/)
  await (await at.byText('button', 'Next')).click()
  await at.waitText('.hints', /2 of 5, Building/)
  await at.waitText('.wh h2', /Building/)
  await (await at.byText('button', 'Put them away')).click()
  await driver.navigate().refresh()
  await at.find('.desk')
  expect(await driver.findElements(By.css('.hints'))).toHaveLength(0)
})
test('Back and Forward go through stages and views, all in the address; the title says where', async () => {
  await at.stage('Posts')
  await (await at.byText('button', 'Cut list')).click()
  await at.stage('Roof')
  await (await tab('Purlins')).click()
  expect(await address()).toBe('?stage=roof&tab=purlins')
  expect(await driver.getTitle()).toBe(`Roof, ${JOB}`)
  await driver.navigate().back()
  expect(await selected('[role="tab"][aria-selected="true"]')).toBe('Trusses')
  await driver.navigate().back()
  await at.waitText('.wh h2', /Posts/)
  expect(await selected('.wh .seg button[aria-pressed="true"]')).toBe('Cut list')
  await driver.navigate().back()
  expect(await selected('.wh .seg button[aria-pressed="true"]')).toBe('Readings')
  await driver.navigate().forward()
  expect(await selected('.wh .seg button[aria-pressed="true"]')).toBe('Cut list')
  expect(await address()).toBe('?stage=posts&view=cut')
  await driver.navigate().refresh()
  await at.find('.desk')
  expect(await selected('.wh .seg button[aria-pressed="true"]')).toBe('Cut list')
})
test('arrows move between tabs, one stop of the Tab key for all of them', async () => {
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  await (await tab('Shape')).click()
  await at.keys(Key.ARROW_RIGHT)
  expect(await selected('[role="tab"][aria-selected="true"]')).toBe('Posts')
  await at.keys(Key.END)
  expect(await selected('[role="tab"][aria-selected="true"]')).toMatch(/^Openings/)
  await at.keys(Key.ARROW_RIGHT)
  expect(await selected('[role="tab"][aria-selected="true"]')).toBe('Shape')
  expect(await driver.findElements(By.css('[role="tab"][tabindex="0"]'))).toHaveLength(1)
})
test('a skip link leads from the top to the fields in at most eight Tabs', async () => {
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  await at.find('.desk')
  await at.keys(Key.TAB)
  expect(await driver.executeScript('return document.activeElement.textContent')).toBe('Skip to the fields')
  await at.keys(Key.ENTER)
  let tabs = 1
  while (tabs < 9 && !(await driver.executeScript('return document.activeElement instanceof HTMLInputElement'))) {
    await at.keys(Key.TAB)
    tabs++
  }
  expect(tabs).toBeLessThanOrEqual(8)
})
describe('a field', () => {
  test('typed in and escaped, the job is as before, whatever stood in the field meanwhile', async () => {
    const before = await heel()
    await typeIn('heelIn', "14'", Key.ESCAPE)
    await inField('heelIn', '10′ 0″')
    await typeIn('heelIn', "30'+2'", Key.TAB)
    await at.waitText('.side .msg', /That is not a length/)
    expect(await at.value('heelIn')).toBe("30'+2'")
    expect(await heel()).toBe(before)
  })
  test('what was refused waits in its own field while another tab is looked at', async () => {
    await (await tab('Posts')).click()
    await (await tab('Shape')).click()
    expect(await at.value('heelIn')).toBe("30'+2'")
    expect(await at.value('widthIn')).not.toContain('+')
    await typeIn('heelIn', Key.ESCAPE)
    await inField('heelIn', '10′ 0″')
  })
  test('one entry is one undo', async () => {
    await typeIn('heelIn', "12'", Key.TAB)
    await at.saved()
    expect(await heel()).toBe(144)
    await undo()
    await inField('heelIn', '10′ 0″')
  })
})
test('undo and redo outlive a reload', async () => {
  await typeIn('heelIn', "11'", Key.TAB)
  await typeIn('heelIn', "12'", Key.TAB)
  await at.saved()
  await driver.sleep(2200)
  await driver.navigate().refresh()
  await inField('heelIn', '12′ 0″')
  await undo()
  await inField('heelIn', '11′ 0″')
  await undo()
  await inField('heelIn', '10′ 0″')
  await at.hold([Key.CONTROL, Key.SHIFT], 'z')
  await inField('heelIn', '11′ 0″')
  await at.saved()
})
test('Delete takes the picked opening out, and undo brings it back', async () => {
  const before = (await stored()).doc.building.openings.length
  await at.press('[data-opening] rect')
  await at.waitText('[role="tab"][aria-selected="true"]', /Openings/)
  await driver.executeScript('document.activeElement.blur()')
  await at.keys(Key.DELETE)
  await at.waitText('[role="tab"][aria-selected="true"]', new RegExp(`Openings ${before - 1}`))
  await undo()
  await at.waitText('[role="tab"][aria-selected="true"]', new RegExp(`Openings ${before}`))
  await at.saved()
})
test('a menu by right-click on a post leads to its hole, and on a door takes it out', async () => {
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  const post = await at.find('[aria-label="post A2"]')
  await driver.actions().contextClick(post).perform()
  await at.waitText('.dropdown-menu.show', /post A2[\s\S]*Its hole/)
  expect(await at.faults()).toEqual([])
  await at.keys(Key.ESCAPE)
  await driver.wait(async () => (await driver.findElements(By.css('.dropdown-menu.show'))).length === 0, PATIENCE)
  await driver.actions().contextClick(post).perform()
  await (await at.byText('button', 'Its hole')).click()
  await at.waitText('.wh h2', /Holes/)
  await driver.navigate().back()
  await at.waitText('.wh h2', /Building/)
  await driver
    .actions()
    .contextClick(await at.find('[data-opening] rect'))
    .perform()
  await (await at.byText('button', 'Remove it')).click()
  await at.waitText('[role="tablist"]', /Openings 0/)
  await undo()
  await at.waitText('[role="tablist"]', /Openings 1/)
})
test('the history says in words what changed, and brings any revision back', async () => {
  await at.saved()
  await (await at.find('button[aria-label="More"], .top .dropdown-toggle')).click()
  await (await at.byText('*[contains(@class,"dropdown-item")]', 'History')).click()
  await at.waitText('[role=dialog]', /Heel above the grade line: 10′ 0″ → /)
  expect(await (await at.find('[role=dialog]')).getText()).not.toMatch(/building\.|heelIn|\d\.\d{6}/)
  await (await at.find('button[aria-label="Bring revision 1 back"]')).click()
  await driver.wait(async () => (await driver.findElements(By.css('[role=dialog]'))).length === 0, PATIENCE)
  await at.saved()
  expect(await heel()).toBe(120)
})
test('jobs are found, put away, thrown away and brought back', async () => {
  await driver.get(BASE)
  await (await at.find('input[aria-label="Find a job"]')).sendKeys('ways back')
  await driver.wait(async () => (await driver.findElements(By.css('.jobcard'))).length === 1, PATIENCE)
  await (await at.find(`button[aria-label="Put away ${JOB}"]`)).click()
  await (await at.byText('button', 'Put away 1')).click()
  await (await at.find(`button[aria-label="Throw away ${JOB}"]`)).click()
  await (await at.byText('button', 'Thrown away 1')).click()
  await (await at.find(`button[aria-label="Bring back ${JOB}"]`)).click()
  await (await at.byText('button', 'Put away 1')).click()
  await (await at.find(`button[aria-label="Take out ${JOB}"]`)).click()
  await (await at.byText('button', 'At work')).click()
  await at.find(`a[href="/jobs/${id}"]`)
})
