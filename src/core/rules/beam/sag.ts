import type { EaveBeam } from '../../layout'
import type { SpanMember } from '../span/member'
import { spanSag } from '../span/sag'
import { beamName } from './strength'

/** Sag of the hardest worked carrier or header, inches. */
export const sag = ({
  beam,
  span,
}: {
  readonly beam: Pick<EaveBeam, 'kind' | 'id' | 'from' | 'to'>
  readonly span: SpanMember
}) => spanSag(beamName(beam), span)
