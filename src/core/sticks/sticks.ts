import { laminationNails } from '../joints'
import { girtsOutIn, type Grid, isEave, type PlacedOpening, type Post, type TrussPlan, type WallRows } from '../layout'
import type { Building, Side } from '../model'
import { SIDES } from '../model'
import { entryOf, keepSame } from '../result'
import { PITCH_RUN_IN, SAME_IN } from '../units'
import { boardSize, PLY_IN, postSize } from '../wood'
import { rafterCuts } from '../pocket/rafter'
import { type Beam, eaveBeams, leanToBeam } from './beams'
import { type Boards, boardsOf } from './board'
import { putBraces, putKnees, putTemporaryBraces } from './braces'
import { bucksOf, putBlocks, putBucks } from './bucks'
import type { Buying } from './buy'
import { type Column, columnsOf } from './column'
import { overhangOver } from './leanToPurlins'
import { type LeanToRoof, leanToRoof, leanToRooms, undersideIn } from './leanToRoof'
import { putLeanTo } from './leanTos'
import { type Made, startMaking } from './make'
import { putColumn } from './posts'
import { mainPurlinPlaces, putFascia, putMainPurlins } from './purlins'
import { beamRooms, boltLengthIn, putBeam } from './putBeams'
import type { Room } from './room'
import { mainSlopes, type Slope } from './slope'
import type { Join, Overlap } from './stick'
import { type Overhangs, putTrusses, TAIL_IN, trussesAt } from './trusses'
import { cleatsThatMeet, putFootCleats } from './footCleats'
import { putGirts } from './girts'
import { putSeatBlock } from './seatBlock'
import { putSkirt, putTracks, trackId, tracksOf } from './skirt'
import { type Wall, wallOf } from './wall'

/** What the sticks of a building are made from: its plan, and how deep its posts stand. */
export interface SticksOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly placed: readonly PlacedOpening[]
  readonly trusses: TrussPlan
  readonly walls: Readonly<Record<Side, WallRows>>
  readonly buying: Buying
}

/** What carries what, before any stick is cut: the shapes of columns, beams and lean-to roofs, and the walls. */
export interface Structure {
  readonly boards: Boards
  readonly beams: readonly Beam[]
  readonly columns: ReadonlyMap<string, Column>
  readonly leanTos: readonly LeanToRoof[]
  readonly overhangs: Overhangs
  readonly walls: readonly Wall[]
  /** The slopes of the main roof, with the places of their rows of purlins. */
  readonly slopes: readonly SlopeRows[]
}

/** A slope with its rows of purlins, up from its low edge, inches. */
interface SlopeRows extends Slope {
  readonly placesIn: readonly number[]
}

/** Whether a beam of an eave ends at a gable wall. */
const reaches = (beam: Beam, side: Side, grid: Grid): boolean =>
  side === 'west' ? beam.fromIn < SAME_IN : beam.toIn > grid.lengthIn - SAME_IN

/** Room that the beams of an eave take up where they end at a gable wall, along that wall. */
function acrossGable(beam: Beam, grid: Grid): readonly Room[] {
  const south = beam.posts[0]?.post.side === 'south'
  return beamRooms(beam).map((room) => {
    const [nearIn, farIn] = [-room.outToIn, -room.outFromIn]
    const along = south
      ? { fromIn: nearIn, toIn: farIn }
      : { fromIn: grid.widthIn - farIn, toIn: grid.widthIn - nearIn }
    return { ...room, ...along, outFromIn: -grid.lengthIn, outToIn: -SAME_IN }
  })
}

