import type { Opening } from '@/core/model'
import type { Issue } from '@/core/result'
import { OPENING } from '@/formats/words'
import type { JobState } from './store'

/** Takes an opening out; undo brings it back. */
export function removeOpening({ edit, pick }: Pick<JobState, 'edit' | 'pick'>, opening: Opening): readonly Issue[] {
  const issues = edit(`remove ${opening.name || OPENING[opening.kind]}`, (job) => ({
    ...job,
    building: { ...job.building, openings: job.building.openings.filter(({ id }) => id !== opening.id) },
  }))
  if (issues.length === 0) pick({ opening: null })
  return issues
}

/** Lets a post that was kept where it stood go back into its row. */
export const releasePost = (
  { edit, derived }: Pick<JobState, 'edit'> & { readonly derived: Pick<JobState['derived'], 'names'> },
  id: string,
): readonly Issue[] =>
  edit(`let ${derived.names[id]} go back to its row`, (job) => ({
    ...job,
    building: {
      ...job.building,
      posts: job.building.posts.map((post) => (post.id === id ? { ...post, pinned: null } : post)),
    },
  }))
