import { cross, dot } from '../geometry'
import { type GirtRow, isEave } from '../layout'
import type { Building } from '../model'
import { HALF_MARK_IN, PITCH_RUN_IN, SAME_IN } from '../units'
import { PLY_IN } from '../wood'
import { type Bucks, bucksOf } from './bucks'
import { anySupport, placeOn, type Stretch, supportsNear, towards, UP } from './line'
import { type Making, putStick, squareOn } from './make'
import { clearOf, type Lies } from './room'
import { boardsBetween, type Splicing, splicesOf } from './splices'
import type { End, Fastener, Join, Stick, StickBoard } from './stick'
import { endOn, meetsPosts, type RowLies, roomsAt, type Wall } from './wall'

/** How far the rake falls back over a height, along a gable wall, inches. */
const rakeRunIn = ({ pitchPer12 }: Building, heightIn: number): number => (heightIn * PITCH_RUN_IN) / pitchPer12

/** Places of the two ends of a row that follow the rake of the roof, at its lower edge; null where it ends square. */
function rakeOf({ building, side, lengthIn }: Wall, row: GirtRow, deepIn: number) {
  if (isEave(side) || row.topIn <= building.heelIn + HALF_MARK_IN) return null
  const backIn = Math.min(row.fromIn, rakeRunIn(building, deepIn))
  return { backIn, fromIn: row.fromIn - backIn, toIn: lengthIn - row.fromIn + backIn }
}

/** A board of a wall, with the run of its two ends. */
interface WallBoard extends Stretch {
  readonly order: number
  /** Set in between posts. */
  readonly inside: boolean
}

/** The boards of a row between its posts: each cut to the clear gap. */
function between(wall: Wall, stretches: readonly Stretch[]): readonly Stretch[] {
  const gaps: Stretch[] = []
  for (const stretch of stretches) {
    let fromIn = stretch.fromIn
    for (const { atIn, halfIn } of wall.supports) {
      if (atIn + halfIn < stretch.fromIn - SAME_IN || atIn - halfIn > stretch.toIn + SAME_IN) continue
      const toIn = Math.min(stretch.toIn, atIn - halfIn)
      if (toIn - fromIn > 1) gaps.push({ fromIn, toIn })
      fromIn = Math.max(fromIn, Math.min(stretch.toIn, atIn + halfIn))
    }
    if (stretch.toIn - fromIn > 1) gaps.push({ fromIn, toIn: stretch.toIn })
  }
  return gaps
}

/** What a layer of girts is: how it lies on the wall, and its boards. */
interface Layer {
  readonly inside: boolean
  readonly board: StickBoard
  /** Heights from its row's top, and its place out from the string. */
  readonly downIn: readonly [from: number, to: number]
  readonly outIn: readonly [from: number, to: number]
  readonly suffix: string
  readonly ply: number
}

/** The layers of the girts of a wall: flat on its posts, set in between them, or both; each as many times as asked for. */
function layersOf({ building, boards }: Wall): readonly Layer[] {
  const { style, size, lumber, plies } = building.girts
  const board = boards(size, lumber)
  const layers: Layer[] = []
  for (let ply = 0; ply < plies; ply++) {
    const suffix = ply > 0 ? `+${ply}` : ''
    const out = PLY_IN * ply
    if (style !== 'between')
      layers.push({ inside: false, board, downIn: [0, board.depthIn], outIn: [out, out + PLY_IN], suffix, ply })
    if (style !== 'flat')
      layers.push({
        inside: true,
        board,
        downIn: [out, out + PLY_IN],
        outIn: [-board.depthIn, 0],
        suffix: `i${suffix}`,
        ply,
      })
  }
  return layers
}

/** Where the boards of a row lie in one layer. */
const liesIn = ({ topIn }: GirtRow, { downIn, outIn }: Layer): Lies => ({
  lowUpIn: topIn - downIn[1],
  highUpIn: topIn - downIn[0],
  outFromIn: outIn[0],
  outToIn: outIn[1],
})

