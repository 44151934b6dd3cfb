import { createRequire } from 'node:module'
import path from 'node:path'

/** What runs beside Next, not in it: the server that looks at requests first, and the threads that make papers. */
const PARTS = { serve: 'src/server/main/serve.ts', heavy: 'src/server/heavy/worker.ts' }

/** Bundles those parts with our own code; packages stay where they are. */
export function buildServerParts(dist) {
  // Loaded here: before the packages are installed there is none.
  const { buildSync } = createRequire(import.meta.url)('esbuild')
  buildSync({
    entryPoints: PARTS,
    outdir: path.join(dist, 'burdock'),
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    // Marks code that must not come into a browser; here there is none.
    alias: { 'server-only': './e2e/testing/empty.ts' },
    sourcemap: 'linked',
    logLevel: 'error',
  })
}