/** Works out what carries what. Independent of the feet of the posts and of what is bought. */
export function structureOf(of: Omit<SticksOf, 'buying'>): Structure {
  const { building, grid, posts, trusses, placed, walls } = of
  const boards = boardsOf(building)
  const eaves = eaveBeams(building, grid, trusses)
  const roofs = building.leanTos.map((leanTo) => {
    const beam = leanToBeam(building, grid, posts, leanTo)
    const wallBeams = eaves.filter((each) => each.posts[0]?.post.side === leanTo.side)
    return leanToRoof({ building, grid, boards, leanTo, posts, beam, wallBeams })
  })
  const beams = [...eaves, ...roofs.flatMap(({ beam }) => (beam ? [beam] : []))]
  const roomsOf = (side: Side): readonly Room[] => [
    ...(isEave(side)
      ? []
      : eaves.filter((beam) => reaches(beam, side, grid)).flatMap((beam) => acrossGable(beam, grid))),
    ...eaves.filter((each) => each.posts[0]?.post.side === side).flatMap(beamRooms),
    ...roofs.filter(({ leanTo }) => leanTo.side === side).flatMap(leanToRooms),
  ]
  const overhangOn = (side: 'south' | 'north'): number => {
    const own = roofs.find(({ leanTo }) => leanTo.side === side)
    return own ? overhangOver(own) : building.eaveOverhangIn
  }
  const overhangs = { south: overhangOn('south'), north: overhangOn('north') }
  const standing = trussesAt(building, trusses)
  const slopes = mainSlopes(building, grid, standing, overhangs)
  return {
    boards,
    beams,
    columns: columnsOf({ building, grid, trusses, beams }, posts),
    leanTos: roofs,
    overhangs,
    slopes: slopes.map((slope) => ({ ...slope, placesIn: mainPurlinPlaces(building, boards, slope) })),
    walls: SIDES.map((side) =>
      wallOf({
        building,
        grid,
        boards,
        side,
        rows: entryOf(walls, side),
        posts,
        placed,
        rooms: roomsOf(side),
        gableTruss: isEave(side) ? null : (standing[side === 'west' ? 0 : standing.length - 1]?.id ?? null),
      }),
    ),
  }
}

/** All sticks of a building, group by group: what an edit does not touch keeps its group. */
export interface Sticks extends Made {
  readonly groups: readonly Made[]
}

/** Groups of the call before, kept by whoever makes the sticks of one building again and again. */
export type SticksMemory = Map<string, { readonly of: unknown; readonly made: Made }>

/** A group from what it is made of, or that of the call before where nothing of it has changed. */
function remembered(memory: SticksMemory, key: string, of: unknown, make: () => Made): Made {
  const before = memory.get(key)
  if (before && keepSame(before.of, of) === before.of) return before.made
  const made = make()
  memory.set(key, { of, made })
  return made
}

/** What holds the plies of one column to each other, and its foot. */
function columnJoins({ building }: Pick<SticksOf, 'building'>, column: Column, footUpIn: number): readonly Join[] {
  const { joints, school, post } = building
  const { plies, depthIn, wood, label } = postSize(post)
  const { id } = column.post
  const joins: Join[] = []
  const put = (kind: Join['kind'], fastener: Join['fastener'], count: number) =>
    joins.push({ kind, stick: id, to: id, atIn: 0, upIn: footUpIn, fastener, count })
  if (wood === 'laminated') {
    const { lamination } = joints
    const total = laminationNails(lamination, plies, column.topUpIn - footUpIn)
    put('plies of a post', { by: 'nail', nail: lamination.nail }, total)
  }
  if (school === 'pier') put('post to bracket', { by: 'bracket', fits: label }, 1)
  if (school === 'collar') {
    const { diameterIn, count } = joints.collar
    // Bolts stick out of the post into the collar.
    put('collar to post', { by: 'bolt', diameterIn, lengthIn: boltLengthIn(depthIn + 3) }, count)
  }
  return joins
}

/** The sticks of one column from its foot. */
function columnGroup(of: SticksOf, structure: Structure, column: Column, footUpIn: number): Made {
  const making = startMaking(of.buying)
  putColumn(making, { building: of.building, boards: structure.boards }, column, footUpIn)
  making.joins.push(...columnJoins(of, column, footUpIn))
  putFootCleats(making, { building: of.building, boards: structure.boards }, column, footUpIn)
  putSeatBlock(making, { building: of.building, boards: structure.boards }, column)
  return making
}

function wallGroup(of: SticksOf, wall: Wall, braced: boolean): Made {
  const making = startMaking(of.buying)
  if (!of.building.openSides.includes(wall.side)) {
    const bucks = bucksOf(wall)
    putSkirt(making, wall, bucks)
    putGirts(making, wall, bucks)
    putBucks(making, wall, bucks)
    putBlocks(making, wall, bucks)
    putTracks(making, wall)
  }
  if (braced) putBraces(making, wall, of.grid)
  return making
}

