import { minus, plus, times } from '../geometry'
import type { LeanTo } from '../model'
import { rafterCuts } from '../pocket/rafter'
import { SAME_IN } from '../units'
import { PLY_IN, postSize } from '../wood'
import type { Beam } from './beams'
import { leanToPurlinPlaces, leanToSlope } from './leanToPurlins'
import {
  CLEAT_IN,
  cleatOutIn,
  cleatSides,
  ledgerTopIn,
  type LeanToRoof,
  type RafterAt,
  topIn,
  undersideIn,
} from './leanToRoof'
import { placeOn, towards, UP, wallLine } from './line'
import { type Making, putStick, squareOn } from './make'
import { purlinBoard, putPurlins } from './purlins'
import { pliesJoins } from './builtUp'
import { beamRooms, boltLengthIn } from './putBeams'
import { boardAt, boardsBetween, splicesOf } from './splices'
import type { Cut, End } from './stick'

/** A beam that lies flush with the outside of its posts behind the lower edge of the ledger: the ledger lies on it there. */
const flushBeam = ({ wallBeams, wallOutIn }: LeanToRoof, atIn: number, lowUpIn: number): Beam | undefined =>
  wallBeams.find(
    (beam) =>
      beam.fromIn - SAME_IN <= atIn &&
      atIn <= beam.toIn + SAME_IN &&
      beamRooms(beam).some(
        (room) =>
          room.outToIn > wallOutIn - SAME_IN && room.lowUpIn < lowUpIn + SAME_IN && room.highUpIn > lowUpIn + SAME_IN,
      ),
  )

/** The ledger, ply by ply, bolted to every post of the wall. */
function putLedger(making: Making, roof: LeanToRoof): void {
  const { building, grid, boards, leanTo, part, wall, wallOutIn } = roof
  const { ledger, side } = leanTo
  const line = wallLine(grid, side)
  const board = boards(ledger.size, ledger.lumber)
  const upIn = ledgerTopIn(roof) - board.depthIn / 2
  const supportsIn = wall.map(({ x }) => x)
  const whole = { fromIn: 0, toIn: grid.lengthIn }
  const boardCounts: number[] = []
  for (let ply = 0; ply < ledger.plies; ply++) {
    const outIn = wallOutIn + PLY_IN * (ply + 0.5)
    const splices = splicesOf(supportsIn, whole, { reach: 'two', order: ply })
    boardCounts.push(splices.length + 1)
    for (const [order, { fromIn, toIn }] of boardsBetween(whole, splices).entries()) {
      const onPost = (atIn: number): End =>
        squareOn(
          flushBeam(roof, atIn, upIn - board.depthIn / 2)?.id ??
            wall.find((post) => Math.abs(post.x - atIn) <= post.sizeX / 2 + SAME_IN)?.id ??
            null,
        )
      const onOwn = ply > 0 || wallOutIn > 0 || upIn - board.depthIn / 2 >= building.heelIn - SAME_IN
      putStick(making, {
        id: `ledger-${part}-${ply + 1}-${order + 1}`,
        name: `ledger ${ply + 1}.${order + 1}`,
        kind: 'ledger',
        place: { part, side, row: `ledger-${part}`, order },
        of: `ledger-${part}`,
        board,
        from: placeOn(line, fromIn, outIn, upIn),
        to: placeOn(line, toIn, outIn, upIn),
        up: UP,
        ends: onOwn ? [squareOn(null), squareOn(null)] : [onPost(fromIn), onPost(toIn)],
      })
    }
  }
  making.joins.push(...pliesJoins({ of: `ledger-${part}`, lengthIn: grid.lengthIn, boards: boardCounts }))
  const { diameterIn, count } = building.joints.ledger
  const grip = postSize(building.post).depthIn + PLY_IN * ledger.plies
  const outermost = boardsBetween(whole, splicesOf(supportsIn, whole, { reach: 'two', order: 0 }))
  for (const post of wall) {
    const at = boardAt(outermost, post.x)
    making.joins.push({
      kind: 'ledger to post',
      stick: `ledger-${part}-1-${at.order + 1}`,
      to: post.id,
      atIn: at.alongIn,
      upIn: upIn - board.depthIn / 2,
      fastener: { by: 'bolt', diameterIn, lengthIn: boltLengthIn(grip) },
      count,
    })
  }
}

