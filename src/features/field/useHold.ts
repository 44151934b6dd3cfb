'use client'
import { useState } from 'react'
import { type Footing, type Hold, holdOf, judgeHole, type PostState } from '@/core/field'
import { cureOf } from './cure'
import type { FieldPage } from './page'
import { useLog, useMeasured } from './useField'

/** What is known of a post’s footing now. */
function useFooting({ job, derived }: FieldPage, post: string): Footing {
  const state = useLog((log) => log.state)
  const { dugIn } = useMeasured(job, derived)
  const [now] = useState(() => new Date().toISOString())
  const need = derived.needs[post]
  const log = state.holes[post]
  const depthIn = dugIn[post] ?? null
  const poured = state.pours[post]?.at(-1)
  return {
    hasConcrete: (derived.holes.find((hole) => hole.postIds.includes(post))?.bags ?? 0) > 0,
    verdict: log && need ? judgeHole(need, log, depthIn) : null,
    isDug: depthIn !== null,
    cure: poured ? cureOf(job, state.temps, poured.body.poured, now) : null,
  }
}

/** What keeps a post from a state; null where nothing does. */
export function useHold(page: FieldPage, post: string, next: PostState | undefined): Hold | null {
  const state = useLog((log) => log.state)
  const footing = useFooting(page, post)
  return next === undefined ? null : holdOf(post, next, state, footing)
}
