import { withChanges } from '@/core/result'
import { handlers } from './inProcess'
import type { CallName, Calls, FromWorker, Progress } from './protocol'

interface Waiting {
  readonly resolve: (value: never) => void
  readonly reject: (error: Error) => void
  readonly tell?: (progress: Progress) => void
}

/** A call under way: its answer (null when cancelled) and a way to stop it. */
export interface Running<T> {
  readonly answer: Promise<T | null>
  readonly cancel: () => void
}

let ids = 0
class Bench {
  private worker: Worker | null
  private readonly waiting = new Map<number, Waiting>()
  /** The judgement last heard: the next one says only what differs. */
  private heard: unknown
  constructor() {
    let made: Worker | null = null
    try {
      made =
        typeof Worker === 'undefined'
          ? null
          : new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' })
    } catch {
      made = null
    }
    this.worker = made
    if (!made) return
    made.onmessage = (event: MessageEvent<FromWorker>) => {
      const data = event.data
      if ('changes' in data) this.heard = withChanges(this.heard, data.changes)
      const waiting = this.waiting.get(data.id)
      if (!waiting) return
      if ('progress' in data) {
        waiting.tell?.(data.progress)
        return
      }
      this.waiting.delete(data.id)
      if ('fault' in data) waiting.reject(new Error(data.fault))
      else waiting.resolve(('changes' in data ? this.heard : data.answer) as never)
    }
    // A worker that broke or was never loaded is not asked again: calls run here instead, slower but answered.
    made.onerror = () => {
      this.worker = null
      made.terminate()
      for (const waiting of this.waiting.values()) waiting.reject(new Error('the worker stopped'))
      this.waiting.clear()
    }
  }
  run<K extends CallName>(call: K, request: Calls[K][0], tell?: (progress: Progress) => void): Running<Calls[K][1]> {
    const worker = this.worker
    if (!worker) {
      const cancel = { aborted: false }
      return {
        answer: handlers[call](request, cancel, tell ?? (() => undefined)),
        cancel: () => {
          cancel.aborted = true
        },
      }
    }
    const id = ++ids
    const answer = new Promise<Calls[K][1] | null>((resolve, reject) => {
      this.waiting.set(id, { resolve, reject, ...(tell ? { tell } : {}) })
    })
    worker.postMessage({ id, call, request })
    return {
      answer,
      cancel: () => {
        worker.postMessage({ cancel: id })
        this.waiting.get(id)?.resolve(null as never)
        this.waiting.delete(id)
      },
    }
  }
}

let judging: Bench | null = null
let searching: Bench | null = null
/** Runs a call beside the interface. Judging has a worker to itself, so that a long search never holds up an edit. */
export function ask<K extends CallName>(
  call: K,
  request: Calls[K][0],
  tell?: (progress: Progress) => void,
): Running<Calls[K][1]> {
  if (call === 'judge' || call === 'explain') {
    judging ??= new Bench()
    return judging.run(call, request, tell)
  }
  searching ??= new Bench()
  return searching.run(call, request, tell)
}
