import type { HoleKind, Lateral, LateralNeed, SiteResults } from '../../frame'
import type { PostName } from '../../layout'
import type { Building } from '../../model'
import type { TraceLine } from '../../result'
import { IN_PER_FT, NEGLIGIBLE } from '../../units'
import { cannot, firstAmong, judged } from '../check'

/** A depth that no hole reaches stands as this many feet. */
const NO_DEPTH_FT = 30

/** The wind on these posts, or what they stand by, cannot be computed. */
interface Unknown {
  readonly kind: 'unknown'
  readonly turnsOnBracket: boolean
  readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee'>
}

interface Depth {
  readonly kind: 'depth'
  readonly post: PostName
  readonly pier: boolean
  readonly hasFt: number
  readonly diameterIn: number
  readonly need: LateralNeed
  readonly relied: Lateral['relied']
  readonly soil: SiteResults['soil']
  readonly doubled: boolean
  readonly slopePer12: number
  readonly windTrace: readonly TraceLine[]
}
export type SidewaysFacts = Unknown | Depth

/**
 * Depth in the ground against what the wind on the posts asks for, ft, held at grade by a tied slab or not (IBC 2021
 * 1807.3.2). Null where nothing pushes on these posts.
 */
export function sideways({
  hole,
  lateral,
  building,
  wind,
  soil,
  doubled,
  slopePer12,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'depthIn' | 'embedIn' | 'diameterIn' | 'lateral' | 'governing'>
  readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee' | 'cases'>
  readonly building: Pick<Building, 'school'>
  readonly wind: Pick<SiteResults['wind'], 'trace'>
  readonly soil: SiteResults['soil']
  readonly doubled: boolean
  readonly slopePer12: number
}) {
  const name = {
    member: 'hole',
    rule: 'sideways',
    place: hole.kind,
    id: `lateral-${hole.kind}`,
    stage: 'holes',
  } as const
  const windless = hole.postIds.every((postId) =>
    lateral.cases[postId]?.every((lateralCase) => Math.abs(lateralCase.shearLb) < NEGLIGIBLE),
  )
  if (windless && hole.postIds.length > 0) return null
  const need = hole.lateral
  const post = hole.governing.lateral
  const pier = building.school === 'pier'
  if (!need || post === null) {
    const turnsOnBracket = pier && lateral.relied === 'frames alone' && !lateral.knee
    const { relied, lacks, knee } = lateral
    const facts: SidewaysFacts = { kind: 'unknown', turnsOnBracket, lateral: { relied, lacks, knee } }
    return cannot({ ...name, subjects: hole.postIds, facts })
  }
  const hasFt = (pier ? hole.depthIn : hole.embedIn) / IN_PER_FT
  const facts: SidewaysFacts = {
    kind: 'depth',
    post,
    pier,
    hasFt,
    diameterIn: hole.diameterIn,
    need,
    relied: lateral.relied,
    soil,
    doubled,
    slopePer12,
    windTrace: wind.trace,
  }
  return judged({
    ...name,
    group: 'ground',
    subjects: firstAmong(post.id, hole.postIds),
    combination: 'D+0.6W',
    demand: need.slopedFt ?? NO_DEPTH_FT,
    capacity: hasFt,
    unit: 'ft',
    facts,
  })
}
