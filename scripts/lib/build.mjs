import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import { firstPages } from './firstPages.mjs'
import { say } from './say.mjs'
import { buildSiteWorker } from './siteWorker.mjs'
import { unpackPaperFonts } from './paperFonts.mjs'
import { buildServerParts } from './serverParts.mjs'
import { bundleZodMini } from './zodMini.mjs'

const files = (dir) =>
  readdirSync(dir, { withFileTypes: true }).flatMap((e) => {
    if (e.isDirectory()) return files(path.join(dir, e.name))
    if (/\.test\.tsx?$/.test(e.name)) return []
    return [path.join(dir, e.name)]
  })

/** What must lie ready before the sources are served or built. */
export async function prepare(dist = '.next') {
  bundleZodMini()
  copySolver()
  await unpackPaperFonts()
  buildServerParts(dist)
}

/** The cutting solver's program is served by the application itself. */
function copySolver() {
  mkdirSync('public/solver', { recursive: true })
  copyFileSync('node_modules/highs/build/highs.wasm', 'public/solver/highs.wasm')
}

/** Smaller than this a file gains nothing, bytes. */
const LEAST_BYTES = 1000

/** Compresses scripts and styles once and for good, beside themselves; src/server/main serves them so. */
function compress(folder) {
  for (const file of files(folder)) {
    if (!/\.(js|css)$/.test(file) || statSync(file).size < LEAST_BYTES) continue
    writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file)))
  }
}

/** What else a build is made from. */
const PARTS = [
  'scripts/lib/build.mjs',
  'package-lock.json',
  'next.config.ts',
  'tsconfig.json',
  'scripts/lib/siteWorker.mjs',
  'scripts/lib/firstPages.mjs',
  'scripts/lib/zodMini.mjs',
  'scripts/lib/serverParts.mjs',
  'scripts/lib/paperFonts.mjs',
]

/** Builds the application when a source file, the lock file or the configuration has changed since the last build. */
export async function build(dist = '.next') {
  const hash = createHash('sha256')
  for (const f of [...files('src').sort(), ...PARTS]) hash.update(f).update(readFileSync(f))
  const key = hash.digest('hex')
  const mark = path.join(dist, 'burdock-build')
  if (existsSync(mark) && readFileSync(mark, 'utf8') === key) return
  await prepare(dist)
  say('building')
  const r = spawnSync(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    encoding: 'utf8',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', BURDOCK_DIST: dist },
  })
  if (r.status !== 0) throw new Error(`the build failed:\n${r.stdout}\n${r.stderr}`)
  firstPages(dist)
  compress(path.join(dist, 'static'))
  buildSiteWorker(dist)
  // Next empties its folder before it builds.
  buildServerParts(dist)
  writeFileSync(mark, key)
}
