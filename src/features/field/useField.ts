'use client'
import { createContext, useContext, useMemo } from 'react'
import { useStore } from 'zustand'
import type { ShownDerived } from '@/core/derive'
import { postsAsBuilt, type FieldState, type Levels, type PostAsBuilt } from '@/core/field'
import { wallPosts } from '@/core/layout'
import { rodLog, type RodLog } from '@/core/marks'
import { SIDES, type Job } from '@/core/model'
import type { FieldLog, FieldLogStore } from './log'

export const FieldContext = createContext<FieldLogStore | null>(null)
/** Reads one part of the field log. */
export function useLog<T>(select: (s: FieldLog) => T): T {
  const log = useContext(FieldContext)
  if (!log) throw new Error('useLog outside a job')
  return useStore(log, select)
}

export interface Measured { readonly rods: RodLog; readonly asBuilt: readonly PostAsBuilt[]; readonly rows: readonly (readonly string[])[] }

/** Rods and posts as built, from the office's readings and what phones have sent. Pure over its inputs. */
export function measure(job: Job, d: Pick<ShownDerived, 'posts' | 'poles' | 'holes'>, state: FieldState, levels: Levels): Measured {
  const rows = [...SIDES.map((s) => wallPosts(d.posts, s).map((p) => p.id)), ...(['south', 'north'] as const).map((s) => d.posts.filter((p) => p.kind === 'lean-to' && p.side === s).map((p) => p.id))].filter((r) => r.length > 0)
  const near: Record<string, string[]> = {}
  for (const row of rows) row.forEach((id, i) => { near[id] = [...(near[id] ?? []), ...[row[i - 1], row[i + 1]].filter((x): x is string => x !== undefined)] })
  const readingsIn = { ...job.levels.readingsIn, ...Object.fromEntries(Object.values(levels.current).map((t) => [t.target, t.inches])) }
  const rods = rodLog({ coverIn: job.levels.coverIn, readingsIn }, near, state.gradeLockedIn)
  const embed = new Map(d.holes.map((h) => [h.kind, h.embedIn]))
  const asBuilt = postsAsBuilt(d.posts, d.poles, (p) => (job.building.school === 'pier' ? -job.building.bracketIn : (embed.get(p.kind) ?? 0)), rods, state)
  return { rods, asBuilt, rows }
}

/** The same, remembered while nothing of it changes. */
export function useMeasured(job: Job, d: ShownDerived): Measured {
  const state = useLog((s) => s.state)
  const levels = useLog((s) => s.levels)
  return useMemo(() => measure(job, d, state, levels), [job, d, state, levels])
}
