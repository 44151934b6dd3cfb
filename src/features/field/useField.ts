'use client'
import { createContext, useCallback, useContext, useEffect, useState } from 'react'
import { useStore } from 'zustand'
import type { ShownDerived } from '@/formats/shown'
import { scheduleAsRead, type ScheduleRowAsRead } from '@/core/derive'
import { measure, type Measured } from '@/core/field'
import type { Job } from '@/core/model'
import { remember } from '@/core/result'
import { createFieldLog } from './log'
import type { FieldLog, FieldLogStore } from './logState'

export const FieldContext = createContext<FieldLogStore | null>(null)
/** Reads one part of the field log. */
export function useLog<T>(select: (log: FieldLog) => T): T {
  const log = useContext(FieldContext)
  if (!log) throw new Error('useLog outside a job')
  return useStore(log, select)
}

const measured = remember(measure)
/** Rods and posts as built, remembered while nothing of it changes. */
export function useMeasured(job: Job, derived: ShownDerived): Measured {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  return measured(job, derived, state, levels)
}

const asRead = remember(scheduleAsRead)
/** The schedule of the posts, each from its own foot where that was read. */
export const useSchedule = (job: Job, derived: ShownDerived): readonly ScheduleRowAsRead[] =>
  asRead(job, derived, useMeasured(job, derived))

/** The same, worked out only where it is asked for: an edit that shows no post does not wait for it. */
export function useScheduleAsked(job: Job, derived: ShownDerived): () => readonly ScheduleRowAsRead[] {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  return useCallback(() => asRead(job, derived, measured(job, derived, state, levels)), [job, derived, state, levels])
}

/** The field log of a job, for as long as the component lives; null until it is open. */
export function useFieldLog(jobId: string, isPhone = false): FieldLogStore | null {
  const [log, setLog] = useState<FieldLogStore | null>(null)
  useEffect(() => {
    const made = createFieldLog(jobId, isPhone)
    let on = true
    // Only then: an entry made before would carry no device's name.
    void made.ready.then(() => {
      if (on) setLog(made.log)
    })
    return () => {
      on = false
      made.stop()
    }
  }, [jobId, isPhone])
  return log
}
