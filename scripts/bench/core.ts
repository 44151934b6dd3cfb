import { readFileSync } from 'node:fs'
import { deriveJob } from '@/core/derive'
import type { Job } from '@/core/model'

const job = JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8')) as Job
const times: number[] = []
for (let i = 0; i < 300; i++) {
  const next: Job = { ...job, building: { ...job.building, heelIn: 192 + (i % 64) / 16 } }
  const t = performance.now()
  deriveJob(next)
  if (i >= 100) times.push(performance.now() - t)
}
times.sort((a, b) => a - b)
console.log(`core, everything derived, 60 × 200 × 16 ft, 12 openings: median ${times[100].toFixed(2)} ms, 95th percentile ${times[190].toFixed(2)} ms (after warm-up)`)
