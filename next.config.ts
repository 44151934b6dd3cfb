import type { NextConfig } from 'next'

const config: NextConfig = {
  reactStrictMode: true,
  reactCompiler: true,
  poweredByHeader: false,
  // src/server/main does it.
  compress: false,
  distDir: process.env.BURDOCK_DIST ?? '.next',
  serverExternalPackages: ['pdfmake', 'knex', 'mysql2', 'piscina', 'pino', 'prom-client', 'yazl', 'yauzl'],
  // Made before every build by scripts/lib/zodMini.mjs.
  turbopack: { resolveAlias: { 'zod/mini': './.parts/zod-mini.mjs' } },
  // One page made by the build stands at every address of the field: a phone keeps it, and opens it without a signal.
  rewrites: () =>
    Promise.resolve([
      { source: '/field', destination: '/field-page' },
      { source: '/field/:path*', destination: '/field-page' },
    ]),
  // The headers, the limits and the log are those of src/server/main.
  experimental: {
    globalNotFound: true,
    optimizePackageImports: ['react-bootstrap', 'lucide-react'],
  },
  sassOptions: { silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'], quietDeps: true },
}
export default config
