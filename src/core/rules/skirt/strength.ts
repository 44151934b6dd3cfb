import type { SiteResults } from '../../frame'
import { wallPressures } from '../../loads'
import type { Building } from '../../model'
import { IN2_PER_FT2 } from '../../units'
import { boardSize, girtRatios } from '../../wood'
import { judgedUse } from '../check'

/** Least width of wall a skirt board carries, inches. */
const LEAST_SPACE_IN = 6
const BOARDS = ['2x12', '2x10', '2x8', '2x6', '2x4'] as const

/**
 * The skirt board between posts, with half the wall up to the first girt, as a ratio (NDS 2018 3.3). Null without a
 * skirt or without values for its lumber.
 */
export function strength({
  building,
  bayIn,
  gapIn,
  results,
}: {
  readonly building: Pick<Building, 'skirt' | 'girts' | 'grades' | 'wallFinish' | 'post'>
  readonly bayIn: number
  readonly gapIn: number
  readonly results: Pick<SiteResults, 'claddingQhPsf' | 'wind' | 'flatRoof'>
}) {
  if (building.skirt.depthIn <= 0) return null
  const size = BOARDS.find((board) => boardSize(board).dIn <= building.skirt.depthIn + 0.01) ?? '2x4'
  const { lumber } = building.girts
  const spaceIn = Math.max(LEAST_SPACE_IN, building.skirt.topIn / 2 + gapIn / 2)
  // The boards by the corners stand in the end zone.
  const pressures = wallPressures({
    qhPsf: results.claddingQhPsf,
    areaFt2: (bayIn * Math.max(spaceIn, bayIn / 3)) / IN2_PER_FT2,
    zone: 5,
    flatRoof: results.flatRoof,
    gcpi: results.wind.gcpi,
  })
  const girt = girtRatios(
    {
      style: 'flat',
      size,
      lumber,
      spans: 1,
      own: building.grades,
      finish: building.wallFinish,
      atGround: { incised: building.post.incised },
    },
    { spanIn: bayIn, spaceIn, inwardPsf: pressures.inwardPsf, outwardPsf: pressures.outwardPsf },
  )
  if (!girt) return null
  return judgedUse({
    member: 'skirt',
    rule: 'strength',
    place: '',
    id: 'skirt',
    stage: 'walls',
    group: 'girt',
    use: girt.ratios.worst,
    combination: '0.6W',
    facts: { size, bayIn, strengthTrace: girt.trace },
  })
}
