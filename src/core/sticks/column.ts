import { nailOf, seatBlockIn } from '../joints'
import { type Grid, isEave, type Post, rafterHeightIn, takesBlock, type TrussPlan } from '../layout'
import type { Building } from '../model'
import { lastOf } from '../result'
import { degrees, HALF_MARK_IN, pitchRadians, SAME_IN } from '../units'
import { PLY_IN, postSize } from '../wood'
import type { Beam } from './beams'
import { type Line, lineOf } from './line'

/** What stands on a column: what its seat is for. */
type Bears = 'truss' | 'carrier' | 'header' | 'rafter' | 'roof' | 'plate'

/** A notch for a beam in one face of a column, above the grade line. */
export interface ColumnNotch {
  readonly face: 'outside' | 'inside'
  readonly fromUpIn: number
  readonly toUpIn: number
  readonly depthIn: number
}

/** One ply of a column, or the whole of one that is one piece: its middle along the wall, its top, how its top slopes. */
export interface ColumnPly {
  readonly offIn: number
  readonly thickIn: number
  readonly topUpIn: number
  /** How much lower its other edge is; positive where the edge further along the wall is the long one. */
  readonly fallsIn: number
}

/** Wood taken out of the side of a one-piece post for the truss that stands there, above the grade line. */
interface TrussNotch {
  readonly side: 'low' | 'high'
  readonly fromUpIn: number
  readonly toUpIn: number
  readonly depthIn: number
}

/** A bolt through a column, above its seat. */
interface ColumnBolt {
  readonly aboveSeatIn: number
  readonly holds: 'truss' | 'beam'
}

/** The bearing block under a truss on the inner face of a column: its middle along the wall from the post's, its length. */
interface SeatBlock {
  readonly offIn: number
  readonly lengthIn: number
  readonly nails: number
}

/** What keeps a column from being cut as the plan wants it. */
type ColumnProblem = 'no room for a pocket' | 'truss off the middle' | 'too many plies to let in'

/**
 * The shape of a column above the grade line, whatever its foot: its seat, its plies with their tops, its notches. Every
 * card, sheet and cut list reads its lengths from here.
 */
export interface Column {
  readonly post: Post
  readonly line: Line
  readonly bears: Bears
  /** Where it carries what stands on it: the underside of a truss, beam or rafter. */
  readonly seatUpIn: number
  /** The long point of its highest ply. */
  readonly topUpIn: number
  readonly plies: readonly ColumnPly[]
  /** Plies between which a truss stands in a pocket; none where it has no pocket. */
  readonly pocketPlies: readonly number[]
  readonly notches: readonly ColumnNotch[]
  readonly trussNotch: TrussNotch | null
  readonly bolts: readonly ColumnBolt[]
  readonly block: SeatBlock | null
  readonly bevelDeg: number
  readonly problems: readonly ColumnProblem[]
}

/** What a column is shaped by besides its post. */
export interface ColumnsOf {
  readonly building: Building
  readonly grid: Grid
  readonly trusses: TrussPlan
  readonly beams: readonly Beam[]
}

/** How the truss over a post is held: which plies stop under it, how far it stands from the post's middle. */
interface TrussSeat {
  readonly under: readonly number[]
  readonly pocket: boolean
  readonly onTop: boolean
  /** A one-piece post has no plies to stop: the wood beside the truss is taken out of this side. */
  readonly notch: TrussNotch['side'] | null
  readonly problem: ColumnProblem | null
}

/** The side of their posts on which trusses stand that are not in pockets: toward the middle of the building. */
const lowSide = (number: number): boolean => number > 1

/**
 * How far trusses stand from the middle of their posts along the eave, inches: none in a pocket or on carriers, beside
 * the tongue of a notch, or beside the post.
 */
export function trussOffIn({ roof, post }: Pick<Building, 'roof' | 'post'>, number: number): number {
  const { set, plies } = roof.truss
  if (set === 'carriers') return 0
  const { widthIn } = postSize(post)
  const thickIn = PLY_IN * plies
  const sign = lowSide(number) ? -1 : 1
  switch (trussSeatKind({ roof, post })) {
    case 'pocket':
      return 0
    case 'notch':
      return (sign * (widthIn - thickIn)) / 2
    case 'face':
      return (sign * (widthIn + thickIn)) / 2
  }
}

/** How trusses are seated: a pocket needs a ply to each side of the truss, a notch wood beside it. */
function trussSeatKind({ roof, post }: Pick<Building, 'roof' | 'post'>): 'pocket' | 'notch' | 'face' {
  const { seat, plies } = roof.truss
  const size = postSize(post)
  if (seat === 'face' || PLY_IN * plies > size.widthIn - PLY_IN + SAME_IN) return 'face'
  const free = size.plies - plies
  // Even to both sides, or the truss would not stand over the middle of the post.
  return seat === 'pocket' && free >= 2 && free % 2 === 0 ? 'pocket' : 'notch'
}