/** The bird's mouth of a rafter, along it from its upper tip: its level seat, and the plumb cut outside of it. */
function birdsMouthCuts(roof: LeanToRoof, highOutIn: number): readonly Cut[] {
  const { leanTo, seatIn, angle, deepIn, restOutIn } = roof
  const { notchIn } = rafterCuts(leanTo.pitchPer12, seatIn)
  const fromIn = (restOutIn - seatIn - highOutIn) / Math.cos(angle) + deepIn * Math.tan(angle)
  const heelIn = fromIn + seatIn * Math.cos(angle)
  return [
    { kind: "bird's mouth", edge: 'lower', fromIn, toIn: heelIn, depthIn: [0, notchIn] },
    {
      kind: "bird's mouth",
      edge: 'lower',
      fromIn: heelIn,
      toIn: fromIn + seatIn / Math.cos(angle),
      depthIn: [notchIn, 0],
    },
  ]
}

/** Middle of a board along the slope of the rafters from one place out to another, plumb at both ends, tip to tip. */
function alongSlope(roof: LeanToRoof, atIn: number, outIn: readonly [number, number]) {
  const { line, angle, deepIn } = roof
  const off = towards(line, 0, Math.sin(angle), Math.cos(angle))
  const high = placeOn(line, atIn, outIn[0], topIn(roof, outIn[0]))
  const low = placeOn(line, atIn, outIn[1], undersideIn(roof, outIn[1]))
  return {
    from: minus(high, times(off, deepIn / 2)),
    to: plus(low, times(off, deepIn / 2)),
    up: off,
    backIn: deepIn * Math.tan(angle),
  }
}

/** The plies of one rafter. */
function putRafter(making: Making, roof: LeanToRoof, at: RafterAt): void {
  const { boards, leanTo, part, beam, outer, tailOutIn, restOutIn } = roof
  const { rafter, side } = leanTo
  const board = boards(rafter.size, rafter.lumber)
  const restOn = beam ? beam.id : (outer.find((post) => Math.abs(post.atIn - at.atIn) < SAME_IN)?.id ?? null)
  const tail = tailOutIn > restOutIn + SAME_IN
  for (let ply = 0; ply < rafter.plies; ply++) {
    const plyAtIn = at.atIn + (ply - (rafter.plies - 1) / 2) * PLY_IN
    const { from, to, up, backIn } = alongSlope(roof, plyAtIn, [at.highOutIn, tailOutIn])
    putStick(making, {
      id: `${at.id}-${ply + 1}`,
      name: `R${at.order + 1}${rafter.plies > 1 ? `.${ply + 1}` : ''}`,
      kind: 'rafter',
      place: { part, side, row: 'rafters', order: at.order },
      of: at.id,
      board,
      from,
      to,
      up,
      ends: [
        { cut: 'plumb', on: at.hangs?.id ?? at.post?.id ?? null, backIn, backAcrossIn: 0 },
        { cut: 'plumb', on: tail ? null : restOn, backIn: -backIn, backAcrossIn: 0 },
      ],
      cuts: birdsMouthCuts(roof, at.highOutIn),
    })
  }
  const lengthIn = (tailOutIn - at.highOutIn) / Math.cos(roof.angle)
  making.joins.push(...pliesJoins({ of: at.id, lengthIn, boards: Array<number>(rafter.plies).fill(1) }))
  putRafterJoins(making, roof, at, restOn)
}

/** Nails of a rafter on its seat where no rated tie holds it. */
const TOE_NAILS = 3

/** What a hanger of a rafter is bought for. */
const fitsRafter = ({ plies, size }: LeanTo['rafter']): string =>
  `${plies > 1 ? `${plies} of ` : ''}${size.replace('x', '×')}, sloped`

