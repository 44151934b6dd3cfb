import { say } from './say.mjs'

const FIRST_PAUSE_MS = 250
const LONGEST_PAUSE_MS = 30_000
/** A process that has run for so long is well again: the next pause is the first. */
const WELL_MS = 60_000

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
const how = (code, signal) => (signal ? `signal ${signal}` : `code ${code}`)

/**
 * Keeps a process going: one that ends by itself is started again, a little later each time, and one line says so.
 * `start` gives `{ child, stop }` when the process is ready; `started` is told of each.
 */
export async function keep(what, start, started = () => undefined) {
  let ending = false
  let now = null
  let pauseMs = FIRST_PAUSE_MS
  const watch = (running, since) => {
    now = running
    started(running)
    const ended = (code, signal) => {
      if (ending) return
      if (Date.now() - since > WELL_MS) pauseMs = FIRST_PAUSE_MS
      say(`the ${what} stopped (${how(code, signal)}): started again in ${pauseMs / 1000} s`)
      void again()
    }
    const { exitCode, signalCode } = running.child
    if (exitCode !== null || signalCode !== null) ended(exitCode, signalCode)
    else running.child.once('exit', ended)
  }
  const again = async () => {
    for (;;) {
      await wait(pauseMs)
      pauseMs = Math.min(LONGEST_PAUSE_MS, pauseMs * 2)
      if (ending) return
      try {
        const running = await start()
        if (ending) return void running.stop()
        say(`the ${what} is back`)
        return watch(running, Date.now())
      } catch (e) {
        say(`the ${what} did not start (${e instanceof Error ? e.message : e}): tried again in ${pauseMs / 1000} s`)
      }
    }
  }
  watch(await start(), Date.now())
  return {
    running: () => now,
    stop: async () => {
      ending = true
      await now?.stop()
    },
  }
}
