'use client'
import { useState } from 'react'
import { type Hold, holdOf, type PostState } from '@/core/field'
import { footingOf } from './footing'
import type { FieldPage } from './page'
import { useLog, useMeasured } from './useField'

/** What keeps a post from a state; null where nothing does. */
export function useHold({ job, derived }: FieldPage, post: string, next: PostState | undefined): Hold | null {
  const state = useLog((log) => log.state)
  const { dugIn } = useMeasured(job, derived)
  const [now] = useState(() => new Date().toISOString())
  if (next === undefined) return null
  const hasConcrete = (derived.holes.find((hole) => hole.postIds.includes(post))?.bags ?? 0) > 0
  const hole = { post, hasConcrete, need: derived.needs[post] ?? null, depthIn: dugIn[post] ?? null }
  return holdOf(post, next, state, footingOf(job, state, hole, now))
}
