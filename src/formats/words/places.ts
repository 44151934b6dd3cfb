import type { Side } from '@/core/model'
import type { Stick } from '@/core/sticks'

export type WallNames = Readonly<Record<Side, string>>

/** A wall's name without the word: “North-east”. */
export const shortWall = (wallNames: WallNames, side: Side): string => wallNames[side].replace(' wall', '')

/** Which wall or lean-to a piece belongs to, by the names that people on the site use; empty for what has neither. */
export function placeWords({ part, side }: Stick['place'], wallNames: WallNames): string {
  if (part !== 'main') return `${shortWall(wallNames, part === 'lean-south' ? 'south' : 'north')} lean-to`
  return side === null ? '' : shortWall(wallNames, side as Side)
}
