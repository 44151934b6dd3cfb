import { By, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { desk } from './testing/desk'
import { resize } from './testing/screen'

// The desk on a tablet, lying and standing: nothing is cut off at its edges, what was not checked stays in sight, and the details come and go.
let driver: WebDriver
let at: ReturnType<typeof desk>
let href = ''
beforeAll(async () => {
  const browser = await openBrowser({ width: 1024, height: 768 })
  driver = browser.driver
  at = desk(driver, browser.downloads)
  href = await at.jobUrl('Quillback Hill honey house')
})
afterAll(() => driver.quit())
const size = (width: number, height: number) => resize(driver, width, height)

// What is cut off: in the top bar and in the head of a view, anything past its edge; and the page itself if it scrolls.
const CUT = `const out = []; const past = (el, right) => { const r = el.getBoundingClientRect(); if (r.width > 0 && r.right > right + 1) out.push(el.tagName + ' ' + el.textContent.slice(0, 30)) };
  document.querySelectorAll('.top > *, .top .tally > *').forEach((e) => past(e, innerWidth)); document.querySelectorAll('.wh > *').forEach((e) => { past(e, document.querySelector('main.work').getBoundingClientRect().right); if (e.scrollWidth > e.clientWidth + 1) out.push('cut: ' + e.textContent.slice(0, 40)) });
  const tally = document.querySelector('.tally'); if (tally.scrollWidth > tally.clientWidth + 1) out.push('tally'); if (document.documentElement.scrollHeight > innerHeight || document.documentElement.scrollWidth > innerWidth) out.push('the page scrolls'); return out`

describe.each([
  [1024, 768],
  [820, 1180],
])('%i × %i', (w, h) => {
  test.each(['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book'])(
    '%s: nothing is cut off',
    async (view) => {
      await size(w, h)
      await driver.get(`${href}?stage=${view}`)
      await at.find('.tally')
      expect(await driver.executeScript(CUT)).toEqual([])
    },
  )
})

test('in Posts the details stand aside until they are asked for, and stay as they were left', async () => {
  await size(1024, 768)
  await driver.get(`${href}?stage=posts`)
  const shown = async () => await (await at.find('#details')).isDisplayed()
  const button = await at.find('button[aria-controls=details]')
  expect([await shown(), await button.getAttribute('aria-expanded')]).toEqual([false, 'false'])
  await button.click()
  expect([await shown(), await button.getAttribute('aria-expanded')]).toEqual([true, 'true'])
  await driver.findElement(By.css('body')).sendKeys('2')
  await at.waitText('.wh h2', /Building/)
  expect(await shown()).toBe(true)
  await driver.findElement(By.css('body')).sendKeys('5')
  await at.waitText('.wh h2', /Posts/)
  expect(await shown()).toBe(true)
})
test('on a desk there is no such button, and the details are always there', async () => {
  await size(1280, 800)
  await driver.get(`${href}?stage=posts`)
  expect(await (await at.find('#details')).isDisplayed()).toBe(true)
  expect(await (await at.find('button[aria-controls=details]')).isDisplayed()).toBe(false)
})
