import { planJob } from '@/core/derive'
import { jobSchema, type Job } from '@/core/model'
import { keepSame } from '@/core/result'

const ROUNDS = 40

/**
 * Goes through the steps of an edit while the page has nothing to do, on copies that are thrown away: the browser then
 * has them compiled before
 * the first drag, which needs them sixty times a second. Returns what stops it.
 */
export function warmUp(present: () => Job): () => void {
  let round = 0
  let before: unknown = null
  let handle = 0
  const turn = (idle: IdleDeadline) => {
    while (round < ROUNDS && idle.timeRemaining() > 8) {
      const job = present()
      const tried = jobSchema.safeParse({
        ...job,
        building: { ...job.building, heelIn: job.building.heelIn + ++round / 16 },
      })
      const plan = tried.success ? planJob(tried.data) : null
      if (plan?.ok) before = keepSame(before, plan.value)
    }
    if (round < ROUNDS) handle = requestIdleCallback(turn)
  }
  if (typeof requestIdleCallback === 'function') handle = requestIdleCallback(turn)
  return () => {
    if (handle) cancelIdleCallback(handle)
  }
}
