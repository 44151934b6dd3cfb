import type { JobState } from '../../job'
import type { usePlanDrag } from '../usePlanDrag'

/** What lets a mark of the plan be dragged and nudged. The same object for as long as the scale stays. */
export type Grab = Omit<ReturnType<typeof usePlanDrag>, 'live'>
export type Pick = JobState['pick']