function roofGroup(of: SticksOf, { boards, beams, columns, overhangs, slopes }: Structure): Made {
  const { building, grid, posts, trusses, buying } = of
  const making = startMaking(buying)
  const at = trussesAt(building, trusses)
  putTrusses(making, { building, grid, plan: trusses, beams, overhangs, columns, posts })
  putMainPurlins(making, { building, boards, slopes })
  putFascia(making, { building, boards, slopes, overhangs })
  putKnees(making, { building, grid, boards, columns, trusses: at, posts })
  return making
}

/** Tracks over sliding doors of an eave wall that reach into the roof in front of them. */
function tracksUnderRoofs({ building }: SticksOf, { leanTos, walls }: Structure): readonly Overlap[] {
  const rise = building.pitchPer12 / PITCH_RUN_IN
  return walls.flatMap((wall): readonly Overlap[] => {
    if (!isEave(wall.side) || building.openSides.includes(wall.side)) return []
    const { board, outIn } = tracksOf(wall)
    const own = leanTos.find(({ leanTo }) => leanTo.side === wall.side)
    const tailIn = building.heelIn + building.roof.truss.heelDepthIn - TAIL_IN * Math.hypot(1, rise)
    const underTailsIn = tailIn - (outIn + PLY_IN) * rise
    const underRaftersIn = own ? undersideIn(own, outIn + PLY_IN - own.leanTo.depthIn) : Infinity
    return wall.openings
      .filter(
        ({ opening, headIn }) =>
          opening.kind === 'slider' && headIn + board.depthIn > Math.min(underTailsIn, underRaftersIn),
      )
      .flatMap((door) =>
        [own?.part ?? 'trusses', 'trusses', `roof-${wall.side}`, `roof-${own?.part ?? wall.side}`].map(
          (roof): Overlap => ({ kind: 'track under the roof', sticks: [trackId(door), roof] }),
        ),
      )
  })
}

/** What the plan gives one place because boards are deeper than what they are set in. */
function tooDeep({ building }: SticksOf, { leanTos, beams }: Structure): readonly Overlap[] {
  const { girts, roof, post, pitchPer12 } = building
  const rise = pitchPer12 / PITCH_RUN_IN
  const overlaps: Overlap[] = []
  const purlinIn = boardSize(roof.purlins.size).dIn
  const girtsIn = Math.max(girtsOutIn(building, 'south'), girtsOutIn(building, 'north'))
  const outIn = Math.max(girtsIn, ...beams.flatMap(({ layers }) => layers.map((layer) => layer.outIn + PLY_IN)))
  if (roof.truss.heelDepthIn - TAIL_IN * Math.hypot(1, rise) - outIn * rise < 0)
    for (const under of ['wall-south', 'wall-north', ...beams.map(({ id }) => id)])
      overlaps.push({ kind: 'tails below the heel', sticks: ['trusses', under] })
  if (roof.purlins.style === 'between') {
    // Blocks between purlins pass over the boards of the wall, and over their outside as the roof falls.
    const passOverIn = roof.purlins.blocked ? outIn : 0
    if (purlinIn * Math.hypot(1, rise) + passOverIn * rise > roof.truss.heelDepthIn)
      for (const slope of ['roof-south', 'roof-north'])
        overlaps.push({ kind: 'purlins hang below the heel', sticks: [slope, 'main'] })
    for (const slope of ['roof-south', 'roof-north'])
      for (const wall of ['wall-west', 'wall-east'])
        overlaps.push({ kind: 'end truss and gable wall', sticks: [slope, wall] })
    for (const { part, deepIn, leanTo } of leanTos)
      if (purlinIn > deepIn - rafterCuts(leanTo.pitchPer12, leanTo.seatIn).notchIn)
        overlaps.push({ kind: 'purlins hang below the rafters', sticks: [`roof-${part}`, part] })
  }
  const sizes = [girts, ...Object.values(girts.walls)].map(({ size }) => boardSize(size).dIn)
  const { widthIn, depthIn } = postSize(post)
  if (Math.max(...sizes) > Math.min(widthIn, depthIn))
    for (const side of ['wall-south', 'wall-north'])
      overlaps.push(
        { kind: 'girts deeper than posts', sticks: [side, 'wall-west'] },
        { kind: 'girts deeper than posts', sticks: [side, 'wall-east'] },
        { kind: 'girts deeper than posts', sticks: [side, 'knees'] },
      )
  return overlaps
}

