import type { Job } from '../model'
import type { Issue } from '../result'
import { issue } from '../result'
import { layOutGrid, placePosts } from '../layout'

/** Contradictions of a job whose fields are each in range: what no building can be. Empty when the job can be built on paper. */
export function checkJob(job: Job): Issue[] {
  const b = job.building
  const grid = layOutGrid(b)
  if (!grid.ok) return [...grid.issues]
  const issues = [...placePosts(b, grid.value).issues]
  if (b.skirt.topIn >= b.heelIn) issues.push(issue('skirt-over-heel', ['building', 'skirt', 'topIn']))
  return issues
}
