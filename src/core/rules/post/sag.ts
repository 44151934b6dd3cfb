import { cladBent, postDiagram } from '../../drawn'
import type { HoleKind, PostDemand } from '../../frame'
import { named } from '../../layout'
import { WIND_ASD, WIND_FOR_SAG } from '../../loads'
import type { Building } from '../../model'
import { entryOf } from '../../result'
import { IN_PER_FT } from '../../units'
import { firstAmong, judged } from '../check'
import type { WorkedPosts } from './worked'

/**
 * How far wind on the cladding sags the post, inches, against its height over what its finish allows (IBC 2021 Table
 * 1604.3): 5·w·H⁴/(384·E·I) turning at both ends, w·H⁴/(185·E·I) fixed at grade. Null where no wall stands before it.
 */
export function sag({
  hole,
  building,
  demands,
  worked,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds'>
  readonly building: Pick<Building, 'school' | 'postSag'>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly worked: WorkedPosts | null
}) {
  if (worked?.kind !== 'worked') return null
  const { basis } = worked
  const cladPlf = (postId: string) => entryOf(demands, postId).claddingPlf
  const clad = worked.own.filter((post) => cladPlf(post.id) > 0)
  if (clad.length === 0) return null
  const post = clad.reduce((best, each) =>
    cladPlf(each.id) * each.heightIn ** 4 > cladPlf(best.id) * best.heightIn ** 4 ? each : best,
  )
  const pier = building.school === 'pier'
  const lengthIn = basis.lengthIn(post)
  const { ePsi } = basis.values
  const { iIn4 } = basis.size
  const lbPerIn = (cladPlf(post.id) * WIND_FOR_SAG) / WIND_ASD / IN_PER_FT
  const sagIn = pier
    ? (5 * lbPerIn * lengthIn ** 4) / (384 * ePsi * iIn4)
    : (lbPerIn * post.heightIn ** 4) / (185 * ePsi * iIn4)
  return judged({
    member: 'post',
    rule: 'sag',
    place: hole.kind,
    id: `sag-${hole.kind}`,
    stage: 'posts',
    group: 'column',
    subjects: firstAmong(post.id, hole.postIds),
    demand: sagIn,
    capacity: post.heightIn / building.postSag,
    unit: 'in',
    combination: '0.42·W',
    diagram: () => postDiagram(cladBent(cladPlf(post.id), lengthIn / IN_PER_FT, pier), lengthIn, null),
    facts: {
      post: named(post),
      pier,
      sagIn,
      over: building.postSag,
      lbPerIn,
      lengthIn,
      heightIn: post.heightIn,
      ePsi,
      iIn4,
    },
  })
}
