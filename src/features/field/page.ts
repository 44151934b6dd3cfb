import type { ShownDerived } from '@/formats/shown'
import type { Job } from '@/core/model'

/** What every field page is given. */
export interface FieldPage {
  readonly job: Job
  readonly derived: ShownDerived
  readonly go: (path: readonly string[]) => void
  /** Whose session this is; null where nobody signs in. */
  readonly signedIn: string | null
}

/** What the pages of one post are given: its identity, which stands in the plan. */
export interface PostPage extends FieldPage {
  readonly post: string
}
