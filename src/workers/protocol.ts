import type { CutRequest } from '@/core/columns'
import type { CutAnswer } from './cutting'
import type { ShownMet, ShownReport, ToldJudgement } from '@/formats/shown'
import type { Job } from '@/core/model'
import type { Changes, Diagram, Issue, TraceLine } from '@/core/result'
import type { Fixes, SizingProgress } from '@/core/sizing'

interface Explanation {
  readonly trace: readonly TraceLine[]
  readonly diagram: Diagram | null
}

/** Every worker call: name → [request, response]. Client, worker and in-process version are typed from this alone. */
export interface Calls {
  readonly judge: [
    Job,
    { readonly ok: true; readonly value: ToldJudgement } | { readonly ok: false; readonly issues: readonly Issue[] },
  ]
  readonly explain: [{ readonly job: Job; readonly checkId: string }, Explanation | null]
  readonly fixes: [{ readonly job: Job; readonly checkId: string }, Fixes]
  readonly size: [Job, ShownReport]
  readonly ways: [Job, readonly ShownMet[]]
  readonly cuts: [CutRequest, CutAnswer | null]
}

export type CallName = keyof Calls
/** Told now and then while a long call runs. */
export type Progress = SizingProgress
export interface Cancel {
  readonly aborted: boolean
}

export type Handlers = {
  readonly [K in CallName]: (
    request: Calls[K][0],
    cancel: Cancel,
    tell: (progress: Progress) => void,
  ) => Promise<Calls[K][1] | null>
}

export type ToWorker =
  { readonly id: number; readonly call: CallName; readonly request: unknown } | { readonly cancel: number }
export type FromWorker =
  | { readonly id: number; readonly answer: unknown }
  | /** The answer as it differs from the one before it. */ { readonly id: number; readonly changes: Changes }
  | { readonly id: number; readonly progress: Progress }
  | { readonly id: number; readonly fault: string }
