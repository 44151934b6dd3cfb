// npm run bench : prints how long the core takes, and how long a keystroke and a drag take to the screen, for a 60 × 200 × 16 ft building.
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', chromium: 'chromium', chromedriver: 'chromium-driver' })
process.stdout.write(spawnSync(process.execPath, ['--import', 'tsx', 'scripts/bench/core.ts'], { encoding: 'utf8' }).stdout)
const { openBrowser } = await import('./lib/browser.mjs')
const { freshSite } = await import('./lib/site.mjs')
const { By, until } = await import('selenium-webdriver')
const site = await freshSite()
const { driver } = await openBrowser()
try {
  const doc = JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8'))
  const made = await (await fetch(`${site.base}/api/jobs`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ import: doc }) })).json()
  await driver.get(`${site.base}/jobs/${made.id}?stage=building`)
  await driver.wait(until.elementLocated(By.css('.desk')), 15000)
  const opened = await driver.executeScript("const n = performance.getEntriesByType('navigation')[0]; return performance.now() - n.responseStart")
  await driver.get(`${site.base}/jobs/${made.id}?stage=building`)
  await driver.wait(until.elementLocated(By.css('.desk')), 15000)
  const ready = await driver.executeScript("const n = performance.getEntriesByType('navigation')[0]; return n.loadEventEnd - n.responseStart")
  // Each edit is one input event; the time runs until the frame after it has been painted.
  const times = await driver.executeAsyncScript(`
    const done = arguments[0]; const el = document.querySelector('input[name=heelIn]'); const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set; const out = []; el.focus();
    (async () => { for (let i = 0; i < 60; i++) { const t = performance.now(); put.call(el, (192 + (i % 30) / 16) + ''); el.dispatchEvent(new Event('input', { bubbles: true })); await new Promise((r) => requestAnimationFrame(() => { const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) })); out.push(performance.now() - t); await new Promise((r) => setTimeout(r, 20)) } done(out) })()`)
  times.sort((a, b) => a - b)
  console.log(`keystroke to painted frame: median ${times[30].toFixed(1)} ms, 95th percentile ${times[57].toFixed(1)} ms`)
  console.log(`job page after the first byte: load ${ready.toFixed(0)} ms; desk found by the driver ${opened.toFixed(0)} ms (upper bound, cold)`)
  for (let i = 0; i < 2; i++) {
    const t = performance.now()
    const r = await fetch(`${site.base}/api/pole-strips`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ doc, post: 'A1' }) })
    const size = (await r.arrayBuffer()).byteLength
    console.log(`pole strips of a 16 ft post as PDF${i ? ', again' : ''}: ${(performance.now() - t).toFixed(0)} ms, ${size} bytes`)
  }
} finally { await driver.quit(); await site.stop() }
