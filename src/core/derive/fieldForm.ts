import type { HoleNeed, PlannedPiece, Stood } from '../field'
import type { HoleKind } from '../frame'
import type { Grid, OmittedPost, Post } from '../layout'
import type { PoleMark } from '../marks'
import type { Job, Side } from '../model'
import type { Column, ColumnHead, ColumnPly, End } from '../sticks'

/** Its form: a phone does not read a plan that was worked out for another one. */
export const FIELD_PLAN = { format: 'burdock-field', version: 4 } as const

/** What of a job its pages on site read; nothing of its customer, its prices or its loads. */
export type FieldJob = Pick<Job, 'name' | 'practice' | 'building' | 'levels' | 'fieldwork' | 'ground' | 'buying'>

/** A column as far as its foot does not change it, above the grade line. */
export interface FieldColumn extends Pick<Column, 'seatUpIn' | 'topUpIn'> {
  readonly plies: readonly Pick<ColumnPly, 'topUpIn'>[]
  readonly head: ColumnHead
}

/** A piece of the building as its page says it: what it is cut from, how long, and how its ends are sawn. */
export interface FieldPiece extends PlannedPiece {
  readonly ends: readonly [End['cut'], End['cut']]
  /** How far off square each end is sawn, degrees. */
  readonly offSquareDeg: readonly [number, number]
}

/** What of a derived building its pages on site read. */
export interface FieldDerived extends Stood {
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  readonly columns: Readonly<Record<string, FieldColumn>>
  readonly holes: readonly FieldHole[]
  /** What is asked of the hole of each post; none where it stands on no hole. */
  readonly needs: Readonly<Record<string, HoleNeed>>
  readonly ground: Readonly<Record<string, { readonly groundIn: number }>> | null
  readonly names: Readonly<Record<string, string>>
  readonly omitted: readonly OmittedPost[]
  readonly wallNames: Readonly<Record<Side, string>>
}
export interface FieldHole extends Pick<HoleKind, 'kind' | 'postIds' | 'digIn' | 'embedIn'> {
  /** Bags of concrete that go into one of them, of the size that the job buys. */
  readonly bags: number
}

/** A job as a phone has it: worked out by the office, since a phone is slow and has little room. Only plain data. */
export interface FieldPlan {
  readonly format: typeof FIELD_PLAN.format
  readonly version: typeof FIELD_PLAN.version
  readonly job: FieldJob
  readonly derived: FieldDerived
  /** As `packPieces` wrote them; `readPieces` reads them. */
  readonly pieces: string
}

/** Whether what came from the office or from this device's store is a plan that this build reads. */
export const isFieldPlan = (value: unknown): value is FieldPlan =>
  typeof value === 'object' &&
  value !== null &&
  (value as Partial<FieldPlan>).format === FIELD_PLAN.format &&
  (value as Partial<FieldPlan>).version === FIELD_PLAN.version
