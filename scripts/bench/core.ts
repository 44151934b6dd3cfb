import { shownOf } from '@/formats/shown'
import { readFileSync } from 'node:fs'
import { deriveJob, jobSticks, jobStructure } from '@/core/derive'
import { foldRecords, measure, tieLevels } from '@/core/field'
import { parseJob } from '@/core/files'
import { type Job } from '@/core/model'
import { buyingOf, cutGroups, type SticksMemory } from '@/core/sticks'
import { priceBook } from '@/core/quantities'
import { KERF_IN } from '@/core/pocket/sticks'
import { drawingSet } from '@/formats/drawings'
import { fieldSheets, poleStrips } from '@/formats/fieldsheets'
import { planCuts } from '@/workers/cutting'
import { benchLog, oneMore } from './log'

const parsed = parseJob(JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8')))
if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues))
const job = parsed.value
const clock = (label: string, runs: number, warm: number, run: (i: number) => unknown) => {
  const times: number[] = []
  for (let i = 0; i < runs + warm; i++) {
    const start = performance.now()
    run(i)
    if (i >= warm) times.push(performance.now() - start)
  }
  times.sort((one, other) => one - other)
  console.log(
    `${label}: best ${times[0].toFixed(2)}, median ${times[Math.floor(runs / 2)].toFixed(2)} ms, 95th percentile ` +
      `${times[Math.floor(runs * 0.95)].toFixed(2)} ms`,
  )
}
// How fast this machine is just now: the figures below scatter with it.
const fib = (n: number): number => (n < 2 ? n : fib(n - 1) + fib(n - 2))
const yard: number[] = []
for (let i = 0; i < 5; i++) {
  const start = performance.now()
  fib(35)
  yard.push(performance.now() - start)
}
console.log(`this machine: fib(35) takes ${Math.min(...yard).toFixed(0)} to ${Math.max(...yard).toFixed(0)} ms`)
const derived = deriveJob(job)
if (!derived.ok) throw new Error('bench building')
const value = derived.value
const shown = shownOf(value)
console.log(
  `the building: ${value.posts.length} posts, ${value.checks.length} checks, ${value.trusses.trusses.length} trusses`,
)
const heel = (building: Job['building'], i: number): Job => ({
  ...job,
  building: { ...building, heelIn: 192 + (i % 64) / 16 },
})
clock('everything derived, 60 × 200 × 16 ft, two 12 ft lean-tos, 12 openings', 200, 100, (i) =>
  deriveJob(heel(job.building, i)),
)
clock('everything derived, the same without lean-tos', 200, 100, (i) =>
  deriveJob(heel({ ...job.building, leanTos: [] }, i)),
)

const structure = jobStructure(job, value)
const all = jobSticks(job, value, { structure })
console.log(`its sticks: ${all.sticks.length}, their joins: ${all.joins.length}`)
clock('all sticks of that building', 200, 100, () => jobSticks(job, value, { structure }))
const memory: SticksMemory = new Map()
clock('the same, where one post stands an inch deeper than before', 200, 100, (i) =>
  jobSticks(job, value, {
    structure,
    memory,
    footUpIn: (post) => (post.id === value.posts[0].id ? -60 - (i % 2) : -60),
  }),
)

const log = benchLog(value.posts.map((post) => post.id))
const seen = (extra: number) => {
  const state = foldRecords([...log, oneMore(value.posts[0].id, extra)].map((record) => ({ record, receivedAt: null })))
  const levels = tieLevels(state)
  return { state, levels, ...measure(job, value, state, levels) }
}
clock(`a reading among ${log.length} records to every mark of ${value.posts.length} posts`, 100, 30, (i) =>
  seen(i % 40),
)
const last = seen(0)
clock('all field sheets of that job', 5, 1, () =>
  fieldSheets({
    job,
    derived: shown,
    state: last.state,
    levels: last.levels,
    date: '',
    revision: '',
    page: 'http://127.0.0.1/field/x',
  }),
)
clock('drawings of that building, all sheets', 5, 1, () => drawingSet(job, shown))
clock('strips at 1:1 of a 16 ft post', 20, 5, () =>
  poleStrips('A1', value.poles[value.posts[0].id], value.columns[value.posts[0].id].topUpIn, {
    job: 'bench',
    date: '',
    revision: '',
    paper: 'letter',
  }),
)
async function cutting() {
  const start = performance.now()
  const demands = Array.from({ length: 100 }, (_, i) => ({ lengthIn: 180 + ((i * 37) % 90) / 2, count: 3 }))
  const plan = await planCuts({
    demands,
    stock: [144, 168, 192, 216, 240, 264, 288].map((lengthIn) => ({ lengthIn, price: lengthIn / 12 })),
    kerfIn: 0.125,
  })
  console.log(
    `cutting plan for 300 plies of 100 posts: ${(performance.now() - start).toFixed(0)} ms, ${plan?.count} ` +
      `boards, bound ${plan?.lowerBound}, ${plan?.proved ? 'proved' : 'not proved'}`,
  )
}

/** Every board of the building, kind by kind as the cut list asks for it. */
async function cuttingAll() {
  const buying = buyingOf(job)
  const prices = priceBook(job.sizing.prices)
  const start = performance.now()
  const made: { readonly proved: boolean; readonly pieces: number }[] = []
  for (const { size, lumber, treated, pieces } of cutGroups(all.sticks, buying)) {
    const perFt = prices.board(size, lumber, treated)
    const plan = await planCuts({
      demands: pieces.map(({ lengthIn, count }) => ({ lengthIn, count })),
      stock: job.buying.stockIn.map((lengthIn) => ({
        lengthIn,
        price: Math.round((lengthIn / 12) * perFt * 100) / 100,
      })),
      kerfIn: KERF_IN,
      spareIn: job.buying.spareIn,
    })
    made.push({ proved: plan?.proved ?? false, pieces: pieces.reduce((sum, { count }) => sum + count, 0) })
  }
  const total = made.reduce((sum, { pieces }) => sum + pieces, 0)
  console.log(
    `cutting plan for every board of that building: ${(performance.now() - start).toFixed(0)} ms, ${total} pieces in ` +
      `${made.length} kinds, ${made.filter(({ proved }) => proved).length} proved cheapest, the others bounded`,
  )
}
void cutting().then(cuttingAll)
