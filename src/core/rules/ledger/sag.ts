import { spanSag } from '../span/sag'
import { type LedgerCase, ledgerMember, ledgerName } from './strength'

/** Sag of the ledger of a lean-to, inches. Null where the rafters are bolted to the posts. */
export const sag = (leanTo: LedgerCase) =>
  leanTo.lean.leanTo.rafter.spaceIn === null ? null : spanSag(ledgerName(leanTo), ledgerMember(leanTo))
