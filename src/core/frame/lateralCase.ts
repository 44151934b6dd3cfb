import { WIND_ASD } from '../loads'
import type { PostActions, PostUnit } from '../statics'
import type { SiteResults } from './siteResults'

/**
 * One wind case of one post at service level: load along it, movement of its top, and what it brings to the ground and
 * the roof.
 */
export interface LateralCase extends PostActions {
  readonly name: string
  readonly plf: number
  readonly moveIn: number
  /** Service pressure, psf, on this width, ft: together `plf`. */ readonly windPsf: number
  readonly widthFt: number
  /** What the post does under 1 plf and for 1 in. of its top: the case is their sum. */ readonly unit: PostUnit
}

export const GCPI_LABEL = { low: 'sucking', high: 'blowing' } as const

/** Moment in a post at a height above grade, ft-lb, from its actions at grade: M − V·z + w·z²/2. */
export const momentAtFtLb = (pick: Pick<LateralCase, 'plf' | 'shearLb' | 'momentFtLb'>, zFt: number): number =>
  pick.momentFtLb - pick.shearLb * zFt + (pick.plf * zFt * zFt) / 2

/** Wind pressure at strength level to service level, psf. */
export const service = (pressurePsf: number): number => WIND_ASD * pressurePsf

/** Gust factor, and force coefficient of a flat-sided member, for a post that stands in no wall. */
const GUST = 0.85
const FLAT_SIDED = 2

/** Wind on a bare post, psf of its face at service level. */
export const bareWindPsf = ({ wind }: Pick<SiteResults, 'wind'>): number => service(wind.qhPsf * GUST * FLAT_SIDED)
