'use client'
import { type ReactNode } from 'react'
import { UnitsProvider, useOwnUnits } from '@/ui'
import { useJob } from '../job'

/** Lengths below are written as this person reads them, or as the job has it. */
export function OwnUnits({ children }: { readonly children: ReactNode }) {
  const ofJob = useJob((state) => state.history.present.units)
  const [own] = useOwnUnits()
  return <UnitsProvider value={own ?? ofJob}>{children}</UnitsProvider>
}
