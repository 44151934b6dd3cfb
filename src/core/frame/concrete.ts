import type { Building } from '../model'
import type { HoleKind } from './holes'

/** A body of concrete as wide as its hole, from and to below the grade line, inches. */
export type ConcreteBody = readonly [fromIn: number, toIn: number]

/**
 * The concrete in a hole, inches below the grade line (negative above it): a pier up to its bracket, or a pad under the
 * foot and, where there is one, a collar around it.
 */
export function concreteIn(
  building: Pick<Building, 'school' | 'bracketIn' | 'padThicknessIn' | 'collarHeightIn'>,
  { depthIn, embedIn }: Pick<HoleKind, 'depthIn' | 'embedIn'>,
): readonly ConcreteBody[] {
  if (building.school === 'pier') return [[-building.bracketIn, depthIn]]
  const pad = [depthIn - building.padThicknessIn, depthIn] as const
  return building.school === 'collar' ? [pad, [embedIn - building.collarHeightIn, embedIn]] : [pad]
}
