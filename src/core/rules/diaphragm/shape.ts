import type { Grid } from '../../layout'
import type { Building } from '../../model'
import { IN_PER_FT, PITCH_RUN_IN } from '../../units'

/** One slope of the main roof: its length, ft, and the cosine of its pitch. */
export interface Slope {
  readonly slopeFt: number
  readonly cos: number
}

export function slopeOf({ pitchPer12 }: Pick<Building, 'pitchPer12'>, { widthIn }: Pick<Grid, 'widthIn'>): Slope {
  const halfFt = widthIn / 2 / IN_PER_FT
  const slopeFt = Math.hypot(halfFt, (halfFt * pitchPer12) / PITCH_RUN_IN)
  return { slopeFt, cos: halfFt / slopeFt }
}
