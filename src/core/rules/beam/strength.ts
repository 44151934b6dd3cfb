import type { EaveBeam } from '../../layout'
import type { SpanMember } from '../span/member'
import { spanStrength } from '../span/strength'

export const beamName = (beam: Pick<EaveBeam, 'kind' | 'id' | 'from' | 'to'>) =>
  ({
    member: 'beam',
    place: beam.kind,
    id: beam.kind,
    group: 'beam',
    subjects: [beam.from.id, beam.to.id],
    about: { between: `${beam.from.name}-${beam.to.name}` },
  }) as const

/** The hardest worked carrier or header in bending and shear, as a ratio. */
export const strength = ({
  beam,
  span,
}: {
  readonly beam: Pick<EaveBeam, 'kind' | 'id' | 'from' | 'to'>
  readonly span: SpanMember
}) => spanStrength(beamName(beam), span)
