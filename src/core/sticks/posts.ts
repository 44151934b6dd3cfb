import { cross, dot } from '../geometry'
import type { Building } from '../model'
import { item } from '../result'
import { SAME_IN } from '../units'
import { postSize } from '../wood'
import { type Boards, timberOf } from './board'
import type { Column, ColumnPly } from './column'
import { placeOn, towards, UP } from './line'
import { type Making, putStick, squareOn } from './make'
import { type Cut, type End, partOfPost, type StickBoard } from './stick'

/** Lowest joint of treated to dry wood above grade, inches (register C08’s rule, editable by splice zone). */
const JOINT_ABOVE_GRADE_IN = 16
/** Joints of neighboring plies stand apart by at least this unless the zone says otherwise, inches. */
const JOINT_STEP_IN = 24
/** Longest single board for a ply, inches. */
const LONGEST_PLY_IN = 288

/** A board shorter than this is not worth a joint, inches. */
const STUB_IN = 9

/** What is wrong with the joints of a column. */
export type JointProblem =
  | { readonly kind: 'too long'; readonly mostIn: number }
  | { readonly kind: 'too near'; readonly apartIn: number; readonly zoneIn: number }

/** Where the plies of a column are joined: the lowest joint above grade, and the step from ply to ply. */
function jointZone({ post }: Pick<Building, 'post'>, plies: number) {
  const lowestIn = Math.max(JOINT_ABOVE_GRADE_IN, post.splice?.fromIn ?? JOINT_ABOVE_GRADE_IN)
  const highestIn = post.splice?.toIn ?? lowestIn + JOINT_STEP_IN * (plies - 1)
  return { lowestIn, stepIn: plies > 1 ? (highestIn - lowestIn) / (plies - 1) : 0 }
}

/** A board of a ply, above the grade line. */
export interface PlyPiece {
  readonly ply: number
  readonly fromUpIn: number
  readonly toUpIn: number
  readonly treated: boolean
}

/**
 * The boards of a column whose foot stands `footUpIn` above the grade line: one to a ply where that is long enough and no
 * joints are chosen; otherwise treated below and dry above, joints staggered over the splice zone, never lower than 16 in.
 * above grade.
 */
export function plyPieces(
  building: Pick<Building, 'post' | 'school'>,
  { plies }: { readonly plies: readonly Pick<ColumnPly, 'topUpIn'>[] },
  footUpIn: number,
): readonly PlyPiece[] {
  const laminated = postSize(building.post).wood === 'laminated'
  const { lowestIn, stepIn } = jointZone(building, plies.length)
  return plies.flatMap(({ topUpIn }, ply): readonly PlyPiece[] => {
    const joined = laminated && (building.post.splice !== null || topUpIn - footUpIn > LONGEST_PLY_IN)
    if (!joined) return [{ ply, fromUpIn: footUpIn, toUpIn: topUpIn, treated: building.school !== 'pier' }]
    const jointUpIn = lowestIn + stepIn * ply
    // A joint at either end would leave a stub.
    if (jointUpIn > topUpIn - STUB_IN || jointUpIn < footUpIn + STUB_IN)
      return [{ ply, fromUpIn: footUpIn, toUpIn: topUpIn, treated: true }]
    return [
      { ply, fromUpIn: footUpIn, toUpIn: jointUpIn, treated: true },
      { ply, fromUpIn: jointUpIn, toUpIn: topUpIn, treated: false },
    ]
  })
}

/** The name of a board of a column: its ply, and whether another lies under it. */
const plyId = (postId: string, { ply, fromUpIn }: PlyPiece, footUpIn: number): string =>
  `${postId}/${ply + 1}${fromUpIn === footUpIn ? '' : 'b'}`

/** How long each board of a column is cut whose foot stands `footUpIn` above the grade line, by its stick. Inches. */
export const plyLengthsIn = (
  building: Pick<Building, 'post' | 'school'>,
  column: { readonly plies: readonly Pick<ColumnPly, 'topUpIn'>[] },
  { postId, footUpIn }: { readonly postId: string; readonly footUpIn: number },
): ReadonlyMap<string, number> =>
  new Map(
    plyPieces(building, column, footUpIn).map((piece) => [
      plyId(postId, piece, footUpIn),
      piece.toUpIn - piece.fromUpIn,
    ]),
  )

