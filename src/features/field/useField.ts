'use client'
import { createContext, useContext, useEffect, useMemo, useState } from 'react'
import { useStore } from 'zustand'
import { measure, type Measured, type ReadJob, type Stood } from '@/core/field'
import { remember } from '@/core/result'
import { afterFrame } from '@/devices/frame'
import { createFieldLog, type OpenLog } from './log'
import type { FieldLog, FieldLogStore } from './logState'

export const FieldContext = createContext<FieldLogStore | null>(null)
/** Reads one part of the field log. */
export function useLog<T>(select: (log: FieldLog) => T): T {
  const log = useContext(FieldContext)
  if (!log) throw new Error('useLog outside a job')
  return useStore(log, select)
}

/** Rods and posts as built, remembered while nothing of it changes. */
export const measured = remember(measure)
/** The same of the log that is open. */
export function useMeasured(job: ReadJob, derived: Stood): Measured {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  return measured(job, derived, state, levels)
}

/** The field log of a job, for as long as the component lives; null until it is open. */
export function useFieldLog(jobId: string, isPhone = false): FieldLogStore | null {
  const opened = useMemo(() => createFieldLog(jobId, isPhone), [jobId, isPhone])
  const [ready, setReady] = useState<OpenLog | null>(null)
  useEffect(() => {
    let stop: (() => void) | null = null
    let on = true
    const begin = () => {
      if (!on) return
      const running = opened.start()
      ;({ stop } = running)
      // Only then: an entry made before would carry no device's name.
      void running.ready.then(() => {
        if (on) setReady(opened)
      })
    }
    // Nobody waits for what was never kept.
    if (opened.isFirst) void afterFrame().then(begin)
    else begin()
    return () => {
      on = false
      stop?.()
    }
  }, [opened])
  return opened.isFirst || ready === opened ? opened.log : null
}
