import { type HoleKind, sidewaysNeedIn } from '../../frame'
import type { PostName } from '../../layout'
import { LEAST_DEPTH_IN } from '../../ground'
import { entryOf } from '../../result'
import { cannot, judged } from '../check'

/** The ground at one post: at its middle and the lowest beside it, inches above the grade line. */
export interface PostGround {
  readonly groundIn: number
  readonly lowestIn: number
  readonly inside: boolean
}

type LowestGroundFacts =
  | { readonly kind: 'no frost depth' }
  | {
      readonly kind: 'worked'
      readonly post: PostName
      readonly inside: boolean
      readonly lowestIn: number
      readonly countedIn: number
      readonly depthIn: number
      readonly haveIn: number
      readonly frostIn: number
      readonly sidewaysIn: number
      readonly needIn: number
    }

/**
 * Depth kept below the lowest ground beside each post against what frost and the wind ask for, inches. Higher ground
 * than the grade line is not counted in a post's favor (IBC 2021 1807.3.2, 1809.4, 1809.5).
 */
export function lowestGround({
  hole,
  names,
  ground,
  frostIn,
  padIn,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'depthIn' | 'lateral'>
  readonly names: Readonly<Record<string, string>>
  readonly ground: Readonly<Record<string, PostGround>>
  readonly frostIn: number | null
  readonly padIn: number
}) {
  const name = {
    member: 'hole',
    rule: 'lowestGround',
    place: hole.kind,
    id: `lowest-ground-${hole.kind}`,
    stage: 'holes',
  } as const
  if (frostIn === null) {
    const facts: LowestGroundFacts = { kind: 'no frost depth' }
    return cannot({ ...name, subjects: hole.postIds, facts })
  }
  const postId = hole.postIds.reduce((best, id) =>
    entryOf(ground, id).lowestIn < entryOf(ground, best).lowestIn ? id : best,
  )
  const { lowestIn, inside } = entryOf(ground, postId)
  const countedIn = Math.min(0, lowestIn)
  const sidewaysIn = hole.lateral ? sidewaysNeedIn(hole, hole.lateral.neededFt, padIn) : 0
  const needIn = Math.max(frostIn, LEAST_DEPTH_IN, sidewaysIn)
  const { depthIn } = hole
  const haveIn = depthIn + countedIn
  const facts: LowestGroundFacts = {
    kind: 'worked',
    post: { id: postId, name: entryOf(names, postId) },
    inside,
    lowestIn,
    countedIn,
    depthIn,
    haveIn,
    frostIn,
    sidewaysIn,
    needIn,
  }
  return judged({
    ...name,
    group: 'ground',
    subjects: [postId],
    demand: needIn,
    capacity: haveIn,
    unit: 'in',
    combination: 'ground as measured',
    facts,
  })
}
