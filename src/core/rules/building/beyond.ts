import type { Lateral, SiteResults } from '../../frame'
import type { Building, Site } from '../../model'
import { cannot } from '../check'

/** What is not checked here, each by itself. */
export type Beyond =
  | 'gable post to truss'
  | 'drag struts'
  | 'chord splices'
  | 'diaphragm connections'
  | 'truss bracing'
  | 'door weight'
  | 'ponding'
  | 'ice at eaves'
  | 'special wind regions'
  | 'earthquake'
  | 'ground-line treatment'

/** A slope under this may hold water, per 12 (IBC 2021 1611, ASCE 7-16 8.4). */
const LOW_SLOPE_PER12 = 0.25

/** Weight of walls that shakes with the roof, psf of wall: girts and steel skin. */
const WALL_PSF = 3
/** Share of the snow that shakes with the roof, and the flat-roof snow over which it does (ASCE 7-16 12.7.2). */
const SNOW_SHARE = 0.2
const SNOW_FROM_PSF = 30
/** Earthquake at service level, share of its strength level (ASCE 7-16 2.4.5). */
const EARTHQUAKE_ASD = 0.7

/** What shakes with the roof, lb: the roof, its share of snow, and half of the walls. */
interface Shaken {
  readonly roofFt2: number
  readonly wallFt2: number
}

function shakenLb({ roofFt2, wallFt2 }: Shaken, results: Pick<SiteResults, 'dead' | 'snow'>): number {
  const snowPsf = results.snow.pfPsf > SNOW_FROM_PSF ? SNOW_SHARE * results.snow.pfPsf : 0
  return roofFt2 * (results.dead.maxPsf + snowPsf) + (wallFt2 / 2) * WALL_PSF
}

/** Everything of a building that is named and not checked, and the seismic coefficient from which wind no longer governs. */
export function beyond({
  building,
  site,
  lateral,
  results,
  shaken,
}: {
  readonly building: Pick<Building, 'openings' | 'pitchPer12' | 'leanTos' | 'school' | 'gableMaxIn'>
  readonly site: Pick<Site, 'groundSnowPsf'>
  readonly lateral: Pick<Lateral, 'relied' | 'row'>
  readonly results: Pick<SiteResults, 'dead' | 'snow'>
  readonly shaken: Shaken
}) {
  const held = lateral.relied !== 'frames alone'
  const slopes = [building.pitchPer12, ...building.leanTos.map(({ pitchPer12 }) => pitchPer12)]
  const unknownDoor = building.openings.some(({ kind, weightLb }) => kind !== 'window' && weightLb === null)
  const items: readonly (readonly [Beyond, boolean])[] = [
    ['gable post to truss', true],
    ['drag struts', held && building.openings.length > 0],
    ['chord splices', held],
    ['diaphragm connections', held],
    ['truss bracing', true],
    ['door weight', unknownDoor],
    ['ponding', Math.min(...slopes) <= LOW_SLOPE_PER12],
    ['ice at eaves', (site.groundSnowPsf ?? 0) > 0],
    ['special wind regions', true],
    ['earthquake', true],
    ['ground-line treatment', building.school !== 'pier'],
  ]
  const windLb = lateral.row.loadLb.reduce((sum, lb) => sum + lb, 0)
  return cannot({
    member: 'building',
    rule: 'beyond',
    place: '',
    id: 'beyond',
    stage: 'bracing',
    facts: {
      items: items.flatMap(([item, applies]) => (applies ? [item] : [])),
      windLb,
      coefficient: windLb / (EARTHQUAKE_ASD * shakenLb(shaken, results)),
    },
  })
}
