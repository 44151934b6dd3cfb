import { spawn, spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { freePort } from '../lib/ports.mjs'
import { answers } from '../lib/serve.mjs'

export const NAMED = /static\/[\w./~-]+\.(?:js|css|woff2)/g
export const kB = (bytes) => (bytes / 1000).toFixed(1)

const NEXT = path.resolve('node_modules/next/dist/bin/next')
const QUIET = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }
// Nothing but a word, which says when React has taken the page over.
const PAGE = `'use client'
import { useEffect } from 'react'
export default function Page() {
  useEffect(() => requestAnimationFrame(() => setTimeout(() => { window.standsMs = performance.now() })), [])
  return <p>empty</p>
}
`

/** Builds an empty page with the same Next and React, in a folder of its own; what it weighs, and a way to serve it. */
export function emptyPage() {
  const folder = path.resolve('.parts/empty')
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(path.join(folder, 'app'), { recursive: true })
  writeFileSync(
    path.join(folder, 'app/layout.tsx'),
    "export default function Layout({ children }) { return <html lang='en'><body>{children}</body></html> }\n",
  )
  writeFileSync(path.join(folder, 'app/page.tsx'), PAGE)
  writeFileSync(path.join(folder, 'next.config.mjs'), 'export default { typescript: { ignoreBuildErrors: true } }\n')
  const built = spawnSync(process.execPath, [NEXT, 'build'], { cwd: folder, encoding: 'utf8', env: QUIET })
  if (built.status !== 0) throw new Error(`the empty page could not be built: ${built.stdout}${built.stderr}`)
  // Browsers of today leave out what is there for those that know no modules.
  const html = readFileSync(path.join(folder, '.next/server/app/index.html'), 'utf8').replace(
    /<script[^>]*nomodule[^>]*>/gi,
    '',
  )
  const files = [...new Set([...html.matchAll(NAMED)].map(([name]) => name))]
  const bytes = files.reduce((sum, name) => sum + sizeOf(path.join(folder, '.next', name)), 0)
  return { bytes, serve: () => serveFrom(folder), remove: () => rmSync(folder, { recursive: true, force: true }) }
}

/** Serves what was built in a folder; its address, and how to stop it. */
async function serveFrom(folder) {
  const port = await freePort()
  const given = [NEXT, 'start', '--hostname', '127.0.0.1', '--port', String(port)]
  const server = spawn(process.execPath, given, { cwd: folder, env: QUIET, stdio: 'ignore' })
  const base = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 100; tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, 100))
    if (await answers(base)) break
  }
  return { base, stop: () => server.kill() }
}

/** What a file weighs on its way: scripts and styles compressed, fonts as they are. */
export function sizeOf(file) {
  const bytes = readFileSync(file)
  return file.endsWith('.woff2') ? bytes.length : gzipSync(bytes).length
}
