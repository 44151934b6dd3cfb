import 'server-only'
import {
  byClock,
  cureClock,
  type FieldRecord,
  type FieldState,
  foldRecords,
  type Footing,
  footingOf,
  heldOn,
  measure,
  type Measured,
  type RefusedRecord,
  tieLevels,
} from '@/core/field'
import { issue } from '@/core/result'
import { db } from '../db/client'
import { allRecords } from '../repositories/records'
import { type PlanNow, planNow } from './fieldPlanService'

// Holds are kept by phones and desks, each by what it knows. What comes in is looked at once more, by all that the office
// knows: a failed inspection that a phone had not heard of, a record that no page of ours has sent.

/**
 * Concrete is taken to lie as warm as this, °F: what it cannot carry in any weather is refused here; a phone, which goes by
 * the days, asks for more.
 */
const WARMEST_F = 95

/** All that the office knows of a job. */
interface Known {
  readonly plan: PlanNow
  readonly state: FieldState
  readonly measured: Measured
}

/** What is known of a post’s footing when a step was taken. */
function footingAt({ plan: { derived }, state, measured }: Known, post: string, at: string): Footing {
  const hole = {
    post,
    hasConcrete: derived.holes.some(({ postIds, bags }) => bags > 0 && postIds.includes(post)),
    need: derived.needs[post] ?? null,
    depthIn: measured.dugIn[post] ?? null,
  }
  return footingOf(state, hole, (poured) => cureClock(poured, at, [], WARMEST_F))
}

const isStep = (record: FieldRecord): record is FieldRecord & { readonly body: { readonly kind: 'state' } } =>
  record.body.kind === 'state'

/** Steps of posts among new records that something holds, each with what it is. A plan that does not read holds nothing. */
export async function heldSteps(jobId: string, records: readonly FieldRecord[]): Promise<readonly RefusedRecord[]> {
  const steps = records.filter(isStep).sort(byClock)
  if (steps.length === 0) return []
  const plan = await planNow(jobId)
  if (!plan) return []
  const stored = await allRecords(db(), jobId)
  const has = new Set(stored.map(({ record }) => record.id))
  // What a phone says beside its steps it knew when it took them.
  const beside = records.filter((record) => !isStep(record)).map((record) => ({ record, receivedAt: null }))
  const state = foldRecords([...stored, ...beside])
  const known = { plan, state, measured: measure(plan.job, plan.derived, state, tieLevels(state)) }
  const states = new Map(Object.entries(state.states))
  return steps.flatMap(({ id, at, body }): RefusedRecord[] => {
    if (has.has(id)) return []
    const post = { id: body.post, state: states.get(body.post) ?? ('planned' as const) }
    const [held] = heldOn(post, body.state, state, footingAt(known, body.post, at))
    if (!held) {
      states.set(body.post, body.state)
      return []
    }
    // How long it takes yet is the phone’s to say: it goes by the days.
    const { inHours: _, ...facts } = { inHours: null, ...held.hold }
    return [{ id, issues: [issue('held-step', ['records', id], { ...facts, state: held.state })] }]
  })
}
