import { jobSchema } from '@/core/model'
import { keepSame } from '@/core/result'
import { planChange } from './asking'
import { planOver } from './planOver'
import type { JobState } from './store'

const ROUNDS = 40

/**
 * Goes through the steps of an edit while the page has nothing to do, on copies that are thrown away: the browser then
 * has them compiled before the first drag, which needs them sixty times a second. Returns what stops it.
 */
export function warmUp(store: () => Pick<JobState, 'history' | 'derived'>): () => void {
  let round = 0
  let before: JobState['derived'] | null = null
  let handle = 0
  const turn = (idle: IdleDeadline) => {
    while (round < ROUNDS && idle.timeRemaining() > 8) {
      const { history, derived } = store()
      const { building } = history.present
      const tried = jobSchema.safeParse({
        ...history.present,
        building: { ...building, heelIn: building.heelIn + ++round / 16 },
      })
      if (!tried.success) continue
      const planned = planChange(tried.data, { posts: derived.posts, omitted: derived.omitted }, {})
      before ??= derived
      if (planned.ok) before = keepSame(before, planOver(before, planned.value.plan))
    }
    if (round < ROUNDS) handle = requestIdleCallback(turn)
  }
  if (typeof requestIdleCallback === 'function') handle = requestIdleCallback(turn)
  return () => {
    if (handle) cancelIdleCallback(handle)
  }
}