/** Which plies stop under the truss that stands on a post. */
function trussSeat({ building, trusses }: ColumnsOf, post: Post): TrussSeat | null {
  if (building.roof.truss.set !== 'posts' || !isEave(post.side) || post.kind === 'lean-to') return null
  const rest = trusses.rests[post.side].find((each) => each.post?.id === post.id)
  if (!rest) return null
  const { plies: trussPlies, seat } = building.roof.truss
  const kind = trussSeatKind(building)
  const short = seat === 'pocket' && kind !== 'pocket' ? ('no room for a pocket' as const) : null
  if (Math.abs(rest.truss.xIn - post.x) > HALF_MARK_IN)
    return { under: [], pocket: false, onTop: true, notch: null, problem: 'truss off the middle' }
  const low = lowSide(rest.truss.number)
  const { plies, wood } = postSize(building.post)
  if (wood !== 'laminated') {
    const notch = low ? ('low' as const) : ('high' as const)
    return { under: [], pocket: false, onTop: false, notch: kind === 'notch' ? notch : null, problem: short }
  }
  const free = plies - trussPlies
  const from = { pocket: free / 2, notch: low ? 0 : free, face: 0 }[kind]
  const under = kind === 'face' ? [] : Array.from({ length: trussPlies }, (_, i) => from + i)
  return { under, pocket: kind === 'pocket', onTop: false, notch: null, problem: short }
}

/** A block is a 2×4 that stands upright, inches across. */
const BLOCK_WIDE_IN = 3.5

/** The bearing block under the truss on a post, under its middle and no further out than the side of the post. */
function seatBlock({ building, trusses }: ColumnsOf, post: Post): SeatBlock | null {
  if (!isEave(post.side) || post.kind === 'lean-to') return null
  const rest = trusses.rests[post.side].find((each) => each.post?.id === post.id)
  if (!rest || !takesBlock(building, trusses, rest) || trussSeatKind(building) === 'face') return null
  const nails = building.roof.truss.blockNails
  const nail = nailOf(building.joints.girt.nail)
  if (!nail) return null
  const asideIn = Math.max(0, (postSize(building.post).widthIn - BLOCK_WIDE_IN) / 2)
  const offIn = trussOffIn(building, rest.truss.number)
  return {
    offIn: Math.min(asideIn, Math.max(-asideIn, offIn)),
    lengthIn: seatBlockIn(nails, nail.dIn),
    nails,
  }
}

/** The plies of a column, their middles along the wall from its own. */
function plyPlaces({ post }: Pick<Building, 'post'>): readonly Pick<ColumnPly, 'offIn' | 'thickIn'>[] {
  const { wood, plies, widthIn } = postSize(post)
  if (wood !== 'laminated') return [{ offIn: 0, thickIn: widthIn }]
  return Array.from({ length: plies }, (_, i) => ({ offIn: (i - (plies - 1) / 2) * PLY_IN, thickIn: PLY_IN }))
}

/** Tops of the plies of a gable post, under the slope of the roof: flat under the ridge. */
function underRoof({ building, grid }: ColumnsOf, post: Post): readonly ColumnPly[] {
  const heightAt = (atIn: number) => rafterHeightIn(building, Math.min(atIn, grid.widthIn - atIn))
  return plyPlaces(building).map(({ offIn, thickIn }) => {
    const [lowIn, highIn] = [post.atIn + offIn - thickIn / 2, post.atIn + offIn + thickIn / 2]
    const [low, high] = [heightAt(lowIn), heightAt(highIn)]
    const ridge = lowIn < grid.widthIn / 2 && highIn > grid.widthIn / 2
    return ridge
      ? { offIn, thickIn, topUpIn: Math.min(low, high), fallsIn: 0 }
      : { offIn, thickIn, topUpIn: Math.max(low, high), fallsIn: high - low }
  })
}

/** Tops of the plies of any other post: cut square, higher beside a truss. */
function squareTops({ building }: ColumnsOf, post: Post, seat: TrussSeat | null): readonly ColumnPly[] {
  const heelIn = building.roof.truss.heelDepthIn
  return plyPlaces(building).map(({ offIn, thickIn }, i) => ({
    offIn,
    thickIn,
    topUpIn: post.heightIn + (seat && !seat.onTop && !seat.under.includes(i) ? heelIn : 0),
    fallsIn: 0,
  }))
}

/** The notch beside a truss, from its seat up to the top of the post. */
const trussNotchOf = ({ roof }: Building, { heightIn }: Post, side: TrussNotch['side']): TrussNotch => ({
  side,
  fromUpIn: heightIn,
  toUpIn: heightIn + roof.truss.heelDepthIn,
  depthIn: PLY_IN * roof.truss.plies,
})

const beamsAt = (beams: readonly Beam[], post: Post) =>
  beams.filter((beam) => beam.posts.some(({ post: { id } }) => id === post.id))

