import { spawn, spawnSync } from 'node:child_process'

const wait = (ms) => new Promise((r) => setTimeout(r, ms))

/** Runs the migrations and loads the demo jobs once. */
export function migrate(url) {
  const r = spawnSync(process.execPath, ['--import', 'tsx', '--conditions=react-server', 'scripts/migrate.ts'], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url },
  })
  if (r.status !== 0) throw new Error(`migration failed: ${r.stderr}`)
  return r.stdout.trim()
}

/** Serves the built application, or with `dev` the sources with fast reload, and waits until it answers. */
export async function serve({ port, url, dist = '.next', quiet = true, dev = false }) {
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', dev ? 'dev' : 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
      env: {
        ...process.env,
        DATABASE_URL: url,
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: dev ? 'development' : 'production',
        BURDOCK_DIST: dist,
      },
    },
  )
  let gone = false
  child.on('exit', () => {
    gone = true
  })
  // The first page of the sources is compiled when it is asked for.
  for (let i = 0; i < (dev ? 2400 : 400); i++) {
    if (gone) throw new Error('the server stopped while starting')
    try {
      if ((await fetch(`http://127.0.0.1:${port}/api/health`)).ok) break
    } catch {
      /* not yet */
    }
    await wait(50)
  }
  return {
    base: `http://127.0.0.1:${port}`,
    child,
    stop: async () => {
      if (!gone) {
        child.kill('SIGTERM')
        for (let i = 0; i < 100 && !gone; i++) await wait(30)
        if (!gone) child.kill('SIGKILL')
      }
    },
  }
}
