import type { Side } from '@/core/model'
import type { WallNames } from './checkWords'

/** The name of the wall that a check is about: `South wall`. */
export const wallName = (walls: WallNames, place: string): string => walls[place as Side]

/** The name of the lean-to on it: `South lean-to`. */
export const leanToName = (walls: WallNames, place: string): string =>
  `${wallName(walls, place).replace(' wall', '')} lean-to`
