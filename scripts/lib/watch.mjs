import { say } from './say.mjs'

/** How often the server is asked whether it lives, ms, and how often in a row it may stay silent. */
const EVERY_MS = Number(process.env.BURDOCK_WATCH_MS ?? 10_000)
const MOST_MISSED = 6

async function answers(base) {
  try {
    return (await fetch(`${base}/api/health`, { signal: AbortSignal.timeout(EVERY_MS) })).ok
  } catch {
    return false
  }
}

/**
 * A server that lives and answers nobody is ended; whoever keeps it starts it again. One that is just being started
 * again has no process to be ended.
 */
export function watchServer(base, server) {
  let missed = 0
  const timer = setInterval(() => {
    void answers(base).then((well) => {
      missed = well ? 0 : missed + 1
      if (missed < MOST_MISSED) return
      missed = 0
      const { child } = server.running()
      if (child.exitCode !== null || child.signalCode !== null) return
      say('the server lives but answers nobody: it is ended')
      child.kill('SIGKILL')
    })
  }, EVERY_MS)
  return { stop: () => clearInterval(timer) }
}
