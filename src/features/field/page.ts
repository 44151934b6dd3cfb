import type { FieldDerived, FieldJob } from '@/core/derive'
import type { KeptPlan } from './kept'

/** What every field page is given. */
export interface FieldPage {
  readonly job: FieldJob
  readonly derived: FieldDerived
  readonly go: (path: readonly string[]) => void
  readonly plan: KeptPlan
  /** The plan before this one, until somebody here says that the change was seen; null where nothing has changed. */
  readonly before: Pick<FieldPage, 'job' | 'derived'> | null
  readonly see: () => void
  /** Whose session this is; null where nobody signs in. */
  readonly signedIn: string | null
  /** Whether whoever works here may say what only a lead says; so may anybody where nobody signs in. */
  readonly isLead: boolean
}

/** What the pages of one post are given: its identity, which stands in the plan. */
export interface PostPage extends FieldPage {
  readonly post: string
}
