// npm run long : the runs that take long, those first that judge most. Each is begun only where it can end within the
// time that is left, counted from BURDOCK_BEGAN (seconds of the clock), where a caller has set it. What is not run, and
// why, is said in the last lines.
import { spawnSync } from 'node:child_process'

/** What the caller gives everything together, less what a slower machine may need to end, seconds. */
const MOST_S = 82 * 60
const began = Number(process.env.BURDOCK_BEGAN ?? Date.now() / 1000)
const leftS = () => Math.floor(MOST_S - (Date.now() / 1000 - began))

/** Each run with what it needs on two slow cores, seconds; those that take what they are given are told it. */
const RUNS = [
  { name: 'blunders', needS: 90 },
  { name: 'sticks', needS: 180 },
  { name: 'elements', needS: 240 },
  { name: 'site', needS: 330 },
  { name: 'firefox', needS: 240 },
  { name: 'webkit', needS: 840 },
  { name: 'fuzz', needS: 900 },
  { name: 'faults', needS: 750 },
  { name: 'mutants', needS: 1500, told: true },
]
const said = []
let failed = false
for (const { name, needS, told } of RUNS) {
  const left = leftS()
  if (left < needS) {
    said.push(`not run: ${name} (needs ${needS} s, ${Math.max(0, left)} s are left)`)
    continue
  }
  console.log(`--- ${name}, ${left} s are left`)
  const from = Date.now()
  const { status } = spawnSync('npm', ['run', '--silent', name, ...(told ? ['--', '--seconds', String(left)] : [])], {
    stdio: 'inherit',
  })
  said.push(`${status === 0 ? 'ok  ' : 'FAIL'} ${name}, ${Math.round((Date.now() - from) / 1000)} s`)
  failed ||= status !== 0
}
console.log(said.join('\n'))
process.exit(failed ? 1 : 0)
