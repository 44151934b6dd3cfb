import type { LeanToCase } from '../rafter/leanTo'
import { spanStrength } from '../span/strength'
import { deepestSnow, hasPurlins, type LeanToPurlinCase, leanToPurlinMember } from './member'

export const leanToPurlinName = (leanTo: Pick<LeanToCase, 'lean'>) =>
  ({
    member: 'leanToPurlin',
    place: leanTo.lean.leanTo.side,
    id: `lean-purlins-${leanTo.lean.leanTo.side}`,
    group: 'lean-to',
    subjects: [],
    about: { snow: deepestSnow(leanTo).governs },
  }) as const

/** Purlins of a lean-to in bending and shear, as a ratio. Null where its rafters stand close. */
export const strength = (leanTo: LeanToPurlinCase) =>
  hasPurlins(leanTo) ? spanStrength(leanToPurlinName(leanTo), leanToPurlinMember(leanTo)) : null
