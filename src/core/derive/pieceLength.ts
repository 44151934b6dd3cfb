import type { PlannedPiece } from '../field'
import { entryOf } from '../result'
import { plyLengthsIn } from '../sticks'
import type { FieldDerived, FieldJob } from './fieldForm'

/**
 * How long a piece is cut on site, inches: as planned, or a board of a post from its foot as it was found, `footToGradeIn`
 * under the grade line. Null for a board of a post that its foot as found leaves out.
 */
export function pieceLengthIn(
  { building }: Pick<FieldJob, 'building'>,
  { columns }: Pick<FieldDerived, 'columns'>,
  piece: PlannedPiece,
  footToGradeIn: number | null,
): number | null {
  if (footToGradeIn === null || piece.of === null) return piece.cutLengthIn
  const column = entryOf(columns, piece.of)
  const of = { postId: piece.of, footUpIn: -footToGradeIn }
  return plyLengthsIn(building, column, of).get(piece.id) ?? null
}
