import type { Post } from '../layout'
import type { Building } from '../model'
import { item } from '../result'

/** Two posts, by id, in any order. */
type Pair = readonly [string, string]

const isPair = (pairs: readonly Pair[], one: string, other: string): boolean =>
  pairs.some(([a, b]) => (a === one && b === other) || (a === other && b === one))

/**
 * Distance from each post to the nearest other that has a hole of its own, center to center, inches, by id; none for a
 * post that stands alone. Two on one common footing do not share the soil beside them.
 */
export function nearestHoleIn(
  posts: readonly Post[],
  { sharedFootings }: Pick<Building, 'sharedFootings'>,
): ReadonlyMap<string, number> {
  const nearest = new Map<string, number>()
  const take = (id: string, farIn: number) => nearest.set(id, Math.min(nearest.get(id) ?? farIn, farIn))
  for (let i = 0; i < posts.length; i++)
    for (let j = i + 1; j < posts.length; j++) {
      const [one, other] = [item(posts, i), item(posts, j)]
      if (isPair(sharedFootings, one.id, other.id)) continue
      const farIn = Math.hypot(one.x - other.x, one.y - other.y)
      take(one.id, farIn)
      take(other.id, farIn)
    }
  return nearest
}
