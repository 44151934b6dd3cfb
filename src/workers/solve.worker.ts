import '@/devices/noEval'
import { changesOf } from '@/core/result'
import { handlers } from './inProcess'
import type { FromWorker, ToWorker } from './protocol'

const running = new Map<number, { aborted: boolean }>()
/** The judgement last sent: the next one goes as what differs from it. */
let judged: unknown
const post = (fromWorker: FromWorker) => self.postMessage(fromWorker)

self.onmessage = (event: MessageEvent<ToWorker>) => {
  const data = event.data
  if ('cancel' in data) {
    const cancel = running.get(data.cancel)
    if (cancel) cancel.aborted = true
    return
  }
  const cancel = { aborted: false }
  running.set(data.id, cancel)
  // Each call's request and answer are typed by the protocol; here only names pass.
  const call = handlers[data.call] as (
    request: unknown,
    cancel: { aborted: boolean },
    tell: (progress: { done: number; of: number; saying: string }) => void,
  ) => Promise<unknown>
  call(data.request, cancel, (progress) => post({ id: data.id, progress }))
    .then((answer) => {
      if (data.call !== 'judge') {
        post({ id: data.id, answer })
        return
      }
      const changes = changesOf(judged, answer)
      judged = answer
      post({ id: data.id, changes })
    })
    .catch((fault: unknown) => post({ id: data.id, fault: fault instanceof Error ? fault.message : String(fault) }))
    .finally(() => running.delete(data.id))
}
