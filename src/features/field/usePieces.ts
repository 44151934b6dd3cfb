'use client'
import { useMemo } from 'react'
import { boardOf, type Measured, type PieceAsBuilt, piecesAsBuilt, type PieceState } from '@/core/field'
import type { Job } from '@/core/model'
import { priceBook } from '@/core/quantities'
import { roundIn } from '@/core/units'
import type { ShownDerived } from '@/formats/shown'
import { useLog } from './useField'
import { useSticks } from './useSticks'

/** Every piece of a job as it is planned and as it was built. */
export function usePieces(job: Job, derived: ShownDerived, measured: Pick<Measured, 'asBuilt'>) {
  const { sticks } = useSticks(job, derived, measured)
  const state = useLog((log) => log.state)
  const { prices } = job.sizing
  return useMemo(() => piecesAsBuilt(sticks, state, priceBook(prices)), [sticks, state, prices])
}

/** Brings pieces to a state; what is cut now is cut to its plan unless a length is said, and locked. */
export function usePieceState() {
  const add = useLog((log) => log.add)
  return (pieces: readonly PieceAsBuilt[], state: PieceState, lengthIn?: number) =>
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
