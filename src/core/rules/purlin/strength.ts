import type { SpanMember } from '../span/member'
import { spanStrength } from '../span/strength'

/** Where on the main roof: in its field, or along the rakes where the wind pulls harder. */
export type PurlinPlace = 'field' | 'rake'
export const purlinName = (place: PurlinPlace, skinHolds: boolean) =>
  ({
    member: 'purlin',
    place,
    id: place === 'field' ? 'purlins' : 'purlins-rake',
    group: 'purlin',
    subjects: [],
    about: { skinHolds },
  }) as const

/** Purlins of the main roof in bending and shear, as a ratio. */
export const strength = ({
  place,
  span,
  skinHolds,
}: {
  readonly place: PurlinPlace
  readonly span: SpanMember
  readonly skinHolds: boolean
}) => spanStrength(purlinName(place, skinHolds), span)
