import type { Side } from '@/core/model'
import type { ColumnHead } from '@/core/sticks'
import { fixed } from '@/core/units'

/** The wall at the low or the high end of an eave: trusses stand on eave posts alone. */
export const endWall = (side: 'low' | 'high', wallNames: Readonly<Record<Side, string>>): string =>
  wallNames[side === 'low' ? 'west' : 'east'].toLowerCase()

/** What is cut and bored at the head of a post, line by line; `write` writes a length of less than a foot or two. */
export function headWords(
  head: ColumnHead,
  wallNames: Readonly<Record<Side, string>>,
  write: (lengthIn: number) => string,
): readonly string[] {
  const { pocketIn, notches, leftIn, trussNotch, boltsIn, block, bevelDeg } = head
  const places = [...new Set(boltsIn.map(write))]
  const notch = notches.map(({ depthIn, face }) => `${write(depthIn)} ${face}`).join(', ')
  return [
    ...(pocketIn > 0 ? [`pocket ${write(pocketIn)}, inner ply stops at the seat`] : []),
    ...(trussNotch
      ? [`notch ${write(trussNotch.depthIn)} from seat to top toward the ${endWall(trussNotch.side, wallNames)}`]
      : []),
    ...(leftIn === null ? [] : [`notch ${notch}; ${write(leftIn)} left behind it`]),
    ...(boltsIn.length > 0 ? [`${boltsIn.length} bolts, ${places.join(', ')} above the seat`] : []),
    ...(block ? [`block ${write(block.lengthIn)} inside under the truss, ${block.nails} nails`] : []),
    ...(bevelDeg > 0 ? [`top sawn ${fixed(bevelDeg, 1)} degrees off square to the roof`] : []),
  ]
}