/** What a wall's sticks depend on. */
const wallInputs = ({ building, buying, grid }: SticksOf, wall: Wall, braced: boolean) => [
  wall.rows,
  wall.supports,
  wall.openings,
  wall.rooms,
  wall.gableTruss,
  wall.building.girts,
  building.skirt,
  building.heelIn,
  building.pitchPer12,
  building.post,
  building.bracing,
  building.joints,
  building.grades,
  building.openSides,
  grid,
  buying,
  braced,
]

/** Lists put behind each other. */
function inOne<T>(lists: readonly (readonly T[])[]): readonly T[] {
  const all: T[] = []
  for (const list of lists) all.push(...list)
  return all
}

const joined = (groups: readonly Made[]): Sticks => ({
  groups,
  sticks: inOne(groups.map(({ sticks }) => sticks)),
  joins: inOne(groups.map(({ joins }) => joins)),
  overlaps: inOne(groups.map(({ overlaps }) => overlaps)),
})

/** What the feet and the loads add to a plan. */
export interface Standing {
  /** Foot of each post above the grade line, inches: negative in the ground. */
  readonly footUpIn: (post: Post) => number
  /** Walls that wind shears, and that are braced against it. */
  readonly bracedSides: readonly Side[]
}

/**
 * Every stick of a building with its joins, from one plan: cards, sheets, cut lists, take-off and drawings read all
 * lengths here. Groups that an edit does not touch come from `memory`.
 */
export function deriveSticks(
  of: SticksOf,
  structure: Structure,
  { footUpIn, bracedSides }: Standing,
  memory: SticksMemory = new Map(),
): Sticks {
  const { building, grid, posts, trusses, buying } = of
  const { columns, boards, beams, leanTos, overhangs, walls } = structure
  const { post, school, joints, grades } = building
  const groups: Made[] = []
  for (const column of columns.values()) {
    const foot = footUpIn(column.post)
    const inputs = [column, foot, post, school, joints, grades, building.cleat, buying]
    groups.push(remembered(memory, column.post.id, inputs, () => columnGroup(of, structure, column, foot)))
  }
  for (const wall of walls) {
    const braced = bracedSides.includes(wall.side)
    const inputs = wallInputs(of, wall, braced)
    groups.push(remembered(memory, `wall-${wall.side}`, inputs, () => wallGroup(of, wall, braced)))
  }
  const roofInputs = [
    building.roof,
    building.knee,
    building.bracing,
    joints,
    grades,
    building.heelIn,
    building.pitchPer12,
  ]
  const eaves = [overhangs, building.gableOverhangIn, grid, trusses, beams, columns.size, buying]
  const gablePosts = posts.filter(({ side }) => !isEave(side))
  groups.push(remembered(memory, 'roof', [roofInputs, eaves, post, gablePosts], () => roofGroup(of, structure)))
  for (const beam of beams)
    groups.push(
      remembered(memory, beam.id, [beam, joints.carrier, post, grades, buying], () => {
        const making = startMaking(buying)
        putBeam(making, { building, boards, beam, columns })
        return making
      }),
    )
  for (const roof of leanTos) {
    const { boards: _boards, building: _building, ...inputs } = roof
    groups.push(
      remembered(memory, `roof-${roof.part}`, [inputs, building.roof, roofInputs, eaves, post], () => {
        const making = startMaking(buying)
        putLeanTo(making, roof)
        return making
      }),
    )
  }
  groups.push(
    remembered(memory, 'temporary', [posts, building.girts.lumber, post, grades, buying], () => {
      const making = startMaking(buying)
      putTemporaryBraces(making, { building, grid, boards, posts })
      return making
    }),
  )
  groups.push({
    sticks: [],
    joins: [],
    overlaps: [...tooDeep(of, structure), ...tracksUnderRoofs(of, structure), ...cleatsThatMeet(building, columns)],
  })
  return joined(groups)
}
