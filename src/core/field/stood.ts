import type { Grid, Post, PostKind } from '../layout'
import type { PoleMark } from '../marks'
import type { Job } from '../model'
import type { Column } from '../sticks'

/** What of a job the readings need. */
export type ReadJob = Pick<Job, 'building' | 'levels' | 'fieldwork'>

/** What of a derived building the readings need. */
export interface Stood {
  readonly posts: readonly Post[]
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  readonly columns: Readonly<Record<string, Pick<Column, 'seatUpIn' | 'topUpIn'>>>
  readonly holes: readonly { readonly kind: PostKind; readonly embedIn: number }[]
  readonly grid: Grid
  readonly ground: Readonly<Record<string, { readonly groundIn: number }>> | null
}
