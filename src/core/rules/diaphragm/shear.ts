import type { FrameRow, Lateral } from '../../frame'
import type { Grid } from '../../layout'
import type { Building } from '../../model'
import { cannot, judged } from '../check'
import { type Slope, slopeOf } from './shape'

export type DiaphragmFacts =
  | { readonly kind: 'trusted'; readonly slopePlf: number; readonly endWallLb: number }
  | {
      readonly kind: 'not counted'
      readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee'>
      readonly wanted: boolean
    }
  | {
      readonly kind: 'checked'
      readonly row: FrameRow
      readonly slope: Slope
      readonly bayLb: number
      readonly perSlopeLb: number
      readonly shearPlf: number
      readonly stiffnessLbPerIn: number
      readonly shortestBayIn: number
    }

/**
 * Shear of the roof along each slope in the end bay, plf, against its skin's tested strength (ASABE EP484). Where the
 * roof is trusted or the frames stand alone it is not computed, and says so.
 */
export function shear({
  building,
  grid,
  lateral,
  endWallLb,
}: {
  readonly building: Pick<Building, 'pitchPer12' | 'skin' | 'diaphragm'>
  readonly grid: Pick<Grid, 'widthIn' | 'baysIn'>
  readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee' | 'row'>
  readonly endWallLb: number
}) {
  const name = { member: 'diaphragm', rule: 'shear', place: '', id: 'diaphragm', stage: 'bracing' } as const
  const slope = slopeOf(building, grid)
  const { relied, lacks, knee, row } = lateral
  if (relied === 'roof trusted') {
    const slopePlf = endWallLb / (2 * slope.slopeFt * slope.cos)
    const facts: DiaphragmFacts = { kind: 'trusted', slopePlf, endWallLb }
    return cannot({ ...name, facts })
  }
  if (relied === 'frames alone') {
    const wanted = building.diaphragm === 'checked'
    const facts: DiaphragmFacts = { kind: 'not counted', lateral: { relied, lacks, knee }, wanted }
    return cannot({ ...name, facts })
  }
  const allowPlf = building.skin.roofAllowPlf
  if (!row.result || allowPlf === null) return null
  const bayLb = Math.max(...row.result.bayShearLb.map(Math.abs))
  const perSlopeLb = bayLb / 2 / slope.cos
  const shearPlf = perSlopeLb / slope.slopeFt
  const facts: DiaphragmFacts = {
    kind: 'checked',
    row,
    slope,
    bayLb,
    perSlopeLb,
    shearPlf,
    stiffnessLbPerIn: building.skin.roofStiffnessLbPerIn ?? 0,
    shortestBayIn: Math.min(...grid.baysIn),
  }
  return judged({
    ...name,
    group: 'diaphragm',
    demand: shearPlf,
    capacity: allowPlf,
    unit: 'plf',
    combination: '0.6W',
    facts,
  })
}
