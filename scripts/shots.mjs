// npm run shots : renews docs/screenshots from the demo jobs on a fresh database.
import { mkdirSync, writeFileSync } from 'node:fs'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', chromium: 'chromium', chromedriver: 'chromium-driver' })
const { openBrowser } = await import('./lib/browser.mjs')
const { freshSite } = await import('./lib/site.mjs')
const { By, until } = await import('selenium-webdriver')
const site = await freshSite()
const { driver } = await openBrowser()
try {
  mkdirSync('docs/screenshots', { recursive: true })
  const shot = async (name) => { await new Promise((r) => setTimeout(r, 350)); writeFileSync(`docs/screenshots/${name}.png`, await driver.takeScreenshot(), 'base64'); console.log(`docs/screenshots/${name}.png`) }
  await driver.get(site.base)
  await driver.wait(until.elementLocated(By.css('.jobcard')), 10000)
  await shot('jobs')
  const card = await driver.findElement(By.xpath("//article[.//h2[contains(.,'Quillback')]]//a"))
  const href = await card.getAttribute('href')
  for (const stage of ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book']) {
    await driver.get(`${href}?stage=${stage}`)
    await driver.wait(until.elementLocated(By.css('.desk')), 10000)
    if (stage === 'building') await driver.actions().move({ origin: await driver.findElement(By.css('[data-opening="op-4"] rect')) }).click().perform()
    if (stage === 'holes' || stage === 'posts') await (await driver.findElement(By.xpath("//button[@class='id' and text()='A3']"))).click()
    if (stage === 'walls') await driver.actions().move({ origin: await driver.findElement(By.css('[data-row="G4"] rect')) }).click().perform()
    await shot(stage)
  }
} finally { await driver.quit(); await site.stop() }
