import type { PostActions } from '../statics'

/** One wind case of one post at service level: load along it, movement of its top, and what it brings to the ground and the roof. */
export interface LateralCase extends PostActions { readonly name: string; readonly plf: number; readonly moveIn: number }

export const GCPI_LABEL = { low: 'sucking', high: 'blowing' } as const

/** Moment in a post at a height above grade, ft-lb, from its actions at grade: M − V·z + w·z²/2. */
export const momentAtFtLb = (c: LateralCase, zFt: number): number => c.momentFtLb - c.shearLb * zFt + (c.plf * zFt * zFt) / 2
