import { createHash } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import path from 'node:path'

/** The page that is kept; all else is what it needs. */
const PAGE = 'server/app/pocket.html'
const ASSET = /static\/[\w./~-]+\.(?:js|css|woff2)/g
const IN_STYLES = /url\(["']?\.\.\/(media\/[\w./~-]+\.woff2)["']?\)/g

/**
 * Every file that the pocket needs, figures that are fetched later too: those its page names, those that they name, and so
 * on. Fonts in the alphabets that nobody here writes are left out with those that browsers of today never take.
 */
function pocketFiles(dist) {
  const found = new Set()
  const look = (text) => {
    for (const [name] of text.matchAll(ASSET)) take(name)
    for (const [, name] of text.matchAll(IN_STYLES)) take(`static/${name}`)
  }
  const take = (name) => {
    const file = path.join(dist, name)
    if (found.has(name) || !existsSync(file)) return
    found.add(name)
    if (!name.endsWith('.woff2')) look(readFileSync(file, 'utf8'))
  }
  look(readFileSync(path.join(dist, PAGE), 'utf8'))
  return [...found].sort()
}

/** Bundles the worker that keeps the pocket, with the list of what it keeps. */
export function buildPocketWorker(dist) {
  // Loaded here: before the packages are installed there is none.
  const { buildSync } = createRequire(import.meta.url)('esbuild')
  const page = readFileSync(path.join(dist, PAGE))
  const revision = createHash('sha256').update(page).digest('hex').slice(0, 16)
  // Files of the build carry their own hash in their names; the page does not.
  const manifest = [
    { url: '/pocket', revision },
    ...pocketFiles(dist).map((name) => ({ url: `/_next/${name}`, revision: null })),
  ]
  buildSync({
    entryPoints: ['src/workers/pocketCache.ts'],
    bundle: true,
    minify: true,
    format: 'iife',
    outfile: path.join(dist, 'pocket-worker.js'),
    define: { 'self.__WB_MANIFEST': JSON.stringify(manifest), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  })
}
