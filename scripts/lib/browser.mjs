import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { Builder } from 'selenium-webdriver'
import chrome from 'selenium-webdriver/chrome.js'

/** How every Chromium of ours is started. */
export const ARGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--force-color-profile=srgb',
]

/** A headless Chromium with a viewport of exactly the wanted size and a download folder of its own. */
export async function openBrowser({ width = 1280, height = 800 } = {}) {
  if (process.env.BURDOCK_ENGINE === 'webkit') return (await import('./webkit.mjs')).openWebKit({ width, height })
  const profile = mkdtempSync(path.join(os.tmpdir(), 'burdock-chromium-'))
  const options = new chrome.Options()
    .setChromeBinaryPath(process.env.CHROMIUM ?? '/usr/bin/chromium')
    .addArguments(...ARGS, `--user-data-dir=${profile}`, `--window-size=${width},${height}`)
  const driver = await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder(process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver'))
    .build()
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  })
  const downloads = mkdtempSync(path.join(os.tmpdir(), 'burdock-files-'))
  await driver.sendDevToolsCommand('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: downloads })
  return { driver, downloads }
}
