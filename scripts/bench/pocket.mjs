import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { By, until } from 'selenium-webdriver'

const NAMED = /static\/[\w./~-]+\.(?:js|css|woff2)/g
const kB = (bytes) => (bytes / 1000).toFixed(1)

/** An empty page built with the same Next and React, in a folder of its own; the files that it names. */
function emptyPage() {
  const folder = path.resolve('.parts/empty')
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(path.join(folder, 'app'), { recursive: true })
  writeFileSync(
    path.join(folder, 'app/layout.tsx'),
    "export default function Layout({ children }) { return <html lang='en'><body>{children}</body></html> }\n",
  )
  writeFileSync(path.join(folder, 'app/page.tsx'), 'export default function Page() { return <p>empty</p> }\n')
  writeFileSync(path.join(folder, 'next.config.mjs'), 'export default { typescript: { ignoreBuildErrors: true } }\n')
  const built = spawnSync(process.execPath, [path.resolve('node_modules/next/dist/bin/next'), 'build'], {
    cwd: folder,
    encoding: 'utf8',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  })
  if (built.status !== 0) throw new Error(`the empty page could not be built: ${built.stdout}${built.stderr}`)
  // Browsers of today leave out what is there for those that know no modules.
  const html = readFileSync(path.join(folder, '.next/server/app/index.html'), 'utf8').replace(
    /<script[^>]*nomodule[^>]*>/gi,
    '',
  )
  const files = [...new Set([...html.matchAll(NAMED)].map(([name]) => name))]
  const bytes = files.reduce((sum, name) => sum + sizeOf(path.join(folder, '.next', name)), 0)
  rmSync(folder, { recursive: true, force: true })
  return bytes
}

/** What a file weighs on its way: scripts and styles compressed, fonts as they are. */
function sizeOf(file) {
  const bytes = readFileSync(file)
  return file.endsWith('.woff2') ? bytes.length : gzipSync(bytes).length
}

const TYPE = `const done = arguments[0]; const box = document.querySelector('.fields input');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set; const times = []; let k = 0;
  const next = () => { if (k++ === 60) return done(times); set.call(box, 40 + k / 16 + '"'); const t = performance.now();
    box.dispatchEvent(new Event('input', { bubbles: true })); requestAnimationFrame(() => { times.push(performance.now() - t); setTimeout(next, 30) }) }; next()`

/** What a page of the pocket weighs beyond an empty one, and how soon a keystroke is answered. */
export async function benchPocket(driver, base, stats) {
  await driver.get(`${base}/pocket#knee-brace`)
  await driver.wait(until.elementLocated(By.css('.shout')), 15000)
  const names = await driver.executeScript(
    "return performance.getEntriesByType('resource').map((each) => new URL(each.name).pathname)",
  )
  const files = new Set(names.flatMap((name) => name.match(NAMED) ?? []))
  const own = [...files].reduce((sum, name) => sum + sizeOf(path.join('.next', name)), 0)
  const empty = emptyPage()
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
