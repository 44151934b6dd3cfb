import type { FieldState } from './fold'
import { postsOf } from './naming'

/**
 * Posts that have a record: any that was not taken back, a printed card, a cut or set state, or a reading typed in the
 * office. A change of the plan asks before it touches them.
 */
export function recordedPosts(
  state: Pick<FieldState, 'all' | 'voided'>,
  officeReadingsIn: Readonly<Record<string, number>>,
): ReadonlySet<string> {
  const standing = state.all.filter((record) => !state.voided.has(record.id))
  return new Set([...standing.flatMap((record) => postsOf(record.body)), ...Object.keys(officeReadingsIn)])
}
