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
  await driver.sendDevToolsCommand('Profiler.enable'); await driver.sendDevToolsCommand('Profiler.setSamplingInterval', { interval: 200 })
  const key = `
    const done = arguments[0]; const el = document.querySelector('input[name=heelIn]'); const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set; const out = []; el.focus();
    (async () => { for (let i = 0; i < 60; i++) { const t = performance.now(); put.call(el, (192 + (i % 30) / 16) + ''); el.dispatchEvent(new Event('input', { bubbles: true })); const sync = performance.now() - t; await new Promise((r) => requestAnimationFrame(() => { const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) })); out.push([performance.now() - t, sync]); await new Promise((r) => setTimeout(r, 20 + (i*7)%40)) } done(out) })()`
  const drag = `
    const done = arguments[0]; const el = document.querySelector('[data-opening]'); const b = el.getBoundingClientRect(); const x0 = b.x + b.width / 2, y0 = b.y + b.height / 2; const out = []; el.setPointerCapture = () => {};
    const ev = (k, x) => el.dispatchEvent(new PointerEvent(k, { bubbles: true, button: 0, buttons: 1, pointerId: 1, clientX: x, clientY: y0 }));
    const long = []; try { new PerformanceObserver((l) => l.getEntries().forEach((e) => long.push(e.duration))).observe({ type: 'longtask', buffered: false }) } catch {}
    ev('pointerdown', x0);
    let last = performance.now(), n = 0
    const step = (t) => { const now = performance.now(); if (n > 2) out.push(now - last); last = now; n++; if (n > 180) { ev('pointerup', x0); done([out, long, document.querySelector('.live, .tip')?.textContent ?? '']); return } ev('pointermove', x0 + 40 * Math.sin(n / 12)); requestAnimationFrame(step) }
    requestAnimationFrame(step)`
  const stat = (name, t) => { const s = [...t].sort((a, b) => a - b); console.log(name, 'median', s[s.length >> 1].toFixed(1), 'p95', s[Math.floor(s.length * .95)].toFixed(1), 'max', s.at(-1).toFixed(1)) }
  for (let r = 0; r < 3; r++) { const t = await driver.executeAsyncScript(key); stat('key frame', t.map((x) => x[0])); stat('key sync', t.map((x) => x[1])) }
  for (let r = 0; r < 3; r++) { const [t, long] = await driver.executeAsyncScript(drag); stat('drag frame', t); console.log('mean fps', (1000 / (t.reduce((a, b) => a + b) / t.length)).toFixed(1), 'over 17.5:', t.filter((x) => x > 17.5).length, 'over 34:', t.filter((x) => x > 34).length, 'long', long.map((x) => x.toFixed(0)).join(',')); await driver.sleep(500) }
  if (process.argv[2] === 'prof') {
    await driver.sendDevToolsCommand('Profiler.start'); await driver.executeAsyncScript(process.argv[3] === 'key' ? key : drag)
    const r = await driver.sendAndGetDevToolsCommand('Profiler.stop')
    writeFileSync('/tmp/prof/ui.cpuprofile', JSON.stringify(r.profile))
  }
} finally { await driver.quit(); await site.stop() }
