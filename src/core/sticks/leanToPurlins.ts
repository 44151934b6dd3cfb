import { onWall } from '../layout'
import { pitchRadians, ROUNDING } from '../units'
import { boardSize, PLY_IN, postSize } from '../wood'
import { CLEAT_IN, type LeanToRoof, topIn } from './leanToRoof'
import { type Slope, slopeOn } from './slope'

/** Rafters further apart than this carry purlins; nearer ones carry the skin themselves, inches. */
const SKIN_SPANS_IN = 30
/** First row above the edge of the tails, and the room that a screw gun needs from the wall, on the slope, inches. */
const FIRST_ROW_IN = 3
const WALL_CLEAR_IN = 3

/** How the top row of a lean-to's purlins is kept off its wall, so that the leg of the flashing can be screwed. */
export interface FlashingGap {
  /** From the posts of the wall to the upper edge of the top purlin, on the slope. */
  readonly clearIn: number
  /** Least leg of the flashing down the roof from the skin of the wall: to the purlin’s middle and an inch of edge. */
  readonly legIn: number
}
const FLASHING_EDGE_IN = 1

/** Places of the rows of a lean-to's purlins, up its slope from the tails: equal, the last clear of the wall. */
export function leanToPurlinPlaces(roof: LeanToRoof): readonly number[] {
  const { building, leanTo } = roof
  const { spaceIn: rafterSpaceIn } = leanTo.rafter
  if (rafterSpaceIn !== null && rafterSpaceIn <= SKIN_SPANS_IN) return []
  const { purlins } = building.roof
  const wideIn = purlins.style === 'flat' ? boardSize(purlins.size).dIn : PLY_IN
  const lastIn = slopeLengthOf(roof) - flashingGap(roof).clearIn - wideIn
  const runIn = lastIn - FIRST_ROW_IN
  if (runIn <= 0) return [FIRST_ROW_IN]
  const spaces = Math.max(1, Math.ceil(runIn / purlins.spaceIn - ROUNDING))
  return Array.from({ length: spaces + 1 }, (_, k) => FIRST_ROW_IN + (runIn * k) / spaces)
}

/** The gap of the flashing of a lean-to with purlins. */
export function flashingGap({ building, leanTo, rafters, angle }: LeanToRoof): FlashingGap {
  const { purlins } = building.roof
  const { girts } = onWall(building, leanTo.side)
  const wideIn = purlins.style === 'flat' ? boardSize(purlins.size).dIn : PLY_IN
  const girtsIn = girts.style === 'between' ? 0 : PLY_IN * girts.plies
  // No nearer to the wall than the rafters begin; hung between them, clear of the ledger besides.
  const beginsIn = Math.max(...rafters.map(({ highOutIn }) => highOutIn + leanTo.depthIn)) / Math.cos(angle)
  const roomIn = WALL_CLEAR_IN + girtsIn / Math.cos(angle)
  const clearIn = Math.max(roomIn, beginsIn + (purlins.style === 'between' ? WALL_CLEAR_IN : 0))
  return { clearIn, legIn: clearIn - girtsIn / Math.cos(angle) + wideIn / 2 + FLASHING_EDGE_IN }
}

/** Length of the slope from the ends of the tails to the wall, inches. */
const slopeLengthOf = ({ tailOutIn, leanTo, angle }: LeanToRoof): number =>
  (tailOutIn + leanTo.depthIn) / Math.cos(angle)

/** The slope on which a lean-to's purlins lie. */
export function leanToSlope(roof: LeanToRoof): Slope {
  const { building, grid, leanTo, line, part, rafters, tailOutIn, angle } = roof
  return {
    id: `roof-${part}`,
    part,
    side: leanTo.side,
    ...slopeOn(line, { pitchPer12: leanTo.pitchPer12, outIn: tailOutIn, lowUpIn: topIn(roof, tailOutIn) }),
    lengthIn: slopeLengthOf(roof),
    fromIn: -building.gableOverhangIn,
    toIn: grid.lengthIn + building.gableOverhangIn,
    supports: rafters,
    // The cleats stand beside the rafters as far as they reach from the wall.
    halfIn: (support, placeIn) => {
      const fromWallIn = slopeLengthOf(roof) - placeIn
      const cleated = rafters.some(({ id, post }) => id === support.id && post !== null)
      return cleated && fromWallIn < CLEAT_IN / Math.cos(angle)
        ? postSize(building.post).widthIn / 2 + PLY_IN
        : support.halfIn
    },
  }
}

/** Depth of the main roof's tail and fascia under the plane of its purlins, inches: what hangs down at its edge. */
const HANGS_IN = 6

/**
 * How far the main roof reaches over the wall of a lean-to, inches: its overhang, or nothing where the lean-to's own
 * roof comes up into it; the trusses then have no tails on that side.
 */
export function overhangOver(roof: LeanToRoof): number {
  const { building, leanTo } = roof
  const { eaveOverhangIn, heelIn, pitchPer12 } = building
  const edgeUpIn =
    heelIn + building.roof.truss.heelDepthIn - eaveOverhangIn * Math.tan(pitchRadians(pitchPer12)) - HANGS_IN
  const purlinIn = leanToPurlinPlaces(roof).length > 0 ? boardSize(building.roof.purlins.size).dIn : 0
  const roofUpIn = topIn(roof, -leanTo.depthIn) + purlinIn / Math.cos(roof.angle)
  return roofUpIn > edgeUpIn ? 0 : eaveOverhangIn
}
