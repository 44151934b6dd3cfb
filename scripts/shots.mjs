// npm run shots : renews docs/screenshots from the demo jobs on a fresh database.
import { mkdirSync, writeFileSync } from 'node:fs'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', chromium: 'chromium', chromedriver: 'chromium-driver' })
const { openBrowser } = await import('./lib/browser.mjs')
const { freshSite } = await import('./lib/site.mjs')
const { By, until } = await import('selenium-webdriver')
const site = await freshSite({ servers: 1 })
const { driver } = await openBrowser()
try {
  mkdirSync('docs/screenshots', { recursive: true })
  /** What a panel says while a worker is busy for it. */
  const BUSY = /Working out|Looking for|Asking the server|Finding the/
  const shot = async (name) => {
    await new Promise((r) => setTimeout(r, 350))
    await driver.wait(async () => !BUSY.test(await driver.findElement(By.css('body')).getText()), 30000)
    writeFileSync(`docs/screenshots/${name}.png`, await driver.takeScreenshot(), 'base64')
    console.log(`docs/screenshots/${name}.png`)
  }
  await driver.get(site.base)
  await driver.wait(until.elementLocated(By.css('.jobcard')), 10000)
  // The pictures show the work, not the hints of a browser's first job.
  await driver.executeScript("localStorage.setItem('burdock-hints', JSON.stringify({ job: '', at: 0 }))")
  // Plans of the jobs are drawn after the list is there.
  const count = async (css) => (await driver.findElements(By.css(css))).length
  await driver.wait(async () => (await count('.jobcard .pic > *')) === (await count('.jobcard')), 30000)
  await shot('jobs')
  const card = await driver.findElement(By.xpath("//article[.//h2[contains(.,'Quillback')]]//a"))
  const href = await card.getAttribute('href')
  for (const stage of ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book']) {
    await driver.get(`${href}?stage=${stage}`)
    await driver.wait(until.elementLocated(By.css('.desk')), 10000)
    if (stage === 'building')
      await driver
        .actions()
        .move({ origin: await driver.findElement(By.css('[data-opening="op-4"] rect')) })
        .click()
        .perform()
    if (stage === 'holes' || stage === 'posts')
      await (await driver.findElement(By.xpath("//button[@class='id' and text()='A3']"))).click()
    if (stage === 'walls')
      await driver
        .actions()
        .move({ origin: await driver.findElement(By.css('[data-row="G4"] rect')) })
        .click()
        .perform()
    await shot(stage)
  }
  // Views inside a stage, by the name on their button.
  const press = async (text) =>
    (
      await driver.wait(
        until.elementLocated(By.xpath(`//span[contains(@class,'seg')]/button[text()='${text}']`)),
        10000,
      )
    ).click()
  const wait = (ms) => new Promise((r) => setTimeout(r, ms))
  for (const [job, stage, view, name] of [
    [href, 'site', 'Lot', 'lot'],
    [href, 'posts', 'Cut list', 'cut-list'],
    [href, 'posts', 'As built', 'as-built'],
    [href, 'book', 'Drawings', 'drawings'],
    [href, 'book', 'Field sheets', 'field-sheets'],
  ]) {
    await driver.get(`${job}?stage=${stage}`)
    await press(view)
    await wait(2500)
    // The section says most about drawings in one picture.
    if (name === 'drawings')
      await driver.executeScript(
        "[...document.querySelectorAll('.sheetpage')].find((page) => /Section/.test(page.ariaLabel))?.scrollIntoView()",
      )
    await shot(name)
  }
  const figure = async (browser, name) => {
    await browser.get(`${site.base}/pocket#${name}`)
    await browser.wait(until.elementLocated(By.css('.shout')), 10000)
    // Nobody's sample: a picture shows what was typed.
    const box = await browser.findElement(By.css('.fields input'))
    await box.click()
    await box.sendKeys(await box.getAttribute('value'), ' ')
    await wait(900)
  }
  const phone = await openBrowser({ width: 412, height: 892 })
  try {
    const id = href.split('/').pop()
    for (const view of ['read', 'post']) {
      await phone.driver.get(`${site.base}/field/${id}/${view === 'read' ? 'read' : `${view}/A3`}`)
      await phone.driver.wait(until.elementLocated(By.css('.fhead .ok')), 10000)
      await wait(900)
      // A phone that has only just come joins a laser that stands.
      const [laser] = await phone.driver.findElements(By.xpath("//button[contains(., 'gate post')]"))
      if (laser) {
        await laser.click()
        await wait(500)
      }
      writeFileSync(`docs/screenshots/field-${view}.png`, await phone.driver.takeScreenshot(), 'base64')
      console.log(`docs/screenshots/field-${view}.png`)
    }
    await phone.driver.sendDevToolsCommand('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 1 })
    await figure(phone.driver, 'knee-brace')
    writeFileSync('docs/screenshots/pocket-phone.png', await phone.driver.takeScreenshot(), 'base64')
    console.log('docs/screenshots/pocket-phone.png')
  } finally {
    await phone.driver.quit()
  }
} finally {
  await driver.quit()
  await site.stop()
}
