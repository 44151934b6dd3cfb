import type { HoleKind, Lateral, LateralNeed, SiteResults } from '../../frame'
import type { PostName } from '../../layout'
import type { Building } from '../../model'
import { cannotStand, type TraceLine } from '../../result'
import { IN_PER_FT, NEGLIGIBLE } from '../../units'
import { cannot, firstAmong, judged, judgedUse } from '../check'

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
  readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee' | 'cases' | 'falling'>
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
  const head = { ...name, group: 'ground', combination: 'D+0.6W' } as const
  if (!need || post === null) {
    const { relied, lacks, knee } = lateral
    const falling = hole.postIds.filter((postId) => lateral.falling.includes(postId))
    const facts: SidewaysFacts = {
      kind: 'unknown',
      turnsOnBracket: falling.length > 0,
      lateral: { relied, lacks, knee },
    }
    if (falling.length === 0) return cannot({ ...name, subjects: hole.postIds, facts })
    return judgedUse({ ...head, subjects: falling, use: cannotStand('mechanism'), facts })
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
  const subjects = firstAmong(post.id, hole.postIds)
  if (need.slopedFt === null) return judgedUse({ ...head, subjects, use: cannotStand('no depth'), facts })
  return judged({ ...head, subjects, demand: need.slopedFt, capacity: hasFt, unit: 'ft', facts })
}
