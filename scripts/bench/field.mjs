import path from 'node:path'
import { By, until } from 'selenium-webdriver'
import { openBrowser } from '../lib/browser.mjs'
import { kB, NAMED, sizeOf } from './weight.mjs'

/** A phone of the middle on a weak signal: a processor slowed four times, 1.6 Mbit/s. */
const SLOWED = 4
const BYTES_PER_S = 1_600_000 / 8
const LATENCY_MS = 150

// Runs before the page: notes when the first page stands and its buttons can be tapped.
const WATCH = `addEventListener('DOMContentLoaded', () => new MutationObserver((_, all) => {
    if (!document.querySelector('.next .do')) return; all.disconnect();
    requestAnimationFrame(() => setTimeout(() => { window.standsMs = performance.now() }))
  }).observe(document, { childList: true, subtree: true }))`
// Each tap opens or leaves a post's card; the time runs until the frame after it has been handed over.
const TAPS = `const done = arguments[0]; const times = [];
  const painted = () => new Promise((r) => requestAnimationFrame(() => {
    const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) }));
  // The list of posts comes a frame or two after its page.
  const found = async (css) => { for (;;) { const one = document.querySelector(css); if (one) return one;
    await new Promise((r) => setTimeout(r, 20)) } };
  (async () => { for (let i = 0; i < 24; i++) {
    const button = await found(i % 2 ? '.fhead .back' : '.plist button');
    const t = performance.now(); button.click(); await painted();
    if (i >= 4) times.push(performance.now() - t);
    await new Promise((r) => setTimeout(r, 150)) } done(times) })()`

// Types a reading and keeps it, again and again; the time runs until the frame after its answer has been handed over.
const READS = `const done = arguments[0]; const times = [];
  const painted = () => new Promise((r) => requestAnimationFrame(() => {
    const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) }));
  const tap = async (css) => { const t = performance.now(); document.querySelector(css).click(); await painted();
    return performance.now() - t };
  (async () => { for (let i = 0; i < 24; i++) {
    const whole = await tap('.wholes button:nth-child(5)');
    const part = await tap('.blade button:nth-child(' + (1 + i % 4) + ')');
    const kept = await tap('.keepkeys .main');
    if (i >= 4) times.push(Math.max(whole, part, kept));
    await new Promise((r) => setTimeout(r, 450)) } done(times) })()`

/** A thousand entries of a job, so that the phone has a long log to fold. */
async function longLog(base, id, count) {
  const { plan } = await (await fetch(`${base}/api/jobs/${id}/plan`)).json()
  const posts = Object.keys(plan.derived.names)
  const at = (k) => new Date(Date.parse('2026-05-04T12:00:00Z') + k * 60_000).toISOString()
  const record = (k, body) => ({ id: `long-${k}`, at: at(k), device: 'd-long', who: 'mate', body })
  const records = [record(0, { kind: 'setup', setup: 's-long', place: 'corner', benchmarkIn: 48 })]
  for (let k = 1; k < count; k++) {
    const inches = 52 + ((k * 37) % 5) / 16
    const target = posts[k % posts.length]
    records.push(record(k, { kind: 'reading', setup: 's-long', target, of: 'foot', inches }))
  }
  await fetch(`${base}/api/jobs/${id}/records`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ after: 0, records }),
  })
}
const MANY = 1000

/** What a field page weighs beyond an empty one, and how it stands and answers on a slow phone. */
export async function benchField(base, id, stats, empty) {
  const { driver } = await openBrowser({ width: 412, height: 892 })
  try {
    await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: WATCH })
    await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWED })
    await driver.sendDevToolsCommand('Network.enable', {})
    await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
      offline: false,
      latency: LATENCY_MS,
      downloadThroughput: BYTES_PER_S,
      uploadThroughput: BYTES_PER_S,
    })
    const stands = async () => {
      await driver.wait(async () => driver.executeScript('return window.standsMs > 0'), 60000)
      return driver.executeScript('return window.standsMs')
    }
    const bare = await empty.serve()
    await driver.get(bare.base)
    const least = await stands()
    bare.stop()
    await driver.get(`${base}/field/${id}`)
    const first = await stands()
    const names = await driver.executeScript(
      "return performance.getEntriesByType('resource').filter((each) => each.startTime < window.standsMs)" +
        '.map((each) => new URL(each.name).pathname)',
    )
    const files = new Set(names.flatMap((name) => name.match(NAMED) ?? []))
    const own = [...files].reduce((sum, name) => sum + sizeOf(path.join('.next', name)), 0)
    console.log(
      `a field page: ${kB(own)} kB of scripts, styles and fonts, an empty page ${kB(empty.bytes)} kB: own ${kB(own - empty.bytes)} kB ` +
        '(90 at most)',
    )
    await driver.wait(until.elementLocated(By.css('.fready')), 60000)
    const later = await driver.executeScript(
      "return performance.getEntriesByType('resource').map((each) => new URL(each.name).pathname)",
    )
    const more = new Set(later.flatMap((name) => name.match(NAMED) ?? []).filter((name) => !files.has(name)))
    const rest = [...more].reduce((sum, name) => sum + sizeOf(path.join('.next', name)), 0)
    console.log(
      `its other pages, which come once it stands: ${kB(rest)} kB more, own in all ${kB(own - empty.bytes + rest)} kB`,
    )
    await driver.get(`${base}/field/${id}`)
    const again = await stands()
    console.log(
      `a field page on a phone slowed ${SLOWED} times at 1.6 Mbit/s: stands after ${(first / 1000).toFixed(1)} s the first ` +
        `time, ${(again / 1000).toFixed(1)} s from what it keeps (2 s at most); the empty page after ` +
        `${(least / 1000).toFixed(1)} s`,
    )
    const taps = stats(await driver.executeAsyncScript(TAPS))
    await longLog(base, id, MANY)
    await driver.get(`${base}/field/${id}/read`)
    await driver.wait(until.elementLocated(By.css('.standing button')), 60000)
    await driver.executeScript("document.querySelector('.standing button').click()")
    await driver.wait(until.elementLocated(By.css('.keepkeys .main')), 60000)
    await driver.sleep(3000)
    const reads = stats(await driver.executeAsyncScript(READS))
    console.log(
      `there a tap of a reading to its answer with ${MANY} records: median ${reads.median} ms, 95th percentile ` +
        `${reads.p95} ms (50 at most)`,
    )
    console.log(`there a tap to a card or back: median ${taps.median} ms, 95th percentile ${taps.p95} ms (50 at most)`)
  } finally {
    await driver.quit()
  }
}
