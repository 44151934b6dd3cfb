// Processor time of papers, as a thread of the server makes them: the first of a thread, and once it is warm.
import { readFileSync } from 'node:fs'
import { runTask, type Task } from '@/server/heavy/tasks'

const RUNS = 5
const MICROSECONDS = 1e6
const read = (name: string) => JSON.parse(readFileSync(name, 'utf8')) as Record<string, unknown>

/** The building of the bench, sixty bays long. */
function sixtyBays(): object {
  const barn = read('scripts/bench/barn-60x200.json') as { building: object }
  const building = { ...barn.building, openings: [], lengthIn: 96 * 60, bays: { mode: 'count', count: 60 } }
  return { ...barn, building }
}
const dated = { date: 'today', revision: 'revision 1' }
const page = 'http://127.0.0.1:3000/field/x'
const demo = read('demo/quillback-hill.json')
const records: unknown = JSON.parse(readFileSync('demo/quillback-hill.records.json', 'utf8'))
const PAPERS: Readonly<Record<string, Task>> = {
  'crew book of 60 bays': { paper: 'crew-book', doc: sixtyBays(), records: [], ...dated },
  'field sheets of 60 bays, two cards a sheet': {
    paper: 'field-sheets',
    doc: sixtyBays(),
    records: [],
    page,
    perSheet: 2,
    ...dated,
  },
  'field sheets of the demo, two cards a sheet': {
    paper: 'field-sheets',
    doc: demo,
    records,
    page,
    perSheet: 2,
    ...dated,
  },
  'calculation sheet of the demo': { paper: 'calc-sheet', doc: demo, ...dated },
}

async function processorTime(task: Task): Promise<number> {
  const before = process.cpuUsage()
  const made = await runTask(task, () => undefined)
  if (!made.ok) throw new Error(JSON.stringify(made.issues))
  const { user, system } = process.cpuUsage(before)
  return (user + system) / MICROSECONDS
}

async function main(): Promise<void> {
  for (const [name, task] of Object.entries(PAPERS)) {
    const times: number[] = []
    for (let run = 0; run < RUNS; run++) times.push(await processorTime(task))
    const warm = times.slice(2).sort((one, other) => one - other)
    const middle = warm[Math.floor(warm.length / 2)] ?? NaN
    console.log(`${name}: processor ${times[0]?.toFixed(2)} s the first, ${middle.toFixed(2)} s once warm`)
  }
}
void main()
