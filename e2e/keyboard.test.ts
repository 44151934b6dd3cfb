import { Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk } from './testing/desk'

// A job from nothing to its papers without a mouse: every step by the keys that a person has.
let driver: WebDriver
let at: ReturnType<typeof desk>

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
})
afterAll(() => driver.quit())

/** What has the focus: its name, label or text. */
const focused = async () =>
  String(
    await driver.executeScript(
      'const e = document.activeElement; return e.name || e.getAttribute("aria-label") || e.textContent.trim()',
    ),
  )
/** Tabs on until something has the focus; fails after so many. */
async function tabTo(what: RegExp, most = 60): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (what.test(await focused())) return
    await at.keys(Key.TAB)
  }
  throw new Error(`${what} was not reached by ${most} Tabs; at ${await focused()}`)
}
const typeIn = async (name: string, text: string) => {
  await tabTo(new RegExp(`^${name}$`))
  await at.keys(text, Key.TAB)
}

test('a job is made and the site entered', async () => {
  await driver.get(BASE)
  await at.find('.yard')
  await tabTo(/^New job$/)
  await at.keys(Key.ENTER)
  await at.find('#job-name')
  await at.keys('By keys alone', Key.ENTER)
  await at.find('.desk')
  await tabTo(/^Skip to the fields$/)
  await at.keys(Key.ENTER)
  await typeIn('groundSnowPsf', '40')
  await typeIn('windMph', '115')
  await typeIn('frostIn', "4'")
  await at.saved()
  expect(await at.value('frostIn')).toBe('4′ 0″')
})
test('a stage by its number, a tab by its arrow, a door added, nudged, taken out and brought back', async () => {
  await driver.executeScript('document.activeElement.blur()')
  await at.keys('2')
  await at.waitText('.wh h2', /Building/)
  await tabTo(/^Shape$/)
  await at.keys(Key.END)
  await at.waitText('[role="tab"][aria-selected="true"]', /Openings 0/)
  await tabTo(/^overhead door$/)
  await at.keys(Key.ENTER)
  await at.waitText('[role="tab"][aria-selected="true"]', /Openings 1/)
  const before = await at.value('positionIn')
  await tabTo(/overhead door/, 120)
  await driver.executeScript('document.querySelector("[data-opening]").focus()')
  await at.keys(Key.ARROW_RIGHT)
  expect(await at.value('positionIn')).not.toBe(before)
  await at.keys(Key.DELETE)
  await at.waitText('[role="tab"][aria-selected="true"]', /Openings 0/)
  await at.hold([Key.CONTROL], 'z')
  await at.waitText('[role="tab"][aria-selected="true"]', /Openings 1/)
  await at.saved()
})
test('a value stepped with arrows is one undo', async () => {
  await tabTo(/^Openings 1$/, 120)
  await at.keys(Key.HOME)
  await tabTo(/^heelIn$/)
  const before = await at.value('heelIn')
  await at.keys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_UP, Key.ENTER)
  expect(await at.value('heelIn')).not.toBe(before)
  await at.hold([Key.CONTROL], 'z')
  expect(await at.value('heelIn')).toBe(before)
})
test('help for the stage at hand, and the book by its key', async () => {
  await driver.executeScript('document.activeElement.blur()')
  await at.keys('?')
  await at.waitText('[role=dialog]', /Building[\s\S]*Drag a post or a door/)
  await at.keys(Key.ESCAPE)
  await driver.wait(async () => !/Help/.test(await (await at.find('body')).getText()), 5000)
  await at.keys('0')
  await at.waitText('.wh h2', /Crew book/)
  expect(await driver.getTitle()).toBe('Crew book, By keys alone')
})
