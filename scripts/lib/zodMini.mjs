import { mkdirSync, readdirSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'

/** Where the part of Zod that the figures use is put; next.config.ts points `zod/mini` there. */
const INTO = '.parts/zod-mini.mjs'
const FIGURES = 'src/core/pocket'

/**
 * Bundles what the figures use of `zod/mini` by itself. The application's bundler keeps the whole of it (25 kB on a
 * phone instead of 8): it drops files that nobody imports, not what nobody uses within one.
 */
export function bundleZodMini() {
  // Loaded here: before the packages are installed there is none.
  const { buildSync } = createRequire(import.meta.url)('esbuild')
  const code = readdirSync(FIGURES)
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => readFileSync(`${FIGURES}/${name}`, 'utf8'))
    .join('\n')
  const used = new Set([...code.matchAll(/\bz\.([a-z]\w*)/g)].map(([, name]) => name))
  mkdirSync('.parts', { recursive: true })
  buildSync({
    stdin: { contents: `export { ${[...used].sort().join(', ')} } from 'zod/mini'`, resolveDir: process.cwd() },
    bundle: true,
    minify: true,
    format: 'esm',
    outfile: INTO,
    logLevel: 'error',
  })
}
