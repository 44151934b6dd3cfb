import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'

export const NAMED = /static\/[\w./~-]+\.(?:js|css|woff2)/g
export const kB = (bytes) => (bytes / 1000).toFixed(1)

/** An empty page built with the same Next and React, in a folder of its own; the files that it names. */
export function emptyPage() {
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
export function sizeOf(file) {
  const bytes = readFileSync(file)
  return file.endsWith('.woff2') ? bytes.length : gzipSync(bytes).length
}
