import { readFileSync, writeFileSync, mkdtempSync } from 'node:fs'
const { freshSite } = await import('./lib/site.mjs')
const { By, until, Builder } = await import('selenium-webdriver')
import chrome from 'selenium-webdriver/chrome.js'
const site = await freshSite()
const options = new chrome.Options().setChromeBinaryPath('/usr/bin/chromium').addArguments('--headless=new', '--no-sandbox', `--user-data-dir=${mkdtempSync('/tmp/burdock-chromium-')}`, '--window-size=1280,800', '--trace-startup=devtools.timeline,disabled-by-default-devtools.timeline', '--trace-startup-format=json', '--trace-startup-file=/tmp/prof/t.json', '--trace-startup-duration=0')
const driver = await new Builder().forBrowser('chrome').setChromeOptions(options).setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver')).build()
await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, deviceScaleFactor: 1, mobile: false })
try {
  const doc = JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8'))
  const made = await (await fetch(`${site.base}/api/jobs`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ import: doc }) })).json()
  await driver.get(`${site.base}/jobs/${made.id}?stage=building`)
  await driver.wait(until.elementLocated(By.css('.desk')), 15000)
  await driver.sleep(1500)
  const drag = readFileSync('scripts/zperf.mjs', 'utf8').match(/const drag = `([\s\S]*?)`\n/)[1]
  await driver.executeAsyncScript(drag)
  await driver.executeScript('console.timeStamp("go")'); await driver.executeAsyncScript(drag)
} finally { await driver.quit(); await site.stop() }
