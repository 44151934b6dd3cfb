import type { Building } from '../model'
import { PLY_IN, postSize } from '../wood'
import type { Boards } from './board'
import { boltLengthIn } from './putBeams'
import type { Column } from './column'
import { placeOn, UP } from './line'
import { FREE_END, type Making, putStick } from './make'

/** The cleats at the foot of a post together, as joins name them. */
const cleatsId = ({ id }: Column['post']): string => `${id}-foot-cleats`

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
  const perSide = Math.max(1, Math.round((cleat.widthIn - size.widthIn) / 2 / PLY_IN))
  const upIn = footUpIn + board.depthIn / 2
  for (const [order, side] of ([-1, 1] as const).entries())
    for (let ply = 0; ply < perSide; ply++) {
      const atIn = post.atIn + side * (size.widthIn / 2 + PLY_IN * (ply + 0.5))
      const end = (outwards: number) => placeOn(line, atIn, -size.depthIn / 2 + (outwards * cleat.lengthIn) / 2, upIn)
      putStick(making, {
        id: `${cleatsId(post)}-${order * perSide + ply + 1}`,
        name: `foot cleat ${post.name}.${order * perSide + ply + 1}`,
        kind: 'blocking',
        place: { part: 'main', side: post.side, row: 'foot cleats', order: order * perSide + ply },
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
