import { spanStrength, worstSpan } from '../span/strength'
import type { BeamLoads } from '../../frame'
import type { LoadedBeam } from './joint'

export const beamName = ({ beam }: BeamLoads) =>
  ({
    member: 'beam',
    place: beam.kind,
    id: beam.kind,
    group: 'beam',
    subjects: [beam.from.id, beam.to.id],
    about: { between: `${beam.from.name}-${beam.to.name}` },
  }) as const

/** The carriers or headers of a building. */
export interface BeamsCase {
  readonly beams: readonly LoadedBeam[]
}

/** The hardest worked carrier or header in bending and shear, as a ratio. */
export function strength({ beams }: BeamsCase) {
  const { loads, span } = worstSpan(beams)
  return spanStrength(beamName(loads), span)
}
