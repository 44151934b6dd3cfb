'use client'
import { useCallback } from 'react'
import { scheduleAsRead, type ScheduleRowAsRead } from '@/core/derive'
import type { Job } from '@/core/model'
import { remember } from '@/core/result'
import type { ShownDerived } from '@/formats/shown'
import { measured, useLog, useMeasured } from './useField'

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