/** Stretches of a row in one layer: the row's own with what stands in their way taken out, to the rake at their ends. */
function stretchesOf(wall: Wall, row: GirtRow, layer: Layer, bucks: Bucks): readonly Stretch[] {
  const rake = rakeOf(wall, row, layer.downIn[1] - layer.downIn[0])
  const toRake = row.segments.map(({ fromIn, toIn }) => ({
    fromIn: rake && Math.abs(fromIn - row.fromIn) < SAME_IN ? rake.fromIn : fromIn,
    toIn: rake && Math.abs(toIn - row.toIn) < SAME_IN ? rake.toIn : toIn,
  }))
  return clearOf(toRake, liesIn(row, layer), [...wall.rooms, ...bucks.rooms])
}

const reachOf = ({ building }: Wall): Splicing['reach'] => (building.girts.run === 'two-bays' ? 'two' : 'each')

/** A row and its order among those of its wall. */
type OrderedRow = readonly [row: GirtRow, order: number]

/** The boards of one row in one layer. */
function boardsOfRow(wall: Wall, bucks: Bucks, [row, rowOrder]: OrderedRow, layer: Layer): readonly WallBoard[] {
  const stretches = stretchesOf(wall, row, layer, bucks)
  const { supportsIn } = wall
  const splicing: Splicing = { reach: reachOf(wall), order: rowOrder }
  // What is left under the rake past its upper edge is no length to splice on.
  const full = ({ fromIn, toIn }: Stretch): Stretch => ({
    fromIn: Math.max(fromIn, row.fromIn),
    toIn: Math.min(toIn, row.toIn),
  })
  const backIn = rakeOf(wall, row, layer.downIn[1] - layer.downIn[0])?.backIn ?? 0
  const parts = layer.inside
    ? between(wall, stretches).filter(({ fromIn, toIn }) => toIn - fromIn > backIn + 1)
    : stretches.flatMap((stretch) => boardsBetween(stretch, splicesOf(supportsIn, full(stretch), splicing)))
  return parts.map(({ fromIn, toIn }, order) => ({ fromIn, toIn, order, inside: layer.inside }))
}

/** One board of a wall as it is cut: its row, from and to along the wall, its length from tip to tip. */
export interface WallBoardCut extends Stretch {
  readonly row: string
  readonly lengthIn: number
  /** A board between posts that goes with an outer one. */
  readonly inside?: true
}

/** The boards of one wall, the first layer of each way of setting them. */
export function wallBoards(wall: Wall): readonly WallBoardCut[] {
  const bucks = bucksOf(wall)
  const both = wall.building.girts.style === 'both'
  const layers = layersOf(wall).filter(({ ply }) => ply === 0)
  return wall.rows.rows.flatMap((row, order) =>
    [...layers].reverse().flatMap((layer) =>
      boardsOfRow(wall, bucks, [row, order], layer).map(({ fromIn, toIn }): WallBoardCut => {
        const cut = { row: row.id, fromIn, toIn, lengthIn: toIn - fromIn }
        return both && layer.inside ? { ...cut, inside: true } : cut
      }),
    ),
  )
}

/** The run of one end of a board: square on what carries it, or sawn to the rake. */
function girtEnd(
  wall: Wall,
  bucks: Bucks,
  [atIn, lies]: readonly [number, RowLies],
  rake: { readonly backIn: number; readonly atIn: number } | null,
) {
  const on = endOn(wall, bucks, atIn, lies)
  if (!rake || Math.abs(rake.atIn - atIn) > SAME_IN) return { end: squareOn(on), backIn: 0 }
  return { end: { ...squareOn(null), cut: 'bevel' as const }, backIn: rake.backIn }
}

/** How near a girt comes to a post that it is nailed to: set in between it stops at its side, else it lies on it. Inches. */
const reachIn = (inside: boolean): number => (inside ? HALF_MARK_IN : -SAME_IN)

/** What the end of a girt is nailed to where no post or buck is: the truss of its gable, a rafter, a beam, another girt. */
function heldAtEnd(wall: Wall, { on, cut }: End, atIn: number, inside: boolean): Pick<Join, 'kind' | 'to'> | null {
  if (cut === 'bevel') return wall.gableTruss === null ? null : { kind: 'girt to truss', to: wall.gableTruss }
  if (on === null || on.startsWith('buck-') || anySupport(wall.supports, atIn, reachIn(inside)) !== null) return null
  if (on.startsWith('girts-')) return { kind: 'girt to girt', to: on }
  return { kind: on.startsWith('rafter-') ? 'girt to rafter' : 'girt to carrier', to: on }
}

