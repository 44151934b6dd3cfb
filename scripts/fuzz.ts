// npm run fuzz [-- COUNT [FIRST]] : buildings drawn by lot, each held to the properties of `core/testing/fuzz`. Prints
// how many were accepted, how often each choice was drawn at least, and every property that was broken; fails where one
// was, where too few were accepted, or where of two thousand some choice was hardly drawn.
import { addCoverage, type Coverage, seldomDrawn } from '@/core/testing/fuzz/coverage'
import { faultsOf } from '@/core/testing/fuzz/faults'
import { randomJob } from '@/core/testing/fuzz/randomJob'

/** A run of this many draws every value of every choice at least so often, and accepts at least this share. */
const WHOLE_RUN = 2000
const LEAST_TIMES = 20
const LEAST_SHARE = 0.6

const [count = WHOLE_RUN, first = 1] = process.argv.slice(2).map(Number)
const started = performance.now()
const coverage: Coverage = new Map()
let [accepted, judged, standing, broken] = [0, 0, 0, 0]
for (let seed = first; seed < first + count; seed++) {
  const job = randomJob(seed)
  addCoverage(job, coverage)
  const found = faultsOf(job)
  accepted += Number(found.accepted)
  judged += Number(found.judged)
  standing += Number(found.standing)
  broken += Number(found.faults.length > 0)
  for (const fault of found.faults) console.log(`${seed}: ${fault}`)
}
const seldom = seldomDrawn(coverage, (LEAST_TIMES * count) / WHOLE_RUN)
for (const choice of seldom) console.log(`seldom drawn: ${choice}`)
const share = ((100 * accepted) / count).toFixed(1)
const seconds = ((performance.now() - started) / 1000).toFixed(0)
console.log(
  `${count} drawn, ${accepted} accepted (${share} %), ${judged} judged, ${standing} of them stand throughout, ` +
    `${coverage.size} choices, ${broken} with a fault, ${seconds} s`,
)
process.exitCode = broken > 0 || accepted < LEAST_SHARE * count || (count >= WHOLE_RUN && seldom.length > 0) ? 1 : 0
