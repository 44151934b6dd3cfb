import { alongWall, type Grid, placeOpening, type Post, type PostLayout, wallPosts } from '../layout'
import type { Building } from '../model'

/** Half of the weight of each door on the posts nearest to its two edges, lb, by id. */
export function doorWeightsLb(building: Building, grid: Grid, layout: PostLayout): ReadonlyMap<string, number> {
  const weights = new Map<string, number>()
  for (const opening of building.openings) {
    const { weightLb, side } = opening
    if (weightLb === null) continue
    const row = wallPosts(layout.posts, side)
    const { fromIn, toIn } = placeOpening(opening, grid)
    for (const edgeIn of [fromIn, toIn]) {
      const off = (post: Post) => Math.abs(alongWall(post, side).atIn - edgeIn)
      const { id } = row.reduce((best, post) => (off(post) < off(best) ? post : best))
      weights.set(id, (weights.get(id) ?? 0) + weightLb / 2)
    }
  }
  return weights
}
