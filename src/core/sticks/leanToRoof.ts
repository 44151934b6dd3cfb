import { type Grid, type Post, wallPosts } from '../layout'
import type { Building, LeanTo } from '../model'
import { rafterCuts } from '../pocket/rafter'
import { firstOf } from '../result'
import { degrees, HALF_MARK_IN, pitchRadians, ROUNDING, SAME_IN } from '../units'
import { boardSize, PLY_IN, postSize } from '../wood'
import { type Beam, beamOutIn } from './beams'
import type { Boards } from './board'
import { leanToLine, type Line, type Support } from './line'
import { beamRooms } from './putBeams'
import type { Room } from './room'
import type { JoinKind, PartId } from './stick'

/** Where one rafter of a lean-to stands along it, and what holds its high end. */
export interface RafterAt extends Support {
  readonly order: number
  /** The wall post that it stands at, with cleats to both its sides; null where it hangs. */
  readonly post: Post | null
  /** What it hangs on; null where nothing is there to hang it on. */
  readonly hangs: { readonly id: string; readonly kind: JoinKind } | null
  /** Its high end, out from the lean-to’s own outer string: negative toward the wall. */
  readonly highOutIn: number
}

/** A lean-to roof with what its sticks are made from. */
export interface LeanToRoof {
  readonly building: Building
  readonly grid: Grid
  readonly boards: Boards
  readonly leanTo: LeanTo
  readonly part: PartId
  readonly line: Line
  readonly wall: readonly Post[]
  readonly outer: readonly Post[]
  readonly beam: Beam | null
  /** Depth and pitch of its rafters. */
  readonly deepIn: number
  readonly angle: number
  /** Level seat of a rafter, no longer than what it rests on. */
  readonly seatIn: number
  /** Outside of what the rafters rest on, out from the string. */
  readonly restOutIn: number
  readonly seatUpIn: number
  readonly tailOutIn: number
  /** How far the wall's own beams stand out where the lean-to meets it. */
  readonly wallOutIn: number
  /** Carriers and headers of the wall that it leans on. */
  readonly wallBeams: readonly Beam[]
  readonly rafters: readonly RafterAt[]
}

/** Underside of the rafters at a place out from the lean-to's string, above the grade line. */
export const undersideIn = (
  roof: Pick<LeanToRoof, 'seatUpIn' | 'seatIn' | 'restOutIn' | 'angle'>,
  outIn: number,
): number => roof.seatUpIn + (roof.restOutIn - roof.seatIn - outIn) * Math.tan(roof.angle)

/** Top of the rafters there. */
export const topIn = (roof: Parameters<typeof undersideIn>[0] & Pick<LeanToRoof, 'deepIn'>, outIn: number): number =>
  undersideIn(roof, outIn) + roof.deepIn / Math.cos(roof.angle)

/** A stub of space at the end of a run is given to the space before it, inches. */
const LEAST_RUN_ON_IN = 6

/** Places of rafters along a ledger: on centre from the low end, the last flush with the high end. */
function spacedPlaces(lengthIn: number, spaceIn: number, halfIn: number): readonly number[] {
  const lastIn = lengthIn - halfIn
  const count = Math.ceil((lastIn - LEAST_RUN_ON_IN - halfIn) / spaceIn - ROUNDING)
  return [...Array.from({ length: Math.max(1, count) }, (_, k) => halfIn + k * spaceIn), lastIn]
}

/** Thickness of the ledger, and of the rafters of one place, inches. */
const ledgerThickIn = ({ ledger, rafter }: LeanTo): number => (rafter.spaceIn === null ? 0 : PLY_IN * ledger.plies)

/** What a rafter that meets no wall post hangs on: the header or carrier that reaches there, and where its face is. */
function beamFor(roof: Omit<LeanToRoof, 'rafters'>, beams: readonly Beam[], atIn: number) {
  const wallIn = -roof.leanTo.depthIn
  const highUpIn = topIn(roof, wallIn)
  return beams
    .filter(({ fromIn, toIn }) => fromIn <= atIn && atIn <= toIn)
    .find((beam) => {
      // A rafter falls away from the wall: what lies under it there may be in its way at the outer face of the beam.
      const lowUpIn = undersideIn(roof, wallIn + beamOutIn(beam))
      return beamRooms(beam).some((room) => room.lowUpIn < highUpIn - SAME_IN && room.highUpIn > lowUpIn + SAME_IN)
    })
}

/** Least reach of a cleat into the depth of its post, inches. */
const LEAST_CLEAT_IN = 2

