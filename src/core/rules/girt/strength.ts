import { WIND_ASD } from '../../loads'
import { type Diagram, isWorse, type TraceLine } from '../../result'
import { spanDiagram, twoSpanDiagram, uniform } from '../../statics'
import { IN_PER_FT, ROUNDING } from '../../units'
import { boardSize, boardValues } from '../../wood'
import { cannot, judgedUse } from '../check'
import { type GirtAt, girtAt, type GirtCase, type GirtSpec, type WallWind } from './board'

export type GirtFacts =
  | { readonly kind: 'no values'; readonly zone: 4 | 5; readonly lumber: string; readonly size: string }
  | {
      readonly kind: 'worked'
      readonly zone: 4 | 5
      readonly girtCase: GirtCase
      readonly girt: GirtAt
      readonly qhPsf: number
      /** Kz of exposure B was raised to the 0.70 that components take under 30 ft. */
      readonly floored: boolean
      readonly gcpi: number
      readonly windTrace: readonly TraceLine[]
    }

function diagramOf(building: GirtSpec, girtCase: GirtCase, psf: number): Diagram {
  const size = boardSize(building.girts.size)
  const plf = (WIND_ASD * Math.abs(psf) * girtCase.spaceIn) / IN_PER_FT
  const { spanIn } = girtCase
  const iIn4 = building.girts.style === 'between' ? size.iEdgeIn4 : size.iFlatIn4
  const values = boardValues(building.girts.lumber, size.nominal, building.grades)
  if (!values) throw new Error('a girt without values is not judged, so nothing is drawn for it')
  const ei = values.ePsi * iIn4 * building.girts.plies
  return girtCase.spans === 2
    ? twoSpanDiagram(spanIn, plf, ei)
    : spanDiagram({ lengthIn: spanIn, points: [], lines: [uniform(spanIn, plf, 'wind')] }, ei)
}

/**
 * The hardest worked girt of one zone of a wall, as a ratio of bending, shear or sag (NDS 2018 3.3, 3.4; IBC 2021
 * Table 1604.3). Null where the zone has no girt.
 */
export function strength({
  place,
  zone,
  building,
  cases,
  results,
}: {
  readonly place: string
  readonly zone: 4 | 5
  readonly building: GirtSpec
  readonly cases: readonly GirtCase[]
  readonly results: WallWind
}) {
  const own = cases.filter((girtCase) => girtCase.zone === zone)
  if (own.length === 0) return null
  const name = { member: 'girt', rule: 'strength', place, id: `girt-${place}-${zone}`, stage: 'walls' } as const
  let worst: { readonly girtCase: GirtCase; readonly girt: GirtAt } | null = null
  for (const girtCase of own) {
    const girt = girtAt(building, results, girtCase, girtCase.spaceIn)
    if (!girt) {
      const { lumber, size } = building.girts
      const facts: GirtFacts = { kind: 'no values', zone, lumber, size }
      return cannot({ ...name, facts })
    }
    if (!worst || isWorse(girt.ratios.worst, worst.girt.ratios.worst)) worst = { girtCase, girt }
  }
  if (!worst) return null
  const { girtCase, girt } = worst
  const facts: GirtFacts = {
    kind: 'worked',
    zone,
    girtCase,
    girt,
    qhPsf: results.claddingQhPsf,
    floored: results.claddingQhPsf > results.wind.qhPsf * (1 + ROUNDING),
    gcpi: results.wind.gcpi,
    windTrace: results.wind.trace.slice(0, 3),
  }
  return judgedUse({
    ...name,
    group: 'girt',
    use: girt.ratios.worst,
    combination: '0.6W',
    diagram: () => diagramOf(building, girtCase, girt.pressures.outwardPsf),
    facts,
  })
}
