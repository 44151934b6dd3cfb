import { deriveJob, type Memory, sameLoads } from '@/core/derive'
import type { Job } from '@/core/model'
import { told, type ShownDerived, type ToldJudgement } from '@/formats/shown'
import { ask } from '@/workers/client'

/** While edits follow each other, a judgement begins no sooner after the one before, ms: drawing comes first. */
const JUDGE_EVERY_MS = 160

/** What the judging reads of the store, and where it puts what comes out. */
interface Judged {
  readonly present: () => Job
  readonly judged: () => Job
  readonly setJudged: (job: Job) => void
  readonly show: (part: Partial<ShownDerived>) => void
  readonly memory: Memory
}

/** The judgement of a job: by the worker, or here where the worker does not answer; null where nothing can be judged. */
async function judgement(job: Job, memory: Memory): Promise<ToldJudgement | null> {
  const answer = await ask('judge', job).answer.catch(() => null)
  if (answer) return answer.ok ? answer.value : null
  const here = deriveJob(job, memory)
  return here.ok ? told(here.value, here.value.wallNames) : null
}

/** Judges the newest document beside the interface; edits that come meanwhile are judged together at the end. */
export function judging(store: Judged): () => Promise<void> {
  let busy = false
  const once = async () => {
    const job = store.present()
    if (sameLoads(store.judged(), job)) return store.setJudged(job)
    const began = performance.now()
    const found = await judgement(job, store.memory)
    // A newer plan may stand by now: the judgement is laid under it and judged again in the next turn.
    if (found) {
      const { checks, tally, lateral, site, demands } = found
      store.show(job === store.present() ? found : { checks, tally, lateral, site, demands })
    }
    store.setJudged(job)
    // For the bench: how long an edit waited for its judgement to be in the store. Only the last is kept.
    performance.clearMeasures('judged')
    performance.measure('judged', { start: began })
    const early = JUDGE_EVERY_MS - (performance.now() - began)
    if (early > 0 && job !== store.present()) await new Promise((resolve) => setTimeout(resolve, early))
  }
  return async () => {
    if (busy) return
    busy = true
    while (store.judged() !== store.present()) await once()
    busy = false
  }
}
