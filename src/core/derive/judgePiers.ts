import { type BraceLine, shearLengthFt, shearStrips, type SolvedFrame, wallShearLb } from '../frame'
import { type Grid, named, type Post, tributariesIn, wallPosts } from '../layout'
import { WIND_ASD } from '../loads'
import { type Building, type Side, SIDES } from '../model'
import { entryOf } from '../result'
import { type Check, checksOf, RULES } from '../rules'
import type { OnBracket } from '../rules/pier/case'
import { IN_PER_FT } from '../units'

/** Share of the dead load that counts against wind at strength level (ASCE 7-16 2.3.1 (5)). */
const DEAD_AT_STRENGTH = 0.9

interface PiersOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly frame: SolvedFrame
  readonly lines: readonly BraceLine[]
}

/** Shear in the plane of one wall that each of its posts passes to its bracket, lb, by id. */
function alongLb({ building, grid, posts, frame, lines }: PiersOf, side: Side): ReadonlyMap<string, number> {
  const shearLb = wallShearLb(frame.lateral)[side]
  const brace = lines.find((line) => line.side === side)
  if (brace) return new Map(wallPosts(posts, side).map(({ id }) => [id, shearLb / brace.bays]))
  const feet = shearLengthFt(shearStrips(building, grid, side))
  const plf = feet > 0 ? shearLb / feet : 0
  return new Map(
    [...tributariesIn(posts, side, grid)].map(([id, widthIn]) => [id, (plf * widthIn) / IN_PER_FT] as const),
  )
}

/** Brackets, anchors and steel of piers under the posts that ask for most. */
export function judgePiers(of: PiersOf): Check[] {
  const { building, posts, frame } = of
  if (building.school !== 'pier') return []
  const along = SIDES.map((side) => alongLb(of, side))
  const onBrackets = posts.map((post): OnBracket => {
    const demand = entryOf(frame.demands, post.id)
    const cases = frame.lateral.cases[post.id] ?? []
    return {
      post: named(post),
      upLb: demand.upliftLb + demand.wallPushLb,
      strengthUpLb: demand.windUpLb - DEAD_AT_STRENGTH * demand.deadMinLb + demand.wallPushLb / WIND_ASD,
      acrossLb: cases.reduce((most, { shearLb }) => Math.max(most, Math.abs(shearLb)), 0),
      alongLb: along.reduce((most, wall) => Math.max(most, wall.get(post.id) ?? 0), 0),
    }
  })
  return checksOf(RULES.pier, { pier: building.pier, posts: onBrackets })
}
