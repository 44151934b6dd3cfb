'use client'
import { useEffect, useMemo, useState } from 'react'
import { agoWords } from '@/formats/words'
import { Measure } from '@/ui'
import { type CardChange, cardChanges, measure, type PostAsBuilt } from '@/core/field'
import type { KeptPlan } from './kept'
import type { FieldLogStore } from './logState'
import type { FieldPage } from './page'
import { useLog } from './useField'
import { useAsOf } from './usePlan'

const HALF_MINUTE_MS = 30_000

/** The time, again every half minute. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), HALF_MINUTE_MS)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** How old the plan is that a page shows, in words; null while the office answers. */
export function usePlanAge(log: FieldLogStore, plan: KeptPlan): string | null {
  const link = useLog((state) => state.link)
  const asOf = useAsOf(log, plan)
  const now = useNow()
  return link === 'online' || link === 'starting' ? null : agoWords(now - Date.parse(asOf))
}

/** The same in a sentence, below what a page is for: the head has it in short, and nothing moves when the signal goes. */
export function PlanAge({ revision, age }: { readonly revision: number; readonly age: string | null }) {
  if (age === null) return null
  return (
    <p className="fage" role="status">
      Plan revision {revision}, as of {age}. A newer one may be at the office.
    </p>
  )
}

const CHANGE: Readonly<Record<CardChange['what'], string | null>> = {
  cut: 'cut',
  seat: 'foot to the seat',
  grade: 'foot to the grade line',
  mark: null,
}

/** What a newer plan says otherwise on this card, until somebody says that it was seen. */
export function CardChanges({ changes, see }: { readonly changes: readonly CardChange[]; readonly see: () => void }) {
  if (changes.length === 0) return null
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>The plan has changed this card</b>
        <ul className="fchanges">
          {changes.map(({ what, name, beforeIn, nowIn }) => (
            <li key={`${what} ${name}`}>
              {CHANGE[what] ?? name}: {beforeIn === null ? 'not before' : <Measure inches={beforeIn} />} →{' '}
              {nowIn === null ? 'no more' : <Measure inches={nowIn} />}
            </li>
          ))}
        </ul>
        <button type="button" onClick={see}>
          Seen: on with the new one
        </button>
      </div>
    </div>
  )
}

/** The cards that the plan before said otherwise, each with what has changed. */
export function useChanges({ before }: Pick<FieldPage, 'before'>, asBuilt: readonly PostAsBuilt[]) {
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  return useMemo(() => {
    if (before === null) return []
    const had = new Map(measure(before.job, before.derived, state, levels).asBuilt.map((built) => [built.id, built]))
    return asBuilt.flatMap((built) => {
      const changes = cardChanges(had.get(built.id) ?? null, built)
      return changes.length > 0 ? [{ built, changes }] : []
    })
  }, [before, asBuilt, state, levels])
}

/** Which cards a newer plan has changed, on the first page. */
export function PlanChanged({
  before,
  asBuilt,
  see,
}: Pick<FieldPage, 'before' | 'see'> & { readonly asBuilt: readonly PostAsBuilt[] }) {
  const changed = useChanges({ before }, asBuilt)
  if (before === null) return null
  return (
    <div className="fwarn" role="alert">
      <div>
        <b>The office has changed the plan</b>
        <p>
          {changed.length === 0
            ? 'No card of a post says otherwise.'
            : `${changed.length === 1 ? 'One card says' : `${changed.length} cards say`} otherwise: ${changed
                .slice(0, 8)
                .map(({ built }) => built.name)
                .join(', ')}${changed.length > 8 ? ' …' : ''}. Each says what.`}
        </p>
        <button type="button" onClick={see}>
          Seen: on with the new one
        </button>
      </div>
    </div>
  )
}
