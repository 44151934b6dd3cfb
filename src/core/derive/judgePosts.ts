import type { SolvedFrame } from '../frame'
import type { Post } from '../layout'
import { editionData } from '../loads'
import type { Job } from '../model'
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
): { readonly checks: Check[]; readonly ratios: Readonly<Record<string, number>> } {
  const { building } = job
  const { demands, lateral, holes } = frame
  const basis = columnBasis(building, lateral, gapIn)
  const { combinations } = editionData(job.site.edition)
  const checks: Check[] = []
  const ratios: Record<string, number> = {}
  for (const hole of holes) {
    const worked = workPosts({ hole, posts, demands, lateral, basis, building, combinations })
    if (worked?.kind === 'worked') Object.assign(ratios, worked.ratios)
    checks.push(...checksOf(RULES.post, { hole, building, lateral, demands, worked }))
  }
  return { checks, ratios }
}
