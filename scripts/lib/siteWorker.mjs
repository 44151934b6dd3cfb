import { createHash } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import path from 'node:path'

/** The pages that are kept, by their addresses; all else is what they need. */
export const PAGES = ['pocket', 'field-page']
const ASSET = /static\/[\w./~-]+\.(?:js|css|woff2)/g
const IN_STYLES = /url\(["']?\.\.\/(media\/[\w./~-]+\.woff2)["']?\)/g

/**
 * Every file that the pages need, parts that are fetched later too: those a page names, those that they name, and so on.
 * Fonts in the alphabets that nobody here writes are left out with those that browsers of today never take.
 */
function filesOf(dist) {
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
  for (const page of PAGES) look(readFileSync(path.join(dist, `server/app/${page}.html`), 'utf8'))
  return [...found].sort()
}

/** What a browser compares an answer with: a page of another network is not taken for ours. */
const integrityOf = (content) => `sha256-${createHash('sha256').update(content).digest('base64')}`

/** Bundles the worker that keeps the field pages and the pocket, with the list of what it keeps. */
export function buildSiteWorker(dist) {
  // Loaded here: before the packages are installed there is none.
  const { buildSync } = createRequire(import.meta.url)('esbuild')
  // Files of the build carry their own hash in their names; pages and what lies in `public` do not.
  const named = (url, file) => {
    const content = readFileSync(file)
    return {
      url,
      revision: createHash('sha256').update(content).digest('hex').slice(0, 16),
      integrity: integrityOf(content),
    }
  }
  const manifest = [
    ...PAGES.map((page) => named(`/${page}`, path.join(dist, `server/app/${page}.html`))),
    ...['field.webmanifest', 'field-192.png', 'field-512.png'].map((name) =>
      named(`/${name}`, path.join('public', name)),
    ),
    ...filesOf(dist).map((name) => ({
      url: `/_next/${name}`,
      revision: null,
      integrity: integrityOf(readFileSync(path.join(dist, name))),
    })),
  ]
  buildSync({
    entryPoints: ['src/workers/siteCache.ts'],
    bundle: true,
    minify: true,
    format: 'iife',
    outfile: path.join(dist, 'site-worker.js'),
    define: { 'self.__WB_MANIFEST': JSON.stringify(manifest), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  })
}