/**
 * The inner end of the cleats, out from the lean-to's string: the inner face of the wall post, or where they would come
 * up to the heel. Null where that leaves too little of them beside the post.
 */
export function cleatOutIn(roof: Omit<LeanToRoof, 'rafters'>): number | null {
  const { building, leanTo, angle } = roof
  const wallIn = -leanTo.depthIn
  const underHeelIn = wallIn + (topIn(roof, wallIn) - building.heelIn) / Math.tan(angle)
  const innerIn = Math.max(wallIn - postSize(building.post).depthIn, underHeelIn)
  return innerIn > wallIn - LEAST_CLEAT_IN ? null : innerIn
}

/** Where the rafters stand, and what holds each at the wall. */
function raftersAt(roof: Omit<LeanToRoof, 'rafters'>, beams: readonly Beam[]): readonly RafterAt[] {
  const { leanTo, grid, part, wall, outer, wallOutIn } = roof
  const { rafter, depthIn } = leanTo
  const halfIn = (PLY_IN * rafter.plies) / 2
  const at = (order: number, atIn: number) => ({ id: `rafter-${part}-${order + 1}`, order, atIn, halfIn })
  if (rafter.spaceIn !== null)
    return spacedPlaces(grid.lengthIn, rafter.spaceIn, halfIn).map((atIn, order) => ({
      ...at(order, atIn),
      post: null,
      hangs: { id: `ledger-${part}`, kind: 'rafter to ledger' },
      highOutIn: -depthIn + wallOutIn + ledgerThickIn(leanTo),
    }))
  return outer.map((post, order): RafterAt => {
    const beam = beamFor(roof, beams, post.atIn)
    if (beam)
      return {
        ...at(order, post.atIn),
        post: null,
        hangs: { id: beam.id, kind: beam.kind === 'header' ? 'rafter to header' : 'rafter to carrier' },
        highOutIn: -depthIn + beamOutIn(beam),
      }
    const own = wall.find((each) => Math.abs(each.x - post.atIn) <= each.sizeX / 2 + SAME_IN) ?? null
    // Cleats need the post straight behind the rafter, and wood of it behind them.
    const cleated = own !== null && Math.abs(own.x - post.atIn) < HALF_MARK_IN && cleatOutIn(roof) !== null
    const hangs = own && !cleated ? ({ id: own.id, kind: 'rafter to post' } as const) : null
    return { ...at(order, post.atIn), post: cleated ? own : null, hangs, highOutIn: -depthIn }
  })
}

/** Gathers the roof of one lean-to. */
export function leanToRoof({
  building,
  grid,
  boards,
  leanTo,
  posts,
  beam,
  wallBeams,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly boards: Boards
  readonly leanTo: LeanTo
  readonly posts: readonly Post[]
  readonly beam: Beam | null
  /** Carriers and headers of the wall that it leans on. */
  readonly wallBeams: readonly Beam[]
}): LeanToRoof {
  const outer = posts.filter((post) => post.kind === 'lean-to' && post.side === leanTo.side)
  const restOutIn = beam ? beamOutIn(beam) : 0
  const restThickIn = beam ? PLY_IN * beam.spec.plies : postSize(building.post).depthIn
  const base = {
    building,
    grid,
    boards,
    leanTo,
    part: `lean-${leanTo.side}` as const,
    line: leanToLine(grid, leanTo),
    wall: wallPosts(posts, leanTo.side),
    outer,
    beam,
    deepIn: boardSize(leanTo.rafter.size).dIn,
    angle: pitchRadians(leanTo.pitchPer12),
    seatIn: Math.min(leanTo.seatIn, restThickIn),
    restOutIn,
    seatUpIn: firstOf(outer).heightIn,
    tailOutIn: restOutIn + building.eaveOverhangIn,
  }
  const high = topIn(base, -leanTo.depthIn)
  // The ledger's top follows the rafters down over its own thickness.
  const low = high - boardSize(leanTo.ledger.size).dIn - ledgerThickIn(leanTo) * Math.tan(base.angle)
  const wallOutIn =
    leanTo.rafter.spaceIn === null
      ? 0
      : wallBeams
          .flatMap(beamRooms)
          .filter((room) => room.lowUpIn < high && room.highUpIn > low)
          .reduce((most, room) => Math.max(most, room.outToIn), 0)
  const roof = { ...base, wallOutIn, wallBeams }
  return { ...roof, rafters: raftersAt(roof, wallBeams) }
}

/** Length of a cleat past the face of its post, inches. */
export const CLEAT_IN = 16

