import { spanSag } from '../span/sag'
import { hasPurlins, type LeanToPurlinCase, leanToPurlinMember } from './member'
import { leanToPurlinName } from './strength'

/** Sag of the purlins of a lean-to, inches. Null where its rafters stand close. */
export const sag = (leanTo: LeanToPurlinCase) =>
  hasPurlins(leanTo) ? spanSag(leanToPurlinName(leanTo), leanToPurlinMember(leanTo)) : null
