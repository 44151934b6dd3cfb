import { spanSag, worstSag } from '../span/sag'
import { beamName, type BeamsCase } from './strength'

/** Sag of the carrier or header that sags most for what it may, inches. */
export function sag({ beams }: BeamsCase) {
  const { loads, span } = worstSag(beams)
  return spanSag(beamName(loads), span)
}
