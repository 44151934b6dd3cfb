import type { MessagePort } from 'node:worker_threads'
import type { Result } from '@/core/result'
import { runTask, type Task } from './tasks'

/** Least time between two words about progress, ms. */
const WORD_MS = 100

/** What a thread of the pool does: makes one paper, and tells now and then how much of it is drawn. */
export default async function work({
  task,
  port,
}: {
  readonly task: Task
  readonly port: MessagePort
}): Promise<Result<Uint8Array>> {
  let told = 0
  const made = await runTask(task, (share) => {
    const now = performance.now()
    if (now - told < WORD_MS) return
    told = now
    port.postMessage(share)
  })
  port.close()
  return made
}
