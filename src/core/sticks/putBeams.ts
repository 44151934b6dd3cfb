import type { Building } from '../model'
import { item, lastOf } from '../result'
import { SAME_IN } from '../units'
import { PLY_IN, postSize } from '../wood'
import type { Beam } from './beams'
import type { Boards } from './board'
import type { Column } from './column'
import { placeOn, UP } from './line'
import { type Making, putStick, squareOn } from './make'
import type { Room } from './room'
import { pliesJoins } from './builtUp'
import { boardAt, boardsBetween, splicesOf } from './splices'
import type { Fastener } from './stick'

/** Washers, nut and what a nut must catch, over the wood that a bolt passes, inches. */
const BOLT_OVER_IN = 1.25
/** Bolts are sold in half inches. */
const BOLT_STEP_IN = 0.5

/** Length of a bolt through so much wood, inches: to the half inch, with room for washers and nut. */
export const boltLengthIn = (woodIn: number): number =>
  Math.ceil((woodIn + BOLT_OVER_IN) / BOLT_STEP_IN - SAME_IN) * BOLT_STEP_IN

/** Wood that a bolt of a beam passes at its posts, inches. */
const beamGripIn = ({ faces, spec }: Beam, depthIn: number): number =>
  faces.let === 'in' ? depthIn : depthIn + PLY_IN * spec.plies

/** Room that a beam takes up along its wall, ply by ply. */
export const beamRooms = ({ id, fromIn, toIn, layers, deepIn }: Beam): readonly Room[] =>
  layers.map(({ outIn, topUpIn }) => ({
    of: id,
    fromIn,
    toIn,
    lowUpIn: topUpIn - deepIn,
    highUpIn: topUpIn,
    outFromIn: outIn,
    outToIn: outIn + PLY_IN,
  }))

/** Underside of the notch of a column in the face on which a layer of a beam lies; null where it has none there. */
function notchUnder(column: Column, outIn: number, postDepthIn: number): number | null {
  const face = outIn + PLY_IN / 2 > -postDepthIn / 2 ? 'outside' : 'inside'
  return column.notches.find((notch) => notch.face === face)?.fromUpIn ?? null
}

/** What fills the space under the end of a beam that is shallower than the one beside it on their post. */
function putPackers(making: Making, { building, boards, beam, columns }: BeamsOf, end: 0 | 1): void {
  const { post, support } = item(beam.posts, end === 0 ? 0 : beam.posts.length - 1)
  const column = columns.get(post.id)
  if (beam.faces.let === 'on' || !column) return
  const lowIn = beam.topUpIn - beam.deepIn
  const board = boards(beam.spec.size, beam.spec.lumber)
  const fromIn = Math.max(beam.fromIn, support.atIn - support.halfIn)
  const toIn = Math.min(beam.toIn, support.atIn + support.halfIn)
  for (const [ply, { outIn }] of beam.layers.entries()) {
    const packIn = lowIn - (notchUnder(column, outIn, postSize(building.post).depthIn) ?? lowIn)
    if (packIn < LEAST_PACK_IN) continue
    putStick(making, {
      id: `${beam.id}-pack-${end}-${ply + 1}`,
      name: `packer ${post.name}`,
      kind: 'blocking',
      place: { part: beam.part, side: post.side, row: beam.id, order: ply },
      of: post.id,
      board: {
        ...board,
        depthIn: packIn,
        size: null,
        label: 'packer',
        weightPlf: (board.weightPlf * packIn) / board.depthIn,
      },
      from: placeOn(beam.line, fromIn, outIn + PLY_IN / 2, lowIn - packIn / 2),
      to: placeOn(beam.line, toIn, outIn + PLY_IN / 2, lowIn - packIn / 2),
      up: UP,
      ends: [squareOn(post.id), squareOn(post.id)],
      ordered: true,
    })
  }
}

/** A thinner packer is a shim, inches. */
const LEAST_PACK_IN = 1 / 16

interface BeamsOf {
  readonly building: Building
  readonly boards: Boards
  readonly beam: Beam
  readonly columns: ReadonlyMap<string, Column>
}

/** The plies of a beam, joined over posts, every other ply over other posts, with its bolts. */
export function putBeam(making: Making, of: BeamsOf): void {
  const { building, boards, beam } = of
  const { line, spec, deepIn, posts, part } = beam
  const board = boards(spec.size, spec.lumber)
  const supportsIn = posts.map(({ support }) => support.atIn)
  const onPost = (atIn: number): string | null =>
    posts.find(({ support }) => Math.abs(support.atIn - atIn) <= support.halfIn + SAME_IN)?.post.id ?? null
  const postDepthIn = postSize(building.post).depthIn
  // Boards of each ply, of plies that lie against each other: those in the other face of the posts stand by themselves.
  const touching: number[][] = []
  beam.layers.forEach(({ outIn, topUpIn }, ply) => {
    // On a face only the ply next to the post touches it; let in, all of them stand on the notch.
    const besideIn = outIn >= 0 ? outIn : -postDepthIn - PLY_IN - outIn
    const touches = beam.faces.let === 'in' || besideIn < SAME_IN
    const carried = (atIn: number) => (touches ? onPost(atIn) : beam.id)
    const splices = splicesOf(supportsIn, beam, { reach: 'two', order: ply })
    const againstLast = ply > 0 && Math.abs(item(beam.layers, ply - 1).outIn - outIn - PLY_IN) < SAME_IN
    if (againstLast) lastOf(touching).push(splices.length + 1)
    else touching.push([splices.length + 1])
    for (const [order, { fromIn, toIn }] of boardsBetween(beam, splices).entries()) {
      const middle = (atIn: number) => placeOn(line, atIn, outIn + PLY_IN / 2, topUpIn - deepIn / 2)
      putStick(making, {
        id: `${beam.id}-${ply + 1}-${order + 1}`,
        name: `${beam.kind} ${ply + 1}.${order + 1}`,
        kind: beam.kind,
        place: { part, side: item(posts, 0).post.side, row: beam.id, order },
        of: beam.id,
        board,
        from: middle(fromIn),
        to: middle(toIn),
        up: UP,
        ends: [squareOn(carried(fromIn)), squareOn(carried(toIn))],
      })
    }
  })
  for (const boards of touching)
    making.joins.push(...pliesJoins({ of: beam.id, lengthIn: beam.toIn - beam.fromIn, boards }))
  putPackers(making, of, 0)
  putPackers(making, of, 1)
  const { diameterIn, count } = building.joints.carrier
  const bolt: Fastener = {
    by: 'bolt',
    diameterIn,
    lengthIn: boltLengthIn(beamGripIn(beam, postDepthIn)),
  }
  const outermost = boardsBetween(beam, splicesOf(supportsIn, beam, { reach: 'two', order: 0 }))
  for (const { post, support } of posts) {
    const { order, alongIn } = boardAt(outermost, support.atIn)
    making.joins.push({
      kind: beam.kind === 'header' ? 'header to post' : 'carrier to post',
      stick: `${beam.id}-1-${order + 1}`,
      to: post.id,
      atIn: alongIn,
      upIn: beam.topUpIn - deepIn,
      fastener: bolt,
      count,
    })
  }
}
