import type { ShownDerived } from '@/formats/shown'
import type { Job } from '@/core/model'

/** What every field page is given. */
export interface FieldPage {
  readonly job: Job
  readonly derived: ShownDerived
  readonly go: (path: readonly string[]) => void
  readonly rest: readonly string[]
}
