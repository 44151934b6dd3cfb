import { readFileSync } from 'node:fs'
import { deriveJob } from '@/core/derive'
import { foldRecords, measure, tieLevels, type FieldRecord, type RecordBody } from '@/core/field'
import { parseJob, type Job } from '@/core/model'
import { fieldSheets, poleStrips } from '@/formats/fieldsheets'
import { planCuts } from '@/workers/cutting'

const parsed = parseJob(JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8')))
if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues))
const job = parsed.value
const clock = (label: string, runs: number, warm: number, run: (i: number) => unknown) => {
  const times: number[] = []
  for (let i = 0; i < runs + warm; i++) { const t = performance.now(); run(i); if (i >= warm) times.push(performance.now() - t) }
  times.sort((a, b) => a - b)
  console.log(`${label}: median ${times[Math.floor(runs / 2)].toFixed(2)} ms, 95th percentile ${times[Math.floor(runs * 0.95)].toFixed(2)} ms`)
}
const derived = deriveJob(job)
if (!derived.ok) throw new Error('bench building')
const d = derived.value
console.log(`the building: ${d.posts.length} posts, ${d.checks.length} checks, ${d.trusses.trusses.length} trusses`)
const heel = (b: Job['building'], i: number): Job => ({ ...job, building: { ...b, heelIn: 192 + (i % 64) / 16 } })
clock('everything derived, 60 × 200 × 16 ft, two 12 ft lean-tos, 12 openings', 200, 100, (i) => deriveJob(heel(job.building, i)))
clock('everything derived, the same without lean-tos', 200, 100, (i) => deriveJob(heel({ ...job.building, leanTos: [] }, i)))

// The field: twenty set-ups and a thousand readings, one more typed.
const at = (n: number, body: RecordBody): FieldRecord => ({ id: `r${n}`, at: new Date(Date.UTC(2026, 4, 4, 12) + n * 1000).toISOString(), device: 'bench', who: '', body })
const log: FieldRecord[] = []
for (let s = 0; s < 20; s++) {
  log.push(at(s * 100, { kind: 'setup', setup: `s${s}`, place: '', benchmarkIn: 48 + s / 16 }))
  for (let k = 0; k < 50; k++) log.push(at(s * 100 + k + 1, { kind: 'reading', setup: `s${s}`, target: d.posts[(s * 50 + k) % d.posts.length].id, of: 'foot', inches: 52 + ((s * 50 + k * 7) % 40) / 16 }))
}
const seen = (extra: number) => { const state = foldRecords([...log, at(5000, { kind: 'reading', setup: 's3', target: d.posts[0].id, of: 'foot', inches: 52 + extra / 16 })].map((record) => ({ record, receivedAt: null }))); const levels = tieLevels(state); return { state, levels, ...measure(job, d, state, levels) } }
clock(`a reading among ${log.length} records to every mark of ${d.posts.length} posts`, 100, 30, (i) => seen(i % 40))
const last = seen(0)
clock('all field sheets of that job', 5, 1, () => fieldSheets({ job, derived: d, state: last.state, levels: last.levels, date: '', revision: '', page: 'http://127.0.0.1/field/x' }))
clock('strips at 1:1 of a 16 ft post', 20, 5, () => poleStrips('A1', d.poles[d.posts[0].id], d.posts[0].longPointIn))
async function cutting() {
  const t = performance.now()
  const demands = Array.from({ length: 100 }, (_, i) => ({ lengthIn: 180 + ((i * 37) % 90) / 2, count: 3 }))
  const plan = await planCuts({ demands, stock: [144, 168, 192, 216, 240, 264, 288].map((lengthIn) => ({ lengthIn, price: lengthIn / 12 })), kerfIn: 0.125 })
  console.log(`cutting plan for 300 plies of 100 posts: ${(performance.now() - t).toFixed(0)} ms, ${plan?.count} boards, bound ${plan?.lowerBound}, ${plan?.proved ? 'proved' : 'not proved'}`)
}
void cutting()
