// npm run fuzz [-- COUNT [FIRST]] : buildings drawn by lot, each held to the properties of `core/testing/fuzz`. Prints
// how many were accepted and every property that was broken; fails where one was.
import { faultsOf } from '@/core/testing/fuzz/faults'
import { randomJob } from '@/core/testing/fuzz/randomJob'

const [count = 2000, first = 1] = process.argv.slice(2).map(Number)
const started = performance.now()
let [accepted, judged, broken] = [0, 0, 0]
for (let seed = first; seed < first + count; seed++) {
  const found = faultsOf(randomJob(seed))
  accepted += Number(found.accepted)
  judged += Number(found.judged)
  broken += Number(found.faults.length > 0)
  for (const fault of found.faults) console.log(`${seed}: ${fault}`)
}
const share = ((100 * accepted) / count).toFixed(1)
const seconds = ((performance.now() - started) / 1000).toFixed(0)
console.log(`${count} drawn, ${accepted} accepted (${share} %), ${judged} judged, ${broken} with a fault, ${seconds} s`)
process.exitCode = broken > 0 ? 1 : 0
