'use client'
import { boardOf, type PieceStanding, type PieceState, type PlannedPiece } from '@/core/field'
import { roundIn } from '@/core/units'
import { useLog } from './useField'

/** Brings pieces to a state; what is cut now is cut to its plan unless a length is said, and locked. */
export function usePieceState() {
  const add = useLog((log) => log.add)
  return (
    pieces: readonly Pick<PieceStanding<PlannedPiece>, 'stick' | 'cut'>[],
    state: PieceState,
    lengthIn?: number,
  ) =>
    add({
      kind: 'pieces',
      state,
      pieces: Object.fromEntries(
        pieces.map(({ stick, cut }) => [
          stick.id,
          state === 'planned' || (cut !== null && lengthIn === undefined)
            ? null
            : { name: stick.name, board: boardOf(stick), lengthIn: lengthIn ?? roundIn(stick.cutLengthIn) },
        ]),
      ),
    })
}
