import type { Job } from '../model'
import type { Issue } from '../result'
import { issue } from '../result'
import { layOutGrid, placePosts } from '../layout'

/**
 * Contradictions of a job whose fields are each in range: what no building can be. Empty when the job can be built on
 * paper.
 */
export function checkJob(job: Job): Issue[] {
  const building = job.building
  const grid = layOutGrid(building)
  if (!grid.ok) return [...grid.issues]
  const issues = [...placePosts(building, grid.value).issues]
  if (building.skirt.topIn >= building.heelIn) issues.push(issue('skirt-over-heel', ['building', 'skirt', 'topIn']))
  return issues
}
