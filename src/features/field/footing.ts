import { type FieldState, type Footing, footingOf as footingIn, type HoleOf } from '@/core/field'
import type { Job } from '@/core/model'
import { cureOf } from './cure'

/** What is known of a post’s footing at a time, by the temperatures of its days. */
export const footingOf = (job: Pick<Job, 'name'>, state: FieldState, hole: HoleOf, now: string): Footing =>
  footingIn(state, hole, (poured) => cureOf(job, state.temps, poured, now))
