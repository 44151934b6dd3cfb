import { alongWall, type Grid, type Post, wallPosts } from '../layout'
import { type Building, type Side, SIDES } from '../model'
import { IN_PER_FT } from '../units'
import { braceLines, wallShearLb } from './braceLines'
import { gravityOf, type PostDemand } from './demands'
import type { Lateral } from './lateral'
import { shearLengthFt, type ShearStrip, shearStrips } from './shearStrips'

/** A strip of wall that works in shear, and the posts at its ends. */
export interface StripBetween {
  readonly strip: ShearStrip
  readonly ends: readonly [Post, Post]
}

/** What the walls of a building are braced by. */
interface WallsOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
}

/** The strips of one wall with the post that stands nearest to each of their ends. */
export function stripsBetween({ building, grid, posts }: WallsOf, side: Side): readonly StripBetween[] {
  const row = wallPosts(posts, side)
  const nearest = (atIn: number): Post => {
    const off = (post: Post) => Math.abs(alongWall(post, side).atIn - atIn)
    return row.reduce((best, each) => (off(each) < off(best) ? each : best))
  }
  return shearStrips(building, grid, side).map((strip) => ({
    strip,
    ends: [nearest(strip.fromIn), nearest(strip.toIn)],
  }))
}

/** What shear in a strip pulls at its ends with, lb: v·share·h, where the wall takes `plf` over all that works of it. */
export const stripPullLb = ({ share }: ShearStrip, plf: number, heightIn: number): number =>
  (plf * share * heightIn) / IN_PER_FT

/**
 * What wind in the plane of the walls lifts each post by, lb, by id: the pull at the ends of strips of skin, or the
 * couple of braced bays. A corner post takes the worse of its two walls: the wind blows one way at a time.
 */
export function wallCouplesLb(of: WallsOf, lateral: Lateral): ReadonlyMap<string, number> {
  const { building, grid, posts } = of
  const couples = new Map<string, number>()
  const lift = ({ id }: Post, lb: number) => couples.set(id, Math.max(couples.get(id) ?? 0, lb))
  const braces = braceLines(building, grid, lateral, posts)
  for (const { side, coupleLb } of braces) for (const post of wallPosts(posts, side)) lift(post, coupleLb)
  if (braces.length > 0) return couples
  const shear = wallShearLb(lateral)
  for (const side of SIDES) {
    const strips = stripsBetween(of, side)
    const feet = shearLengthFt(strips.map(({ strip }) => strip))
    if (feet <= 0) continue
    for (const { strip, ends } of strips)
      for (const post of ends) lift(post, stripPullLb(strip, shear[side] / feet, building.heelIn))
  }
  return couples
}

/** The same demands where wind in the plane of walls works some posts besides, lb in service by id. */
export function pressedByWalls(
  demands: Readonly<Record<string, PostDemand>>,
  couplesLb: ReadonlyMap<string, number>,
): Record<string, PostDemand> {
  const pressed: Record<string, PostDemand> = { ...demands }
  for (const [id, wallPushLb] of couplesLb) {
    const demand = demands[id]
    if (demand && wallPushLb > 0) pressed[id] = { ...demand, wallPushLb, ...gravityOf(demand, wallPushLb) }
  }
  return pressed
}
