import { postDiagram } from '../../drawn'
import type { HoleKind, Lateral, LateralCase } from '../../frame'
import { named, type Post } from '../../layout'
import type { Building } from '../../model'
import { entryOf } from '../../result'
import { IN_PER_FT } from '../../units'
import { DURATION, wetFactors } from '../../wood'
import { firstAmong, judged } from '../check'
import type { WorkedPosts } from './worked'

/** The post of this kind and its case that shear it hardest. */
function hardestSheared(own: readonly Post[], cases: Lateral['cases']) {
  let most: { readonly post: Post; readonly lateralCase: LateralCase } | null = null
  for (const post of own)
    for (const lateralCase of entryOf(cases, post.id))
      if (!most || Math.abs(lateralCase.shearLb) > Math.abs(most.lateralCase.shearLb)) most = { post, lateralCase }
  return most
}

/**
 * Shear at and below grade, psi: in the ground the soil gives back up to 4·M/(3·d) (NDS 2018 3.4.2).
 */
export function shear({
  hole,
  building,
  lateral,
  worked,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'embedIn'>
  readonly building: Pick<Building, 'school'>
  readonly lateral: Pick<Lateral, 'cases'>
  readonly worked: WorkedPosts | null
}) {
  if (worked?.kind !== 'worked') return null
  const { basis, own, hardest: bent } = worked
  const hardest = hardestSheared(own, lateral.cases)
  if (!hardest) return null
  const { post, lateralCase } = hardest
  const pier = building.school === 'pier'
  const inGroundFt = pier || hole.embedIn <= 0 ? null : hole.embedIn / IN_PER_FT
  const shearLb = Math.max(
    Math.abs(lateralCase.shearLb),
    inGroundFt === null ? 0 : (4 * Math.abs(lateralCase.momentFtLb)) / (3 * inGroundFt),
  )
  const fv = (1.5 * shearLb) / basis.size.areaIn2
  const wetFactor = wetFactors(basis.values, basis.wet).fv
  const fvAllowed = basis.values.fv * DURATION.wind * wetFactor
  return judged({
    member: 'post',
    rule: 'shear',
    place: hole.kind,
    id: `shear-${hole.kind}`,
    stage: 'posts',
    group: 'column',
    subjects: firstAmong(bent.id, hole.postIds),
    demand: fv,
    capacity: fvAllowed,
    unit: 'psi',
    combination: 'D+0.6W',
    diagram: () =>
      pier
        ? postDiagram({ ...lateralCase, momentFtLb: 0 }, basis.lengthIn(post), null)
        : postDiagram(lateralCase, post.heightIn, null),
    facts: {
      post: named(post),
      shearLb,
      inGroundFt,
      lateralCase,
      fv,
      fvAllowed,
      wetFactor,
      areaIn2: basis.size.areaIn2,
      values: basis.values,
    },
  })
}
