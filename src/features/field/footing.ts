import { type FieldState, type Footing, type HoleNeed, judgeHole } from '@/core/field'
import type { Job } from '@/core/model'
import { cureOf } from './cure'

/** What of a post’s hole the plan and the readings say. */
interface HoleOf {
  readonly post: string
  readonly hasConcrete: boolean
  readonly need: HoleNeed | null
  /** As dug, inches; null where that is not known. */
  readonly depthIn: number | null
}

/** What is known of a post’s footing at a time. */
export function footingOf(
  job: Pick<Job, 'name'>,
  state: FieldState,
  { post, hasConcrete, need, depthIn }: HoleOf,
  now: string,
): Footing {
  const log = state.holes[post]
  const poured = state.pours[post]?.at(-1)
  return {
    hasConcrete,
    verdict: log && need ? judgeHole(need, log, depthIn) : null,
    isDug: depthIn !== null,
    cure: poured ? cureOf(job, state.temps, poured.body.poured, now) : null,
  }
}
