import type { Prices } from '../quantities'
import { SAME_IN } from '../units'
import { boughtFt, isOfPost, longerIn, type Stick, type StickBoard } from '../sticks'
import type { FieldState, PieceCut } from './fold'
import { PIECE_STATES, type PieceState, type PostState } from './kinds'

/** A piece that is cut within this of its plan fits, inches: the finest mark a crew reads. */
const FITS_IN = 1 / 16 + SAME_IN

/** Whether a piece that is cut is what the plan now asks for; how much longer it is, inches. */
type PieceFit =
  | { readonly kind: 'fits' }
  | { readonly kind: 'long' | 'short'; readonly byIn: number }
  | { readonly kind: 'other board' }

/** What of a stick its piece is held against. */
export interface PlannedPiece extends Pick<Stick, 'id' | 'name' | 'kind' | 'of' | 'cutLengthIn'> {
  readonly board: Pick<StickBoard, 'label' | 'lumber' | 'treated'>
}

/** How far a piece has come, and whether what was cut for it is what the plan asks for. */
export interface PieceStanding<S extends PlannedPiece> {
  readonly stick: S
  readonly state: PieceState
  readonly cut: PieceCut | null
  readonly fit: PieceFit | null
}

/** A stick as it is planned and as it was built. */
export interface PieceAsBuilt extends PieceStanding<Stick> {
  /** What a board for it costs anew, dollars; 0 where what was cut serves. */
  readonly anewCost: number
}

/** A piece that was cut, and for which the plan has no place any more. */
export interface StrayPiece {
  readonly id: string
  readonly state: PieceState
  readonly cut: PieceCut
}

/** The state of the boards of a post: that of the post. */
const OF_POST: Readonly<Record<PostState, PieceState>> = {
  planned: 'planned',
  'hole dug': 'planned',
  'footing ready': 'planned',
  cut: 'cut',
  set: 'set',
  braced: 'fixed',
  inspected: 'checked',
}
function fitOf(stick: PlannedPiece, cut: PieceCut): PieceFit {
  if (cut.board !== boardOf(stick)) return { kind: 'other board' }
  const byIn = longerIn(stick, cut.lengthIn)
  if (Math.abs(byIn) <= FITS_IN) return { kind: 'fits' }
  return { kind: byIn > 0 ? 'long' : 'short', byIn: Math.abs(byIn) }
}

/** What a stick is cut from, as it is kept with what was cut. */
export const boardOf = ({ board }: Pick<PlannedPiece, 'board'>): string =>
  `${board.label} ${board.lumber}${board.treated ? ' treated' : ''}`

/** Price of a new board for a stick, dollars; 0 for what is ordered to measure, which has no price by the foot. */
function boardCost(stick: Stick, prices: Prices): number {
  const { size, lumber, treated } = stick.board
  if (size === null) return 0
  return boughtFt(stick) * prices.board(size, lumber, treated)
}

/** How far one piece has come; the boards of a post go with it. */
export function pieceStanding<S extends PlannedPiece>(
  stick: S,
  { pieces, states }: Pick<FieldState, 'pieces' | 'states'>,
): PieceStanding<S> {
  if (isOfPost(stick)) return { stick, state: OF_POST[states[stick.of ?? ''] ?? 'planned'], cut: null, fit: null }
  const { state, cut } = pieces[stick.id] ?? { state: 'planned', cut: null }
  return { stick, state, cut, fit: cut && fitOf(stick, cut) }
}

/** Pieces that were cut and have no place in the plan any more. */
export function strayPieces(
  planned: ReadonlySet<string>,
  { pieces }: Pick<FieldState, 'pieces'>,
): readonly StrayPiece[] {
  return Object.entries(pieces).flatMap(([id, { state, cut }]) => (cut && !planned.has(id) ? [{ id, state, cut }] : []))
}

/**
 * Every stick with how far it has come. What is cut is locked: where the plan has changed since, the difference is said, and
 * what a new board costs where the piece does not serve.
 */
export function piecesAsBuilt(
  sticks: readonly Stick[],
  state: Pick<FieldState, 'pieces' | 'states'>,
  prices: Prices,
): { readonly pieces: readonly PieceAsBuilt[]; readonly strays: readonly StrayPiece[] } {
  const pieces = sticks.map((stick): PieceAsBuilt => {
    const standing = pieceStanding(stick, state)
    const { fit } = standing
    const lost = fit !== null && fit.kind !== 'fits' && fit.kind !== 'long'
    return { ...standing, anewCost: lost ? boardCost(stick, prices) : 0 }
  })
  return { pieces, strays: strayPieces(new Set(sticks.map(({ id }) => id)), state) }
}

/** Whether a piece is cut, or farther: it is not sawn again, and its length is locked. */
export const isCut = (state: PieceState): boolean => PIECE_STATES.indexOf(state) >= PIECE_STATES.indexOf('cut')
