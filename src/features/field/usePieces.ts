'use client'
import { useMemo } from 'react'
import { type Measured, piecesAsBuilt } from '@/core/field'
import type { Job } from '@/core/model'
import { priceBook } from '@/core/quantities'
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