/** A girt with its row and how it lies. */
interface PutGirt {
  readonly stick: Stick
  readonly part: WallBoard
  readonly row: GirtRow
  readonly highUpIn: number
}

/** The nails of one girt: at its ends where no post holds it, and at every post that it passes or ends at. */
function putGirtJoins(making: Making, wall: Wall, { stick, part, row, highUpIn }: PutGirt): void {
  const { fromIn, toIn, inside } = part
  const { nail, count } = wall.building.joints.girt
  const fastener: Fastener = { by: 'nail', nail }
  for (const end of [0, 1] as const) {
    const held = heldAtEnd(wall, stick.ends[end], end === 0 ? fromIn : toIn, inside)
    const atIn = end === 0 ? 0 : stick.cutLengthIn
    if (held) making.joins.push({ kind: held.kind, stick: stick.id, to: held.to, atIn, upIn: null, fastener, count })
  }
  if (!meetsPosts(wall, highUpIn)) {
    making.overlaps.push({ kind: 'below the brackets', sticks: [stick.id, stick.id] })
    return
  }
  for (const { id, atIn, halfIn } of supportsNear(wall.supports, fromIn, toIn)) {
    if (atIn + halfIn < fromIn - reachIn(inside) || atIn - halfIn > toIn + reachIn(inside)) continue
    const alongIn = Math.min(toIn, Math.max(fromIn, atIn)) - fromIn
    making.joins.push({
      kind: 'girt to post',
      stick: stick.id,
      to: id,
      atIn: alongIn,
      upIn: row.topIn,
      fastener,
      count,
    })
  }
}

/** The girts of one wall, row by row from the lowest, with the nails that hold them. */
export function putGirts(making: Making, wall: Wall, bucks: Bucks): void {
  const { line, side, rows } = wall
  const layers = layersOf(wall)
  // Set in between posts its thickness stands upright: which of its faces is the lower one.
  const farIsDown = dot(cross(towards(line, 1, 0, 0), towards(line, 0, 1, 0)), UP) < 0
  for (const [rowOrder, row] of rows.rows.entries())
    for (const layer of layers) {
      const { downIn, outIn, board, inside, suffix } = layer
      const rake = rakeOf(wall, row, downIn[1] - downIn[0])
      const middleUpIn = row.topIn - (downIn[0] + downIn[1]) / 2
      const middleOutIn = (outIn[0] + outIn[1]) / 2
      const up = inside ? towards(line, 0, 1, 0) : UP
      const lies = roomsAt(wall, liesIn(row, layer))
      const layerName = `${row.id}${suffix}`
      const [rowId, layerId] = [`girts-${side}-${row.id}`, `girt-${side}-${layerName}`]
      // The boards of a second layer lie on those of the first.
      const onFirst = (end: End): End => (end.on === null || inside ? end : { ...end, on: rowId })
      const signed = (end: End, backIn: number): End => {
        if (backIn === 0) return end
        if (!inside) return { ...end, backIn: -backIn }
        return { ...end, backAcrossIn: farIsDown ? backIn : -backIn }
      }
      for (const part of boardsOfRow(wall, bucks, [row, rowOrder], layer)) {
        const { fromIn, toIn, order } = part
        const low = girtEnd(wall, bucks, [fromIn, lies], rake && { backIn: rake.backIn, atIn: rake.fromIn })
        const high = girtEnd(wall, bucks, [toIn, lies], rake && { backIn: rake.backIn, atIn: rake.toIn })
        const doubled = layer.ply > 0
        const stick = putStick(making, {
          id: `${layerId}-${order + 1}`,
          name: `${layerName}.${order + 1}`,
          kind: 'girt',
          place: { part: 'main', side, row: row.id, order },
          of: rowId,
          board,
          from: placeOn(line, fromIn, middleOutIn, middleUpIn),
          to: placeOn(line, toIn, middleOutIn, middleUpIn),
          up,
          ends: [
            signed(doubled ? onFirst(low.end) : low.end, low.backIn),
            signed(doubled ? onFirst(high.end) : high.end, high.backIn),
          ],
        })
        putGirtJoins(making, wall, { stick, part, row, highUpIn: lies.highUpIn })
      }
    }
}
