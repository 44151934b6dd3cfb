import { spawn, spawnSync } from 'node:child_process'
import { openSync } from 'node:fs'
import path from 'node:path'

const wait = (ms) => new Promise((r) => setTimeout(r, ms))

/** Runs the migrations and loads the demo jobs once. */
export function migrate({ url, data, demo = true }) {
  const r = spawnSync(process.execPath, ['--import', 'tsx', '--conditions=react-server', 'scripts/migrate.ts'], {
    encoding: 'utf8',
    env: {
      ...process.env,
      DATABASE_URL: url,
      ...(data ? { BURDOCK_DATADIR: data } : {}),
      ...(demo ? {} : { BURDOCK_NO_DEMO: '1' }),
    },
  })
  if (r.status !== 0) throw new Error(`migration failed: ${r.stderr}`)
  return r.stdout.trim()
}

/** Whether something answers well at an address. */
export const answers = async (at) => {
  try {
    return (await fetch(at)).ok
  } catch {
    return false
  }
}

/**
 * Serves the built application, or with `dev` the sources with fast reload, and waits until it answers. What it says
 * goes to the log of its folder, or is thrown away. It ends by itself when this process is gone.
 */
export async function serve({ port, url, data, dist = '.next', log = null, dev = false, env = {} }) {
  const out = log ? openSync(log, 'a') : 'ignore'
  const parts = path.resolve(dev ? '.next' : dist, 'burdock')
  const child = spawn(process.execPath, [path.join(parts, 'serve.mjs')], {
    stdio: ['ignore', dev ? 'inherit' : out, dev ? 'inherit' : out, 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: url,
      ...(data ? { BURDOCK_DATADIR: data } : {}),
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: dev ? 'development' : 'production',
      BURDOCK_DIST: dist,
      BURDOCK_PARTS: parts,
      PORT: String(port),
      ...env,
    },
  })
  let gone = false
  child.on('exit', () => {
    gone = true
  })
  // The first page of the sources is compiled when it is asked for.
  for (let i = 0; i < (dev ? 2400 : 600); i++) {
    if (gone) throw new Error('the server stopped while starting')
    if (await answers(`http://127.0.0.1:${port}/api/health`)) break
    await wait(50)
  }
  return {
    base: `http://127.0.0.1:${port}`,
    child,
    stop: async () => {
      if (!gone) {
        child.kill('SIGTERM')
        for (let i = 0; i < 200 && !gone; i++) await wait(30)
        if (!gone) child.kill('SIGKILL')
      }
    },
  }
}
