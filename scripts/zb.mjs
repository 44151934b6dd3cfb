import { readFileSync, writeFileSync } from 'node:fs'
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
  await driver.sleep(1500)
  const go = `const [names, done] = arguments; const painted = () => new Promise((r) => requestAnimationFrame(() => { const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) })); (async () => { const out = []; for (const n of names) { const el = [...document.querySelectorAll('.pole-stage b, .pole-book')].find((b) => b.textContent.trim() === n); const t = performance.now(); el.click(); const s = performance.now() - t; await painted(); out.push([n, Math.round(s), Math.round(performance.now() - t)]); await new Promise((r) => setTimeout(r, 500)) } done(out) })()`
  const names = (process.argv[2] ?? 'Bracing,Building').split(',')
  console.log(JSON.stringify(await driver.executeAsyncScript(go, names)))
  console.log(JSON.stringify(await driver.executeAsyncScript(go, names)))
  await driver.sendDevToolsCommand('Profiler.enable'); await driver.sendDevToolsCommand('Profiler.setSamplingInterval', { interval: 200 })
  await driver.sendDevToolsCommand('Profiler.start')
  console.log(JSON.stringify(await driver.executeAsyncScript(go, [...names, ...names, ...names])))
  const r = await driver.sendAndGetDevToolsCommand('Profiler.stop')
  writeFileSync('/tmp/prof/ui.cpuprofile', JSON.stringify(r.profile))
} finally { await driver.quit(); await site.stop() }
