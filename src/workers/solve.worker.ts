import { changesOf } from '@/core/result'
import { handlers } from './inProcess'
import type { FromWorker, ToWorker } from './protocol'

const running = new Map<number, { aborted: boolean }>()
/** The judgement last sent: the next one goes as what differs from it. */
let judged: unknown
const post = (m: FromWorker) => self.postMessage(m)

self.onmessage = (e: MessageEvent<ToWorker>) => {
  const m = e.data
  if ('cancel' in m) {
    const c = running.get(m.cancel)
    if (c) c.aborted = true
    return
  }
  const cancel = { aborted: false }
  running.set(m.id, cancel)
  // Each call's request and answer are typed by the protocol; here only names pass.
  const call = handlers[m.call] as (
    request: unknown,
    cancel: { aborted: boolean },
    tell: (p: { done: number; of: number; saying: string }) => void,
  ) => Promise<unknown>
  call(m.request, cancel, (progress) => post({ id: m.id, progress }))
    .then((answer) => {
      if (m.call !== 'judge') {
        post({ id: m.id, answer })
        return
      }
      const changes = changesOf(judged, answer)
      judged = answer
      post({ id: m.id, changes })
    })
    .catch((fault: unknown) => post({ id: m.id, fault: fault instanceof Error ? fault.message : String(fault) }))
    .finally(() => running.delete(m.id))
}
