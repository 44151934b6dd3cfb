// npm run bench : prints how long the core takes, and how long a keystroke, a drag and each view take to the screen,
// for a 60 × 200 × 16 ft building.
import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', chromium: 'chromium', chromedriver: 'chromium-driver' })
const { buildSync } = await import('esbuild')
/** Timed as it ships: in one bundle. Papers have the young memory of a thread of the server. */
function timed(part, flags = []) {
  const bundle = `scripts/bench/${part}.bundle.cjs`
  buildSync({
    entryPoints: [`scripts/bench/${part}.ts`],
    bundle: true,
    platform: 'node',
    outfile: bundle,
    external: ['highs', 'pdfmake', 'pdfmake/*'],
    alias: { 'server-only': './e2e/testing/empty.ts' },
    logLevel: 'error',
  })
  const { stdout, stderr } = spawnSync(process.execPath, [...flags, bundle], { encoding: 'utf8' })
  process.stdout.write(stdout + stderr)
  rmSync(bundle)
}
timed('core')
timed('papers', ['--max-semi-space-size=32'])
const { benchBrowser } = await import('./bench/browser.mjs')
await benchBrowser()
