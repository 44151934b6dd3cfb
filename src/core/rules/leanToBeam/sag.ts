import { spanSag } from '../span/sag'
import { type LeanToBeamCase, leanToBeamMember, leanToBeamName } from './strength'

/** Sag of the beam on a lean-to's outer posts, inches. Null where rafters stand on the posts. */
export const sag = (leanTo: LeanToBeamCase) =>
  leanTo.lean.leanTo.rafter.spaceIn === null ? null : spanSag(leanToBeamName(leanTo), leanToBeamMember(leanTo))
