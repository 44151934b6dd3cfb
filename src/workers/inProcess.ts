import { deriveJob, judgePlan, Memory, planJob, told } from '@/core/derive'
import { fixesFor, sizeJob, waysRound } from '@/core/sizing'
import { planCuts } from './cutting'
import type { Cancel, Handlers } from './protocol'

/** What the judge remembers of the job it judged last. */
const memory: Memory = {}
const breath = () => new Promise<void>((resolve) => setTimeout(resolve, 0))
/** Longest stretch of work between two looks at a cancel, ms. */
const STRETCH_MS = 40

/** The calls themselves, without a worker: for tests, for the server, and inside the worker. */
export const handlers: Handlers = {
  judge: async (job) => {
    const plan = planJob(job, memory)
    if (!plan.ok) return plan
    return { ok: true, value: told(judgePlan(job, plan.value, memory)) }
  },
  explain: async ({ job, checkId }) => {
    const result = deriveJob(job, memory)
    const check = result.ok ? result.value.checks.find((check) => check.id === checkId) : undefined
    return check ? { trace: check.trace(), diagram: check.diagram?.() ?? null } : null
  },
  cuts: (request) => planCuts(request),
  ways: async (job) => waysRound(job),
  fixes: async ({ job, checkId }) => fixesFor(job, checkId),
  size: async (job, cancel: Cancel, tell) => {
    const run = sizeJob(job)
    let since = performance.now()
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value
      tell(step.value)
      if (performance.now() - since > STRETCH_MS) {
        await breath()
        since = performance.now()
      }
      if (cancel.aborted) return null
    }
  },
}
