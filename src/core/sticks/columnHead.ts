import type { Building } from '../model'
import { postSize } from '../wood'
import { type Column, tongueIn } from './column'

/** What is cut and bored at the head of a post besides its length: the same wherever its foot is found. Inches. */
export interface ColumnHead {
  /** Depth of the pocket in which a truss stands; 0 where it has none. */
  readonly pocketIn: number
  /** Notches for beams, by their face, and the wood that they leave; null where there are none. */
  readonly notches: readonly { readonly face: 'outside' | 'inside'; readonly depthIn: number }[]
  readonly leftIn: number | null
  /** Wood taken out beside the truss from the seat to the top, toward the low or the high end of the wall. */
  readonly trussNotch: { readonly side: 'low' | 'high'; readonly depthIn: number; readonly highIn: number } | null
  /** Each bolt above the seat. */
  readonly boltsIn: readonly number[]
  readonly block: { readonly lengthIn: number; readonly nails: number } | null
  /** How far off square the top is sawn to the roof, degrees. */
  readonly bevelDeg: number
}

/** Reads the head off the shape of a column. */
export function columnHead({ post }: Pick<Building, 'post'>, column: Column): ColumnHead {
  const { notches, trussNotch, pocketPlies, topUpIn, seatUpIn, bolts, block, bevelDeg } = column
  return {
    pocketIn: pocketPlies.length > 0 ? topUpIn - seatUpIn : 0,
    notches: notches.map(({ face, depthIn }) => ({ face, depthIn })),
    leftIn: notches.length > 0 ? tongueIn(column, postSize(post).depthIn) : null,
    trussNotch: trussNotch && {
      side: trussNotch.side,
      depthIn: trussNotch.depthIn,
      highIn: trussNotch.toUpIn - trussNotch.fromUpIn,
    },
    boltsIn: bolts.map(({ aboveSeatIn }) => aboveSeatIn),
    block: block && { lengthIn: block.lengthIn, nails: block.nails },
    bevelDeg,
  }
}
