import 'server-only'
import { readFile } from 'node:fs/promises'
import os from 'node:os'
import path from 'node:path'
import { MessageChannel } from 'node:worker_threads'
import Piscina from 'piscina'
import { fail, type Result } from '@/core/result'
import type { Drawn } from './pdf'
import type { Task } from './tasks'

/** One core answers while the others work. */
const THREADS = Math.max(1, os.availableParallelism() - 1)
/** Papers that may wait for a thread; the next is told to come again. */
const MOST_WAITING = 24
/** Memory of one thread, MB: the largest papers take a third of it. Much young memory means little clearing up. */
const MEMORY = { maxOldGenerationSizeMb: 768, maxYoungGenerationSizeMb: 96 }
const IDLE_MS = 600_000

const holder = globalThis as { burdockHeavy?: Piscina }

/** The threads of this process: a small queue with a bound on what waits and on what each may take. */
const pool = (): Piscina =>
  (holder.burdockHeavy ??= new Piscina({
    filename: path.resolve(process.env.BURDOCK_PARTS ?? '.next/burdock', 'heavy.mjs'),
    // One is never let go: what it has compiled makes the next paper three times as quick.
    minThreads: 1,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: MEMORY,
  }))

/** What came of a paper: it was made or refused, nobody had room for it, or nobody waits for it any more. */
export type Made =
  | { readonly kind: 'made'; readonly result: Result<Uint8Array> }
  | { readonly kind: 'busy' }
  | { readonly kind: 'cancelled' }

const named = (error: unknown): { readonly name?: string; readonly code?: string; readonly message?: string } =>
  error instanceof Error ? error : {}

/** Makes a paper in a thread. A request that nobody waits for any more gives its thread back at once. */
export async function makePaper(task: Task, { signal, drawn }: { signal: AbortSignal; drawn: Drawn }): Promise<Made> {
  const { port1, port2 } = new MessageChannel()
  port1.on('message', drawn)
  try {
    const work = pool().run({ task, port: port2 }, { signal, transferList: [port2] })
    return { kind: 'made', result: (await work) as Result<Uint8Array> }
  } catch (error) {
    const { name, code, message } = named(error)
    if (name === 'AbortError') return { kind: 'cancelled' }
    if (message?.includes('queue is at limit')) return { kind: 'busy' }
    if (code === 'ERR_WORKER_OUT_OF_MEMORY') return { kind: 'made', result: fail('too-large-to-make', ['doc']) }
    throw error
  } finally {
    port1.close()
  }
}

const SAMPLE = 'demo/quillback-hill.json'
/** Papers that a new thread makes for nobody. */
const WARMING = 5

/** Makes a few papers of a demo job that nobody asked for, so that the first one asked for finds everything compiled. */
export async function warmPapers(signal: AbortSignal): Promise<void> {
  const doc: unknown = JSON.parse(await readFile(SAMPLE, 'utf8'))
  const dated = { date: '', revision: '' }
  for (let k = 0; k < WARMING && !signal.aborted; k++)
    await makePaper({ paper: 'crew-book', doc, records: [], ...dated }, { signal, drawn: () => undefined })
}

/** Papers in work and waiting, for the metrics. */
export const papersNow = (): { readonly waiting: number; readonly threads: number } => {
  const made = holder.burdockHeavy
  return { waiting: made?.queueSize ?? 0, threads: made?.threads.length ?? 0 }
}