/** What is wrong with the joints of a column; null where they can be made so. */
export function jointProblem(building: Pick<Building, 'post'>, pieces: readonly PlyPiece[]): JointProblem | null {
  const plies = new Set(pieces.map(({ ply }) => ply)).size
  if (pieces.length === plies) return null
  if (pieces.some((piece) => piece.toUpIn - piece.fromUpIn > LONGEST_PLY_IN))
    return { kind: 'too long', mostIn: LONGEST_PLY_IN }
  const { stepIn } = jointZone(building, plies)
  if (stepIn < JOINT_STEP_IN - SAME_IN)
    return { kind: 'too near', apartIn: stepIn, zoneIn: JOINT_STEP_IN * (plies - 1) }
  return null
}

/** Height above the grade line up to which a column is treated, at most. */
export const treatedUpIn = ({ school }: Pick<Building, 'school'>): number =>
  school === 'pier' ? 0 : JOINT_ABOVE_GRADE_IN

/** Notches of a column in one of its boards, along the board from its foot. */
function cutsOf(column: Column, piece: PlyPiece, farIsHigh: boolean): readonly Cut[] {
  const along = (upIn: number) => Math.min(piece.toUpIn, Math.max(piece.fromUpIn, upIn)) - piece.fromUpIn
  const cuts: Cut[] = column.notches.map(({ face, fromUpIn, toUpIn, depthIn }) => ({
    kind: 'notch',
    fromIn: along(fromUpIn),
    toIn: along(toUpIn),
    edge: face === 'outside' ? 'upper' : 'lower',
    depthIn: [depthIn, depthIn],
  }))
  if (column.trussNotch) {
    const { side, fromUpIn, toUpIn, depthIn } = column.trussNotch
    const far = (side === 'high') === farIsHigh
    cuts.push({
      kind: 'notch',
      fromIn: along(fromUpIn),
      toIn: along(toUpIn),
      edge: far ? 'far' : 'near',
      depthIn: [depthIn, depthIn],
    })
  }
  return cuts.filter(({ fromIn, toIn }) => toIn - fromIn > SAME_IN)
}

/** What a column's foot stands on. */
const footOn = ({ school }: Pick<Building, 'school'>): string => (school === 'pier' ? 'bracket' : 'footing')

/** The upper end of a ply: square, or sawn to the roof. */
const topEnd = ({ fallsIn }: ColumnPly, farIsHigh: boolean): End =>
  Math.abs(fallsIn) <= SAME_IN
    ? squareOn(null)
    : { cut: 'bevel', on: null, backIn: 0, backAcrossIn: farIsHigh ? fallsIn : -fallsIn }

/** The sticks of one column from its foot up: its plies board by board, or the one post. */
export function putColumn(
  making: Making,
  { building, boards }: { readonly building: Building; readonly boards: Boards },
  column: Column,
  footUpIn: number,
): void {
  const { post, line } = column
  const size = postSize(building.post)
  const laminated = size.wood === 'laminated'
  const part = partOfPost(post)
  const out = towards(line, 0, 1, 0)
  const farIsHigh = dot(cross(UP, out), towards(line, 1, 0, 0)) > 0
  const boardFor = (treated: boolean): StickBoard =>
    laminated ? boards(`2x${size.nominal as '6' | '8' | '10'}`, building.post.lumber, treated) : timberOf(building)
  for (const [order, piece] of plyPieces(building, column, footUpIn).entries()) {
    const ply = item(column.plies, piece.ply)
    const at = (upIn: number) => placeOn(line, post.atIn + ply.offIn, -size.depthIn / 2, upIn)
    const atFoot = piece.fromUpIn === footUpIn
    const atTop = piece.toUpIn === ply.topUpIn
    putStick(making, {
      id: plyId(post.id, piece, footUpIn),
      name: laminated ? `${post.name} ply ${piece.ply + 1}${atFoot ? '' : ', upper'}` : post.name,
      kind: laminated ? 'ply' : 'post',
      place: { part, side: post.side, row: null, order },
      of: post.id,
      board: boardFor(piece.treated),
      from: at(piece.fromUpIn),
      to: at(piece.toUpIn),
      up: out,
      ends: [squareOn(atFoot ? footOn(building) : post.id), atTop ? topEnd(ply, farIsHigh) : squareOn(post.id)],
      cuts: cutsOf(column, piece, farIsHigh),
      spareIn: atTop ? making.buying.postSpareIn : making.buying.spareIn,
      ordered: size.wood === 'glulam',
    })
  }
}
