'use client'
import { measuredSticks } from '@/core/derive'
import type { Measured } from '@/core/field'
import type { Job } from '@/core/model'
import { remember } from '@/core/result'
import type { Sticks, SticksMemory } from '@/core/sticks'
import type { ShownDerived } from '@/formats/shown'

/** What an edit or a reading does not touch is not made again. */
const memory: SticksMemory = new Map()

const sticksOf = remember((job: Job, derived: ShownDerived, asBuilt: Measured['asBuilt']): Sticks =>
  measuredSticks(job, derived, { asBuilt }, memory),
)

/** Every stick of a job, its posts from their feet as read; remembered while nothing of it changes. */
export const useSticks = (job: Job, derived: ShownDerived, { asBuilt }: Pick<Measured, 'asBuilt'>): Sticks =>
  sticksOf(job, derived, asBuilt)
