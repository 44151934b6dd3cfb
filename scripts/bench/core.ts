import { readFileSync } from 'node:fs'
import { deriveJob } from '@/core/derive'
import type { Job } from '@/core/model'

const job = JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8')) as Job
const time = (label: string, next: (i: number) => Job) => {
  const times: number[] = []
  for (let i = 0; i < 300; i++) {
    const j = next(i)
    const t = performance.now()
    deriveJob(j)
    if (i >= 100) times.push(performance.now() - t)
  }
  times.sort((a, b) => a - b)
  console.log(`${label}: median ${times[100].toFixed(2)} ms, 95th percentile ${times[190].toFixed(2)} ms (after warm-up)`)
}
const derived = deriveJob(job)
if (derived.ok) console.log(`the building: ${derived.value.posts.length} posts, ${derived.value.checks.length} checks, ${derived.value.trusses.trusses.length} trusses`)
const heel = (b: Job['building'], i: number): Job => ({ ...job, building: { ...b, heelIn: 192 + (i % 64) / 16 } })
time('everything derived, 60 × 200 × 16 ft, two 12 ft lean-tos, 12 openings', (i) => heel(job.building, i))
time('everything derived, the same without lean-tos', (i) => heel({ ...job.building, leanTos: [] }, i))
