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
    if (!document.querySelector('.next .do, .standing button')) return; all.disconnect();
    requestAnimationFrame(() => setTimeout(() => { window.standsMs = performance.now() }))
  }).observe(document, { childList: true, subtree: true }))`
// The same sum beside each tap: what takes it longer than usual is the machine, and took the tap longer too.
const SUM = `const steadily = () => { const t = performance.now(); let sum = 0;
  for (let i = 0; i < 400000; i++) sum += i % 7; return [performance.now() - t, sum][0] };`
// Each tap opens or leaves a post's card; the time runs until the frame after it has been handed over.
const TAPS = `${SUM} const done = arguments[0]; const times = []; const sums = [];
  const painted = () => new Promise((r) => requestAnimationFrame(() => {
    const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) }));
  // The list of posts comes a frame or two after its page.
  const found = async (css) => { for (;;) { const one = document.querySelector(css); if (one) return one;
    await new Promise((r) => setTimeout(r, 20)) } };
  (async () => { for (let i = 0; i < 64; i++) {
    const button = await found(i % 2 ? '.fhead .back' : '.plist button');
    const t = performance.now(); button.click(); await painted();
    if (i >= 4) times.push(performance.now() - t);
    await new Promise((r) => setTimeout(r, 150)); sums.push(steadily()) } done([times, sums]) })()`

// Types a reading and keeps it, again and again; the time runs until the frame after its answer has been handed over.
const READS = `${SUM} const done = arguments[0]; const times = []; const sums = [];
  const painted = () => new Promise((r) => requestAnimationFrame(() => {
    const c = new MessageChannel(); c.port1.onmessage = r; c.port2.postMessage(0) }));
  const tap = async (css) => { const t = performance.now(); document.querySelector(css).click(); await painted();
    return performance.now() - t };
  (async () => { for (let i = 0; i < 64; i++) {
    const whole = await tap('.wholes button:nth-child(5)');
    const part = await tap('.blade button:nth-child(' + (1 + i % 4) + ')');
    const kept = await tap('.keepkeys .main');
    if (i >= 4) times.push(Math.max(whole, part, kept));
    await new Promise((r) => setTimeout(r, 450)); sums.push(steadily()) } done([times, sums]) })()`

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

/** A browser that has kept nothing, as slow as the phone. */
async function slowPhone() {
  const { driver } = await openBrowser({ width: 412, height: 892 })
  await driver.manage().setTimeouts({ script: 120000 })
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: WATCH })
  await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWED })
  await driver.sendDevToolsCommand('Network.enable', {})
  await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
    offline: false,
    latency: LATENCY_MS,
    downloadThroughput: BYTES_PER_S,
    uploadThroughput: BYTES_PER_S,
  })
  return driver
}

/** After how long what is being opened stands. */
async function stands(driver) {
  await driver.wait(async () => driver.executeScript('return window.standsMs > 0'), 60000)
  return driver.executeScript('return window.standsMs')
}

/** How long a page takes to stand in a browser that has kept nothing: once more and once more, each time a new one. */
async function firstVisits(pages) {
  const times = pages.map(() => [])
  for (let round = 0; round < VISITS; round += 1) {
    for (const [k, page] of pages.entries()) {
      const driver = await slowPhone()
      try {
        await driver.get(page)
        times[k].push(await stands(driver))
      } finally {
        await driver.quit()
      }
    }
  }
  return times.map((each) => each.sort((a, b) => a - b))
}
const VISITS = 7
const seconds = (ms) => (ms / 1000).toFixed(1)

const NAMES_BEFORE =
  "return performance.getEntriesByType('resource').filter((each) => each.startTime < window.standsMs)" +
  '.map((each) => new URL(each.name).pathname)'
const NAMES = "return performance.getEntriesByType('resource').map((each) => new URL(each.name).pathname)"

/** What the files of these names weigh, those of the build. */
const filesIn = (names) => new Set(names.flatMap((name) => name.match(NAMED) ?? []))
const weightOf = (files) => [...files].reduce((sum, name) => sum + sizeOf(path.join('.next', name)), 0)

/** Says what a field page weighs beyond an empty one: what it needs to stand, and what comes once it does. */
async function sayWeight(driver, empty) {
  const files = filesIn(await driver.executeScript(NAMES_BEFORE))
  const own = weightOf(files)
  console.log(
    `a field page: ${kB(own)} kB of scripts, styles and fonts, an empty page ${kB(empty.bytes)} kB: own ${kB(own - empty.bytes)} kB ` +
      '(90 at most)',
  )
  await driver.wait(until.elementLocated(By.css('.fready:not(.not)')), 60000)
  const more = [...filesIn(await driver.executeScript(NAMES))].filter((name) => !files.has(name))
  const rest = weightOf(more)
  console.log(
    `its other pages, which come once it stands: ${kB(rest)} kB more, own in all ${kB(own - empty.bytes + rest)} kB`,
  )
}

/** What a field page weighs beyond an empty one, and how it stands and answers on a slow phone. */
export async function benchField(base, id, stats, empty) {
  // The office has had the job open: the server has worked out its plan.
  await fetch(`${base}/api/jobs/${id}/plan`)
  const bare = await empty.serve()
  const [first, least] = await firstVisits([`${base}/field/${id}`, bare.base]).finally(bare.stop)
  const driver = await slowPhone()
  try {
    await driver.get(`${base}/field/${id}`)
    await stands(driver)
    await sayWeight(driver, empty)
    await driver.get(`${base}/field/${id}`)
    const again = await stands(driver)
    console.log(
      `a field page on a phone slowed ${SLOWED} times at 1.6 Mbit/s, ${VISITS} first visits: stands after ` +
        `${seconds(first[VISITS >> 1])} s in the middle, ${seconds(first[0])} to ${seconds(first.at(-1))} s, ` +
        `${seconds(again)} s from what it keeps (2 s at most); the empty page after ${seconds(least[VISITS >> 1])} s, ` +
        `${seconds(least[0])} to ${seconds(least.at(-1))} s`,
    )
    const [taps, besideTaps] = (await driver.executeAsyncScript(TAPS)).map(stats)
    await longLog(base, id, MANY)
    await driver.get(`${base}/field/${id}/read`)
    await driver.wait(until.elementLocated(By.css('.standing button')), 60000)
    await driver.executeScript("document.querySelector('.standing button').click()")
    await driver.wait(until.elementLocated(By.css('.keepkeys .main')), 60000)
    await driver.sleep(3000)
    const [reads, besideReads] = (await driver.executeAsyncScript(READS)).map(stats)
    const spread = ({ median, p95 }) => `median ${median} ms, 95th percentile ${p95} ms`
    console.log(
      `there a tap of a reading to its answer with ${MANY} records: ${spread(reads)} (50 at most); one and the same sum ` +
        `beside each: ${spread(besideReads)}`,
    )
    console.log(
      `there a tap to a card or back: ${spread(taps)} (50 at most); the same sum beside each: ${spread(besideTaps)}`,
    )
  } finally {
    await driver.quit()
  }
}
