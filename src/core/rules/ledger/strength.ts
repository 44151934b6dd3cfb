import { alongWallMember } from '../rafter/alongWall'
import type { LeanToCase } from '../rafter/leanTo'
import { spanStrength } from '../span/strength'

/** What a ledger is judged with. */
export type LedgerCase = Pick<LeanToCase, 'building' | 'lean' | 'results' | 'upPlf' | 'wallSpanIn'>

export const ledgerName = ({ lean }: Pick<LeanToCase, 'lean'>) =>
  ({
    member: 'ledger',
    place: lean.leanTo.side,
    id: `ledger-${lean.leanTo.side}`,
    group: 'lean-to',
    subjects: [],
    about: {},
  }) as const

/** The ledger over the spaces between wall posts. */
export const ledgerMember = (leanTo: LedgerCase) =>
  alongWallMember(leanTo, {
    spec: leanTo.lean.leanTo.ledger,
    spanIn: leanTo.wallSpanIn,
    snowPlf: leanTo.lean.wallPlf,
  })

/** The ledger of a lean-to in bending and shear, as a ratio. Null where the rafters are bolted to the posts. */
export const strength = (leanTo: LedgerCase) =>
  leanTo.lean.leanTo.rafter.spaceIn === null ? null : spanStrength(ledgerName(leanTo), ledgerMember(leanTo))
