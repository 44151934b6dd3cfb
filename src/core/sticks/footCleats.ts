import type { Building } from '../model'
import { SAME_IN } from '../units'
import { PLY_IN, postSize } from '../wood'
import type { Boards } from './board'
import { boltLengthIn } from './putBeams'
import type { Column } from './column'
import { placeOn, UP } from './line'
import { FREE_END, type Making, putStick } from './make'
import { type Overlap, partOfPost } from './stick'

/** The cleats at the foot of a post together, as joins name them. */
const cleatsId = ({ id }: Column['post']): string => `${id}-foot-cleats`

/** Boards on each side of a post. */
const perSideOf = (cleat: Cleat, widthIn: number): number =>
  Math.max(1, Math.round((cleat.widthIn - widthIn) / 2 / PLY_IN))
type Cleat = NonNullable<Building['cleat']>

/** Half of what something takes up in plan, inches. */
interface Half {
  readonly x: number
  readonly y: number
}
const meets = (a: Column['post'], halfA: Half, b: Column['post'], halfB: Half): boolean =>
  Math.abs(a.x - b.x) < halfA.x + halfB.x - SAME_IN && Math.abs(a.y - b.y) < halfA.y + halfB.y - SAME_IN

/** Posts that stand so close that their cleats meet, or a cleat and the other post. */
export function cleatsThatMeet(building: Building, columns: ReadonlyMap<string, Column>): readonly Overlap[] {
  const { cleat, school } = building
  if (!cleat || school !== 'pad') return []
  const { widthIn } = postSize(building.post)
  const acrossIn = widthIn / 2 + perSideOf(cleat, widthIn) * PLY_IN
  const cleatsHalf = ({ line }: Column): Half =>
    line.along.x === 0 ? { x: cleat.lengthIn / 2, y: acrossIn } : { x: acrossIn, y: cleat.lengthIn / 2 }
  const postHalf = ({ post }: Column): Half => ({ x: post.sizeX / 2, y: post.sizeY / 2 })
  const all = [...columns.values()]
  const overlap = (one: string, other: string): Overlap => ({
    kind: 'cleats of posts side by side',
    sticks: [one, other],
  })
  return all.flatMap((one, i) =>
    all
      .slice(i + 1)
      .flatMap((other): readonly Overlap[] => [
        ...(meets(one.post, cleatsHalf(one), other.post, cleatsHalf(other))
          ? [overlap(cleatsId(one.post), cleatsId(other.post))]
          : []),
        ...(meets(one.post, cleatsHalf(one), other.post, postHalf(other))
          ? [overlap(cleatsId(one.post), other.post.id)]
          : []),
        ...(meets(one.post, postHalf(one), other.post, cleatsHalf(other))
          ? [overlap(one.post.id, cleatsId(other.post))]
          : []),
      ]),
  )
}

/**
 * Cleats bolted to the two sides of a post at its foot, which hold it down by the soil over them: treated boards square to
 * the wall, as many on each side as their width across both asks for.
 */
export function putFootCleats(
  making: Making,
  { building, boards }: { readonly building: Building; readonly boards: Boards },
  { post, line }: Column,
  footUpIn: number,
): void {
  const { cleat, school, joints } = building
  if (!cleat || school !== 'pad') return
  const size = postSize(building.post)
  const board = boards('2x6', building.post.lumber, true)
  const perSide = perSideOf(cleat, size.widthIn)
  const upIn = footUpIn + board.depthIn / 2
  for (const [order, side] of ([-1, 1] as const).entries())
    for (let ply = 0; ply < perSide; ply++) {
      const atIn = post.atIn + side * (size.widthIn / 2 + PLY_IN * (ply + 0.5))
      const end = (outwards: number) => placeOn(line, atIn, -size.depthIn / 2 + (outwards * cleat.lengthIn) / 2, upIn)
      putStick(making, {
        id: `${cleatsId(post)}-${order * perSide + ply + 1}`,
        name: `foot cleat ${post.name}.${order * perSide + ply + 1}`,
        kind: 'blocking',
        place: { part: partOfPost(post), side: post.side, row: 'foot cleats', order: order * perSide + ply },
        of: cleatsId(post),
        board,
        from: end(-1),
        to: end(1),
        up: UP,
        ends: [FREE_END, FREE_END],
      })
    }
  const { diameterIn, count } = joints.collar
  making.joins.push({
    kind: 'cleats to post',
    stick: cleatsId(post),
    to: post.id,
    atIn: cleat.lengthIn / 2,
    upIn,
    fastener: { by: 'bolt', diameterIn, lengthIn: boltLengthIn(size.widthIn + 2 * perSide * PLY_IN) },
    count,
  })
}
