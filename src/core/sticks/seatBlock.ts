import type { Building } from '../model'
import { PLY_IN, postSize } from '../wood'
import type { Boards } from './board'
import type { Column } from './column'
import { placeOn, towards } from './line'
import { FREE_END, type Making, putStick } from './make'

/** The bearing block of a post. */
export const seatBlockId = ({ id }: { readonly id: string }): string => `${id}-block`

/** The bearing block of a column that has one: upright on its inner face, under the truss, nailed to the post. */
export function putSeatBlock(
  making: Making,
  { building, boards }: { readonly building: Building; readonly boards: Boards },
  { post, line, block, seatUpIn }: Column,
): void {
  if (!block) return
  const outIn = -postSize(building.post).depthIn - PLY_IN / 2
  const at = (upIn: number) => placeOn(line, post.atIn + block.offIn, outIn, upIn)
  const stick = putStick(making, {
    id: seatBlockId(post),
    name: `bearing block ${post.name}`,
    kind: 'blocking',
    place: { part: 'main', side: post.side, row: 'bearing blocks', order: post.line ?? 0 },
    board: boards('2x4', building.post.lumber),
    from: at(seatUpIn - block.lengthIn),
    to: at(seatUpIn),
    up: towards(line, 1, 0, 0),
    ends: [FREE_END, FREE_END],
  })
  making.joins.push({
    kind: 'bearing block to post',
    stick: stick.id,
    to: post.id,
    atIn: block.lengthIn,
    upIn: seatUpIn,
    fastener: { by: 'nail', nail: building.joints.girt.nail },
    count: block.nails,
  })
}
