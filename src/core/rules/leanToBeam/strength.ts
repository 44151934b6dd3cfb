import { alongWallMember } from '../rafter/alongWall'
import type { LeanToCase } from '../rafter/leanTo'
import { spanStrength } from '../span/strength'

/** What the beam on a lean-to's outer posts is judged with. */
export type LeanToBeamCase = Pick<LeanToCase, 'building' | 'lean' | 'results' | 'upPlf' | 'bayIn'>

export const leanToBeamName = ({ lean }: Pick<LeanToCase, 'lean'>) =>
  ({
    member: 'leanToBeam',
    place: lean.leanTo.side,
    id: `lean-beam-${lean.leanTo.side}`,
    group: 'lean-to',
    subjects: [],
    about: {},
  }) as const

/** The beam from outer post to outer post. */
export const leanToBeamMember = (leanTo: LeanToBeamCase) =>
  alongWallMember(leanTo, { spec: leanTo.lean.leanTo.beam, spanIn: leanTo.bayIn, snowPlf: leanTo.lean.outerPlf })

/** The beam on a lean-to's outer posts in bending and shear, as a ratio. Null where rafters stand on the posts. */
export const strength = (leanTo: LeanToBeamCase) =>
  leanTo.lean.leanTo.rafter.spaceIn === null ? null : spanStrength(leanToBeamName(leanTo), leanToBeamMember(leanTo))
