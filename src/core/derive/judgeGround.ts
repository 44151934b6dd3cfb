import type { HoleKind } from '../frame'
import type { Post } from '../layout'
import type { Job } from '../model'
import { type Check, checksOf, RULES } from '../rules'
import type { PostGround } from '../rules/hole/lowestGround'
import { BESIDE_IN, lowestNear, type Surface, surfaceOf } from '../terrain'

/** The surface of a job's typed spot heights; null with fewer than three. */
export const surfaceOfJob = (job: Job): Surface | null =>
  surfaceOf(job.ground.spots.flatMap((spot) => (spot.heightIn === null ? [] : [{ ...spot, heightIn: spot.heightIn }])))

/** The ground at every post. Null where no surface is known: the ground is then taken as level at the grade line. */
export function groundAtPosts(
  surface: Surface | null,
  posts: readonly Post[],
): Readonly<Record<string, PostGround>> | null {
  if (!surface) return null
  const groundAt = (post: Post): PostGround => {
    const { heightIn, inside } = surface.at(post.x, post.y)
    return { groundIn: heightIn, lowestIn: lowestNear(surface, post.x, post.y, BESIDE_IN), inside }
  }
  return Object.fromEntries(posts.map((post) => [post.id, groundAt(post)]))
}

/** Depth kept below the lowest ground beside each post, and ground too steep for what is sized here. */
export function judgeGround({
  job,
  holes,
  names,
  ground,
  steepestPer12,
}: {
  readonly job: Job
  readonly holes: readonly HoleKind[]
  readonly names: Readonly<Record<string, string>>
  readonly ground: Readonly<Record<string, PostGround>> | null
  readonly steepestPer12: number
}): Check[] {
  if (!ground) return []
  const padIn = job.building.school === 'pier' ? 0 : job.building.padThicknessIn
  return [
    ...holes.flatMap((hole) => checksOf(RULES.ground, { hole, names, ground, frostIn: job.site.frostIn, padIn })),
    ...checksOf(RULES.steepGround, { steepestPer12 }),
  ]
}
