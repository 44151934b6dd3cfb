import type { Vector } from '../geometry'
import type { Grid } from '../layout'
import type { Building } from '../model'
import { pitchRadians } from '../units'
import { postSize } from '../wood'
import { trussOffIn } from './column'
import { placeOn, type Line, type Support, towards, wallLine } from './line'
import type { PartId } from './stick'

/**
 * One slope of a roof: the plane on which its purlins lie. Places are said along its low edge, up its slope from there,
 * and square off it.
 */
export interface Slope {
  readonly id: string
  readonly part: PartId
  readonly side: 'south' | 'north'
  /** Middle of nothing: where its low edge crosses the zero of its line, and its three directions. */
  readonly from: Vector
  readonly along: Vector
  readonly up: Vector
  readonly off: Vector
  readonly lengthIn: number
  /** The roof along its low edge, overhangs included. */
  readonly fromIn: number
  readonly toIn: number
  /** Trusses or rafters that carry what lies on it. */
  readonly supports: readonly Support[]
  /** Half of what stands at a support on a row so far up: the support, or a post or cleats beside it. */
  readonly halfIn: (support: Support, placeIn: number) => number
}

/** A place of a slope in the job's space. */
export const placeOnSlope = ({ from, along, up, off }: Slope, alongIn: number, upIn: number, offIn: number): Vector => [
  from[0] + along[0] * alongIn + up[0] * upIn + off[0] * offIn,
  from[1] + along[1] * alongIn + up[1] * upIn + off[1] * offIn,
  from[2] + along[2] * alongIn + up[2] * upIn + off[2] * offIn,
]

/** A slope that falls to the outside of a line: its low edge `outIn` out and `lowUpIn` up. */
export function slopeOn(
  line: Line,
  { pitchPer12, outIn, lowUpIn }: { readonly pitchPer12: number; readonly outIn: number; readonly lowUpIn: number },
): Pick<Slope, 'from' | 'along' | 'up' | 'off'> {
  const angle = pitchRadians(pitchPer12)
  return {
    from: placeOn(line, 0, outIn, lowUpIn),
    along: towards(line, 1, 0, 0),
    up: towards(line, 0, -Math.cos(angle), Math.sin(angle)),
    off: towards(line, 0, Math.sin(angle), Math.cos(angle)),
  }
}

/** The two slopes of the main roof, on the top chords of its trusses. */
export function mainSlopes(
  building: Building,
  grid: Grid,
  supports: readonly Support[],
  overhangs: Readonly<Record<'south' | 'north', number>>,
): readonly Slope[] {
  const { heelIn, gableOverhangIn, pitchPer12, roof } = building
  const angle = pitchRadians(pitchPer12)
  const { widthIn, depthIn } = postSize(building.post)
  const postHalfIn = roof.truss.set === 'posts' ? widthIn / 2 + Math.abs(trussOffIn(building, 1)) : 0
  return (['south', 'north'] as const).map((side) => ({
    id: `roof-${side}`,
    part: 'main',
    side,
    ...slopeOn(wallLine(grid, side), {
      pitchPer12,
      outIn: overhangs[side],
      lowUpIn: heelIn + roof.truss.heelDepthIn - overhangs[side] * Math.tan(angle),
    }),
    lengthIn: (grid.widthIn / 2 + overhangs[side]) / Math.cos(angle),
    fromIn: -gableOverhangIn,
    toIn: grid.lengthIn + gableOverhangIn,
    supports,
    // The plies of the posts go on beside the trusses, as far in as the posts are deep.
    halfIn: ({ halfIn }, placeIn) =>
      placeIn * Math.cos(angle) - overhangs[side] < depthIn ? Math.max(halfIn, postHalfIn) : halfIn,
  }))
}