/** What holds a rafter at both its rests. */
function putRafterJoins(making: Making, roof: LeanToRoof, at: RafterAt, restOn: string | null): void {
  const { building, angle, leanTo, restOutIn, seatIn, seatUpIn } = roof
  const stick = `${at.id}-1`
  const onPost = at.hangs === null || at.hangs.kind === 'rafter to post'
  const high = { stick, atIn: 0, upIn: onPost ? undersideIn(roof, at.highOutIn) : null }
  if (at.hangs)
    making.joins.push({
      ...high,
      kind: at.hangs.kind,
      to: at.hangs.id,
      fastener: { by: 'hanger', fits: fitsRafter(leanTo.rafter) },
      count: 1,
    })
  else if (at.post) {
    const { diameterIn, count } = building.joints.ledger
    const lengthIn = boltLengthIn(postSize(building.post).widthIn + 2 * PLY_IN)
    making.joins.push({
      ...high,
      kind: 'rafter to post',
      to: at.post.id,
      fastener: { by: 'bolt', diameterIn, lengthIn },
      count,
    })
  }
  if (restOn === null) return
  making.joins.push({
    kind: roof.beam ? 'rafter to carrier' : 'rafter to post',
    stick,
    to: restOn,
    atIn: (restOutIn - seatIn - at.highOutIn) / Math.cos(angle),
    upIn: roof.beam ? null : seatUpIn,
    fastener: building.joints.rafterTieLb === null ? { by: 'nail', nail: '16d-common' } : { by: 'rafter tie' },
    count: building.joints.rafterTieLb === null ? TOE_NAILS : Math.min(2, leanTo.rafter.plies),
  })
}

/** Two cleats beside the high end of a rafter at its post: bolted through the post, nailed to the rafter. */
function putCleats(making: Making, roof: LeanToRoof, at: RafterAt): void {
  if (!at.post) return
  const { boards, leanTo, part } = roof
  const board = boards(leanTo.rafter.size, leanTo.rafter.lumber)
  const innerOutIn = cleatOutIn(roof) ?? at.highOutIn
  for (const [order, middleIn] of cleatSides(roof, at)) {
    const { from, to, up, backIn } = alongSlope(roof, middleIn, [innerOutIn, at.highOutIn + CLEAT_IN])
    const stick = putStick(making, {
      id: `${at.id}-cleats-${order + 1}`,
      name: `cleat ${at.post.name}.${order + 1}`,
      kind: 'blocking',
      place: { part, side: leanTo.side, row: 'cleats', order: at.order * 2 + order },
      of: `${at.id}-cleats`,
      board,
      from,
      to,
      up,
      ends: [
        { cut: 'plumb', on: at.post.id, backIn, backAcrossIn: 0 },
        { cut: 'plumb', on: null, backIn: -backIn, backAcrossIn: 0 },
      ],
    })
    making.joins.push({
      kind: 'cleat to rafter',
      stick: stick.id,
      to: at.id,
      atIn: at.highOutIn - innerOutIn,
      upIn: null,
      fastener: { by: 'nail', nail: '16d-common' },
      count: 6,
    })
  }
}

/** All sticks of the roof of one lean-to: ledger, rafters with their cleats, purlins. Its beam is a row's own. */
export function putLeanTo(making: Making, roof: LeanToRoof): void {
  const { building, boards, leanTo, rafters } = roof
  if (leanTo.rafter.spaceIn !== null) putLedger(making, roof)
  for (const at of rafters) {
    putRafter(making, roof, at)
    putCleats(making, roof, at)
  }
  const places = leanToPurlinPlaces(roof)
  if (places.length === 0) return
  const { style, run } = building.roof.purlins
  putPurlins(making, {
    building,
    slope: leanToSlope(roof),
    board: purlinBoard(building, boards),
    style,
    run,
    placesIn: places,
    kind: 'purlin to rafter',
  })
}
