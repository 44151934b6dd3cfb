import { wallNames } from '@/core/layout'
import { metInWords, reportInWords } from '@/formats/shown'
import { traceOf } from '@/formats/words/checks'
import { deriveJob, judgePlan, Memory, planJob } from '@/core/derive'
import { told } from '@/formats/shown'
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
    return { ok: true, value: told(judgePlan(job, plan.value, memory), plan.value.wallNames) }
  },
  explain: async ({ job, checkId }) => {
    const result = deriveJob(job, memory)
    if (!result.ok) return null
    const check = result.value.checks.find((check) => check.id === checkId)
    return check ? { trace: traceOf(check, result.value.wallNames), diagram: check.diagram?.() ?? null } : null
  },
  cuts: (request) => planCuts(request),
  ways: async (job) => waysRound(job).map((met) => metInWords(met, wallNames(job.site.northDeg))),
  fixes: async ({ job, checkId }) => fixesFor(job, checkId),
  size: async (job, cancel: Cancel, tell) => {
    const run = sizeJob(job)
    let since = performance.now()
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return reportInWords(step.value, wallNames(job.site.northDeg))
      tell(step.value)
      if (performance.now() - since > STRETCH_MS) {
        await breath()
        since = performance.now()
      }
      if (cancel.aborted) return null
    }
  },
}
