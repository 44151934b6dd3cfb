// npm run fuzz [-- COUNT [FIRST]] : buildings drawn by lot, each held to the properties of `core/testing/fuzz`. Prints
// how many were accepted, how often each choice was drawn at least, and every property that was broken; fails where one
// was, where too few were accepted, or where of two thousand some choice was hardly drawn. Every core takes its share.
import { fork } from 'node:child_process'
import os from 'node:os'
import { addCoverage, type Coverage, seldomDrawn } from '@/core/testing/fuzz/coverage'
import { faultsOf } from '@/core/testing/fuzz/faults'
import { randomJob } from '@/core/testing/fuzz/randomJob'

/** A run of this many draws every value of every choice at least so often, and accepts at least this share. */
const WHOLE_RUN = 2000
const LEAST_TIMES = 20
const LEAST_SHARE = 0.6

const [count = WHOLE_RUN, first = 1] = process.argv.slice(2).map(Number)
const sharers = Math.max(1, os.availableParallelism())

/** What one process found among its share of the seeds. */
interface Share {
  readonly drawn: number
  readonly accepted: number
  readonly judged: number
  readonly standing: number
  readonly broken: number
}

function judgeShare(part: number): Share {
  let [drawn, accepted, judged, standing, broken] = [0, 0, 0, 0, 0]
  for (let seed = first + part; seed < first + count; seed += sharers) {
    const found = faultsOf(randomJob(seed))
    drawn++
    accepted += Number(found.accepted)
    judged += Number(found.judged)
    standing += Number(found.standing)
    broken += Number(found.faults.length > 0)
    for (const fault of found.faults) console.log(`${seed}: ${fault}`)
  }
  return { drawn, accepted, judged, standing, broken }
}

/** The shares, each judged in a process of its own; one that says nothing has failed. */
const allShares = (): Promise<readonly Share[]> =>
  Promise.all(
    Array.from(
      { length: sharers },
      (_, part) =>
        new Promise<Share>((resolve, reject) => {
          const child = fork(__filename, process.argv.slice(2), {
            env: { ...process.env, FUZZ_PART: String(part) },
          })
          child.on('message', (share) => resolve(share as Share))
          child.on('exit', (code) => reject(new Error(`a share ended by itself (${code})`)))
        }),
    ),
  )

async function judgeAll() {
  const started = performance.now()
  const coverage: Coverage = new Map()
  for (let seed = first; seed < first + count; seed++) addCoverage(randomJob(seed), coverage)
  const shares = await allShares()
  const sum = (key: keyof Share) => shares.reduce((all, share) => all + share[key], 0)
  const seldom = seldomDrawn(coverage, (LEAST_TIMES * count) / WHOLE_RUN)
  for (const choice of seldom) console.log(`seldom drawn: ${choice}`)
  const accepted = sum('accepted')
  const share = ((100 * accepted) / count).toFixed(1)
  const seconds = ((performance.now() - started) / 1000).toFixed(0)
  console.log(
    `${sum('drawn')} drawn, ${accepted} accepted (${share} %), ${sum('judged')} judged, ${sum('standing')} of them stand ` +
      `throughout, ${coverage.size} choices, ${sum('broken')} with a fault, ${seconds} s`,
  )
  const whole = sum('drawn') === count && (count < WHOLE_RUN || seldom.length === 0)
  process.exitCode = whole && sum('broken') === 0 && accepted >= LEAST_SHARE * count ? 0 : 1
}

const part = process.env.FUZZ_PART
if (part === undefined) void judgeAll()
else process.send?.(judgeShare(Number(part)))
