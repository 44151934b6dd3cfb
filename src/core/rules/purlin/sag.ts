import type { SpanMember } from '../span/member'
import { spanSag } from '../span/sag'
import { purlinName, type PurlinPlace } from './strength'

/** Sag of the purlins of the main roof, inches: in its field, as gravity is the same along the rakes. */
export const sag = ({
  place,
  span,
  skinHolds,
}: {
  readonly place: PurlinPlace
  readonly span: SpanMember
  readonly skinHolds: boolean
}) => (place === 'field' ? spanSag(purlinName(place, skinHolds), span) : null)
