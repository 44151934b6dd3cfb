import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { By, until } from 'selenium-webdriver'
import { kB, NAMED, sizeOf } from './weight.mjs'

const TYPE = `const done = arguments[0]; const box = document.querySelector('.fields input');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set; const times = []; let k = 0;
  const next = () => { if (k++ === 60) return done(times); set.call(box, 40 + k / 16 + '"'); const t = performance.now();
    box.dispatchEvent(new Event('input', { bubbles: true })); requestAnimationFrame(() => { times.push(performance.now() - t); setTimeout(next, 30) }) }; next()`

/** What a page of the pocket weighs beyond an empty one, and how soon a keystroke is answered. */
export async function benchPocket(driver, base, stats, empty) {
  await driver.get(`${base}/pocket#knee-brace`)
  await driver.wait(until.elementLocated(By.css('.shout')), 15000)
  const names = await driver.executeScript(
    "return performance.getEntriesByType('resource').map((each) => new URL(each.name).pathname)",
  )
  const files = new Set(names.flatMap((name) => name.match(NAMED) ?? []))
  const own = [...files].reduce((sum, name) => sum + sizeOf(path.join('.next', name)), 0)
  console.log(
    `a page of the pocket: ${kB(own)} kB of scripts, styles and fonts, an empty page ${kB(empty)} kB: own ` +
      `${kB(own - empty)} kB (60 at most)`,
  )
  const typed = stats(await driver.executeAsyncScript(TYPE))
  console.log(
    `keystroke in the pocket to its frame: best tenth ${typed.tenth}, median ${typed.median} ms, 95th percentile ` +
      `${typed.p95} ms`,
  )
  const given = { downIn: 36.5, outIn: 27, boardIn: 5.5, sawLimitDeg: 50 }
  const lines = Array.from({ length: 1000 }, () => JSON.stringify({ name: 'knee-brace', input: given })).join('\n')
  const start = performance.now()
  const batch = spawnSync('npm', ['run', '-s', 'pocket', '--', '--batch'], {
    input: lines,
    encoding: 'utf8',
    maxBuffer: 1 << 26,
  })
  const answers = batch.stdout.split('\n').filter((line) => line.startsWith('{"ok":true')).length
  console.log(
    `--batch of 1,000 figures: ${(performance.now() - start).toFixed(0)} ms, start included, ${answers} answered`,
  )
}