/** Sides of a rafter at its post on which a cleat has room: past the corner and in another post it has none. */
export const cleatSides = (
  { building, wall, grid }: Pick<LeanToRoof, 'building' | 'wall' | 'grid'>,
  at: RafterAt,
): readonly (readonly [order: number, middleIn: number])[] =>
  ([-1, 1] as const).flatMap((sign, order) => {
    const middleIn = at.atIn + (sign * (postSize(building.post).widthIn + PLY_IN)) / 2
    const taken = wall.some(
      (other) => other.id !== at.post?.id && Math.abs(other.x - middleIn) < other.sizeX / 2 + PLY_IN / 2,
    )
    return !at.post || taken || middleIn < 0 || middleIn > grid.lengthIn ? [] : [[order, middleIn] as const]
  })

/** Room that a lean-to takes up along its wall: its ledger, or its rafters with their cleats. */
export function leanToRooms(roof: LeanToRoof): readonly Room[] {
  const { leanTo, building, grid, rafters, part, wallOutIn } = roof
  if (leanTo.rafter.spaceIn !== null) {
    const high = ledgerTopIn(roof)
    const thickIn = ledgerThickIn(leanTo)
    return [
      {
        of: `ledger-${part}`,
        fromIn: 0,
        toIn: grid.lengthIn,
        lowUpIn: high - boardSize(leanTo.ledger.size).dIn,
        highUpIn: high,
        outFromIn: wallOutIn,
        outToIn: wallOutIn + thickIn,
      },
    ]
  }
  const innerIn = (cleatOutIn(roof) ?? -leanTo.depthIn) + leanTo.depthIn
  return rafters.flatMap((rafter): readonly Room[] => {
    const { atIn, halfIn, id, highOutIn } = rafter
    const fromWallIn = highOutIn + leanTo.depthIn
    const cleated = cleatSides(roof, rafter).length > 0
    const wideIn = cleated ? postSize(building.post).widthIn / 2 + PLY_IN : halfIn
    const place = { of: cleated ? `${id}-cleats` : id, fromIn: atIn - wideIn, toIn: atIn + wideIn }
    const inside = {
      ...place,
      lowUpIn: undersideIn(roof, -leanTo.depthIn),
      highUpIn: topIn(roof, -leanTo.depthIn + Math.min(innerIn, fromWallIn)),
      outFromIn: Math.min(innerIn, fromWallIn),
      outToIn: 0,
    }
    const outside = {
      ...place,
      lowUpIn: undersideIn(roof, -leanTo.depthIn + BOARDS_OUT_IN),
      highUpIn: topIn(roof, -leanTo.depthIn),
      outFromIn: Math.max(0, fromWallIn),
      outToIn: BOARDS_OUT_IN,
    }
    return inside.outFromIn < -SAME_IN ? [inside, outside] : [outside]
  })
}

/** How far boards stand out on a wall at most, inches: two layers of girts. */
const BOARDS_OUT_IN = 3

/** Top of the ledger: that of the rafters where they meet it. */
export const ledgerTopIn = (roof: LeanToRoof): number =>
  topIn(roof, -roof.leanTo.depthIn + roof.wallOutIn + ledgerThickIn(roof.leanTo))

/** Numbers of a rafter’s card, inches along its edges from its upper end, and degrees. */
export interface RafterNumbers {
  readonly angleDeg: number
  readonly bodyIn: number
  readonly tailIn: number
  readonly edgeIn: number
  readonly seatIn: number
  readonly notchIn: number
  readonly heelIn: number
  /** Along the lower edge from the high end: where the seat starts, where the plumb cut of the mouth is, the tail’s end. */
  readonly seatStartsIn: number
  readonly heelCutIn: number
}

/** The numbers of the rafters of one lean-to that are alike: those of the one given. */
export function rafterNumbers(roof: LeanToRoof, at: Pick<RafterAt, 'highOutIn'>): RafterNumbers {
  const { leanTo, seatIn, angle, restOutIn, tailOutIn } = roof
  const { notchIn, heelIn, slopeIn } = rafterCuts(leanTo.pitchPer12, seatIn)
  const bodyIn = slopeIn(restOutIn - at.highOutIn)
  const tailIn = slopeIn(tailOutIn - restOutIn)
  return {
    angleDeg: degrees(angle),
    bodyIn,
    tailIn,
    edgeIn: bodyIn + tailIn,
    seatIn,
    notchIn,
    heelIn,
    seatStartsIn: slopeIn(restOutIn - seatIn - at.highOutIn),
    heelCutIn: bodyIn,
  }
}