function notchesOf(beams: readonly Beam[]): readonly ColumnNotch[] {
  return beams.flatMap(({ faces, topUpIn, deepIn }) => {
    if (faces.let === 'on') return []
    const notch = { fromUpIn: topUpIn - deepIn, toUpIn: topUpIn }
    const of = (face: ColumnNotch['face'], plies: number): readonly ColumnNotch[] =>
      plies > 0 ? [{ ...notch, face, depthIn: PLY_IN * plies }] : []
    return [...of('outside', faces.outside), ...of('inside', faces.inside)]
  })
}

/** One notch a face: the deepest where two beams of other depths meet on a post. */
function deepest(notches: readonly ColumnNotch[]): readonly ColumnNotch[] {
  return (['outside', 'inside'] as const).flatMap((face) => {
    const own = notches.filter((notch) => notch.face === face)
    if (own.length === 0) return []
    return [
      {
        face,
        fromUpIn: Math.min(...own.map((notch) => notch.fromUpIn)),
        toUpIn: Math.max(...own.map((notch) => notch.toUpIn)),
        depthIn: Math.max(...own.map((notch) => notch.depthIn)),
      },
    ]
  })
}

/** Four diameters from a loaded edge of wood that a bolt pushes across its grain (NDS 2018 12.5.1.3). */
const LOADED_EDGE = 4

/** Bolts of a beam on a post: from four diameters over its lower edge up to as far under its upper one, in twos. */
function beamBolts({ joints }: Building, { deepIn, faces }: Beam): readonly ColumnBolt[] {
  const { diameterIn, count } = joints.carrier
  const courses = Math.max(1, Math.ceil(count / 2))
  const edgeIn = LOADED_EDGE * diameterIn
  const runIn = Math.max(0, deepIn - 2 * edgeIn)
  const from = faces.let === 'in' ? 0 : -deepIn
  return Array.from({ length: count }, (_, i) => {
    const course = Math.floor(i / 2)
    const upIn = courses === 1 ? deepIn / 2 : edgeIn + (runIn * course) / (courses - 1)
    return { aboveSeatIn: from + upIn, holds: 'beam' as const }
  })
}

/** Bolts of a truss at its heel: spread evenly over it. */
function trussBolts({ joints, roof }: Building): readonly ColumnBolt[] {
  const { count } = joints.truss
  return Array.from({ length: count }, (_, i) => ({
    aboveSeatIn: (roof.truss.heelDepthIn * (i + 1)) / (count + 1),
    holds: 'truss' as const,
  }))
}

/** What stands on a column and where it sits. */
function bearsOf(post: Post, seat: TrussSeat | null, beams: readonly Beam[]): Pick<Column, 'bears' | 'seatUpIn'> {
  if (seat) return { bears: 'truss', seatUpIn: post.heightIn }
  const [beam] = beams
  if (beam) {
    const letIn = beams.filter(({ faces }) => faces.let === 'in')
    const seatUpIn =
      letIn.length > 0 ? Math.min(...letIn.map(({ topUpIn, deepIn }) => topUpIn - deepIn)) : post.heightIn
    return { bears: beam.kind, seatUpIn }
  }
  if (post.kind === 'lean-to') return { bears: 'rafter', seatUpIn: post.heightIn }
  return { bears: isEave(post.side) ? 'plate' : 'roof', seatUpIn: post.heightIn }
}

/** The shape of one column of a building. */
function columnOf(of: ColumnsOf, post: Post): Column {
  const { building, grid } = of
  const seat = trussSeat(of, post)
  const beams = beamsAt(of.beams, post)
  const gable = !isEave(post.side)
  const plies = gable ? underRoof(of, post) : squareTops(of, post, seat)
  const { bears, seatUpIn } = bearsOf(post, seat, beams)
  const bevelled = plies.some(({ fallsIn }) => Math.abs(fallsIn) > SAME_IN)
  return {
    post,
    line: lineOf(building, grid, post),
    bears,
    seatUpIn,
    topUpIn: plies.reduce((most, ply) => Math.max(most, ply.topUpIn), 0),
    plies,
    pocketPlies: seat?.pocket ? seat.under : [],
    notches: deepest(notchesOf(beams)),
    trussNotch: seat?.notch ? trussNotchOf(building, post, seat.notch) : null,
    bolts: [
      ...(seat && !seat.onTop ? trussBolts(building) : []),
      ...(beams.length > 0 ? beamBolts(building, lastOf(beams)) : []),
    ],
    block: bears === 'truss' ? seatBlock(of, post) : null,
    bevelDeg: bevelled ? degrees(pitchRadians(building.pitchPer12)) : 0,
    problems: [
      ...(seat?.problem ? [seat.problem] : []),
      ...(beams.some(({ faces }) => faces.tooMany) ? (['too many plies to let in'] as const) : []),
    ],
  }
}

/** The shapes of all columns, by post. */
export const columnsOf = (of: ColumnsOf, posts: readonly Post[]): ReadonlyMap<string, Column> =>
  new Map(posts.map((post) => [post.id, columnOf(of, post)]))

/** Wood that is left of a column behind its notches, inches; its whole depth where it has none. */
export const tongueIn = ({ notches }: Column, depthIn: number): number =>
  depthIn - notches.reduce((sum, notch) => sum + notch.depthIn, 0)
