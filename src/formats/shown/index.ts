import type { Derived, Judgement, Plan } from '@/core/derive'
import type { Lateral } from '@/core/frame'
import type { Met, Proposal, SizingReport } from '@/core/sizing'
import { type CheckSummary, summaryOf, titleOf, type WallNames } from '../words/checks'

export type ToldLateral = Omit<Lateral, 'units' | 'cases'>
/** A judgement as it crosses from a worker: checks in words, the frame without its cases. */
export type ToldJudgement = Omit<Judgement, 'checks' | 'lateral'> & {
  readonly checks: readonly CheckSummary[]
  readonly lateral: ToldLateral | null
}
/** Everything derived, as an interface shows it and paper prints it: checks in words, without their arithmetic. */
export type ShownDerived = Omit<Plan, 'plannedWalls'> & ToldJudgement

/** What of a judgement is told to whoever shows it; only plain data. */
export function told(judgement: Judgement, walls: WallNames): ToldJudgement {
  const { checks, lateral, ...rest } = judgement
  const summaries = checks.map((check) => summaryOf(check, walls))
  if (!lateral) return { ...rest, lateral, checks: summaries }
  const { units: _units, cases: _cases, ...frame } = lateral
  return { ...rest, lateral: frame, checks: summaries }
}

/** Everything derived, in words. */
export const shownOf = (derived: Derived): ShownDerived => ({ ...derived, ...told(derived, derived.wallNames) })

/** A proposal of sizing with its tightest check in words. */
export interface ShownProposal extends Omit<Proposal, 'tightest'> {
  readonly tightest: CheckSummary | null
}
export interface ShownReport extends Omit<SizingReport, 'proposals'> {
  readonly proposals: readonly ShownProposal[]
}

/** What sizing found, in words. */
export const reportInWords = (report: SizingReport, walls: WallNames): ShownReport => ({
  ...report,
  proposals: report.proposals.map((proposal) => ({
    ...proposal,
    tightest: proposal.tightest && summaryOf(proposal.tightest, walls),
  })),
})

/** A way round an obstruction with what it breaks, by name. */
type ShownWay = Omit<Met['ways'][number], 'newFails'> & { readonly newFails: readonly string[] }
export interface ShownMet extends Omit<Met, 'ways'> {
  readonly ways: readonly ShownWay[]
}

/** The ways round one obstruction, in words. */
export const metInWords = (met: Met, walls: WallNames): ShownMet => ({
  ...met,
  ways: met.ways.map((way) => ({ ...way, newFails: way.newFails.map((check) => titleOf(check, walls)) })),
})
