import type { SolvedFrame } from '../frame'
import type { Post } from '../layout'
import { editionData } from '../loads'
import type { Job } from '../model'
import { ratioOfUse } from '../result'
import { type Check, checksOf, RULES } from '../rules'
import { columnBasis } from '../rules/post/basis'
import { workPosts } from '../rules/post/worked'

/**
 * Bending, shear and sag of the posts of every kind, and the worst ratio of each post. `gapIn` is the widest space
 * between the girts that hold them.
 */
export function judgePosts(
  job: Job,
  frame: SolvedFrame,
  posts: ReadonlyMap<string, Post>,
  gapIn: number,
): { readonly checks: Check[]; readonly ratios: Readonly<Record<string, number | null>> } {
  const { building } = job
  const { demands, lateral, holes } = frame
  const basis = columnBasis(building, lateral, gapIn)
  const { combinations } = editionData(job.site.edition)
  const checks: Check[] = []
  const ratios: Record<string, number | null> = {}
  for (const hole of holes) {
    const worked = workPosts({ hole, posts, demands, lateral, basis, building, combinations })
    if (worked?.kind === 'worked')
      for (const [postId, use] of Object.entries(worked.uses)) ratios[postId] = ratioOfUse(use)
    if (worked?.kind === 'falls') for (const postId of worked.postIds) ratios[postId] = null
    checks.push(...checksOf(RULES.post, { hole, building, lateral, demands, worked }))
  }
  return { checks, ratios }
}
