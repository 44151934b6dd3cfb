// npm run bench : prints how long the core takes, and how long a keystroke, a drag and each view take to the screen,
// for a 60 × 200 × 16 ft building.
import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({ 'mariadb-install-db': 'mariadb-server', chromium: 'chromium', chromedriver: 'chromium-driver' })
// The core is timed as it ships: in one bundle.
const { buildSync } = await import('esbuild')
const bundle = 'scripts/bench/core.bundle.cjs'
buildSync({
  entryPoints: ['scripts/bench/core.ts'],
  bundle: true,
  platform: 'node',
  outfile: bundle,
  external: ['highs', 'pdfmake', 'pdfmake/*'],
  logLevel: 'error',
})
process.stdout.write(spawnSync(process.execPath, [bundle], { encoding: 'utf8' }).stdout)
rmSync(bundle)
const { benchBrowser } = await import('./bench/browser.mjs')
await benchBrowser()
