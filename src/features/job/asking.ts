import { type Memory, type Plan, planJob } from '@/core/derive'
import { bindJob, type PostDecision, type PostEffect, effectsOn, settlePosts, type Standings } from '@/core/layout'
import type { Job } from '@/core/model'
import { issue, type Issue, type Result } from '@/core/result'
import { newPostId } from '@/formats/ids'

/** A change that waits for a word about the recorded posts it would touch. */
export interface Asking {
  readonly label: string
  readonly doc: Job
  readonly effects: readonly PostEffect[]
  /** Whether it is asked now; during a drag it waits for the end. */
  readonly open: boolean
}

/** A document that can be taken: laid out, every post with its identity. */
export interface Planned {
  readonly doc: Job
  readonly plan: Plan
}

/** A change laid out: its document with identities, and its plan. A change that moves no post is laid out once. */
export function planChange(next: Job, stood: Standings, memory: Memory): Result<Planned> {
  const plan = planJob(next, memory)
  if (!plan.ok) return plan
  const doc = bindJob(next, stood, { newId: newPostId, laid: plan.value })
  if (doc === next) return { ok: true, value: { doc, plan: plan.value } }
  const bound = planJob(doc, memory)
  return bound.ok ? { ok: true, value: { doc, plan: bound.value } } : bound
}

/**
 * A change with what was decided of the recorded posts it touches. Refused where a post that is to stay cannot, with the
 * posts named.
 */
export function planDecided({
  asking: { doc, effects },
  stood,
  decisions,
  recorded,
  memory,
}: {
  readonly asking: Asking
  readonly stood: Standings & { readonly building: Job['building'] }
  readonly decisions: ReadonlyMap<string, PostDecision>
  readonly recorded: ReadonlySet<string>
  readonly memory: Memory
}): Result<Planned> {
  const building = settlePosts(doc.building, stood, effects, decisions)
  const planned = planChange({ ...doc, building }, stood, memory)
  if (!planned.ok) return planned
  const givenUp = new Set(building.givenUp.map(({ id }) => id))
  const held = new Set([...recorded].filter((id) => !givenUp.has(id)))
  const left = effectsOn(held, stood, planned.value.plan)
  const issues: readonly Issue[] = left.map(({ name }) =>
    issue('post-cannot-stay', ['building', 'posts'], { post: name }),
  )
  return issues.length > 0 ? { ok: false, issues } : planned
}
