import { ROUNDING } from '../units'
import type { Stick } from './stick'

/** Screws of the skin along every board that it lies on: one at its start and one for each space. */
export function skinScrews(sticks: readonly Stick[], spacingIn: number): number {
  let count = 0
  for (const { kind, cutLengthIn } of sticks)
    if (kind === 'purlin' || kind === 'batten' || kind === 'girt' || kind === 'skirt')
      count += Math.ceil(cutLengthIn / spacingIn - ROUNDING) + 1
  return count
}
