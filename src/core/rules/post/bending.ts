import { postDiagram } from '../../drawn'
import type { HoleKind, Lateral, PostDemand } from '../../frame'
import { named, type PostName } from '../../layout'
import type { Building } from '../../model'
import { cannotStand, type Diagram, entryOf, stands } from '../../result'
import { type DesignValues, type PostSize, postSize } from '../../wood'
import { cannot, firstAmong, judgedUse } from '../check'
import { actingIn } from './basis'
import { type ColumnResult, hangingOf, seatMomentFtLb } from './strength'
import type { WorkedPosts } from './worked'

/** How the post is held and what it is made of: what the arithmetic of its strength reads. */
interface Column {
  readonly ke: number
  readonly lengthIn: number
  readonly gapIn: number
  /** Breadth that acts as one across the plies. */
  readonly actingIn: number
  readonly kf: number
  readonly curve: number
  readonly weakS: number
  readonly lamination: number
  readonly wet: boolean
  readonly size: PostSize
  readonly values: DesignValues
  readonly heightIn: number
}
export type BendingFacts =
  | { readonly kind: 'no values'; readonly lumber: string; readonly section: string }
  | {
      /** The wind on them is not computed, or they have nothing to stand by. */
      readonly kind: 'no wind' | 'falls'
      readonly pier: boolean
      readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee'>
    }
  | {
      readonly kind: 'slender'
      readonly post: PostName
      readonly free: boolean
      readonly column: Column
      /** The axis whose slenderness passes the limit. */
      readonly axis: 'strong' | 'weak'
      readonly slenderness: number
    }
  | {
      readonly kind: 'worked'
      readonly post: PostName
      readonly free: boolean
      readonly column: Column
      readonly result: ColumnResult
      readonly eccFtLb: number
      /** What a lean-to that hangs beside its middle bends the post with over its depth, ft-lb. */
      readonly hangingFtLb: number
    }

/** The governing case along the post; a post on a bracket is drawn from its bracket up, where nothing bends it. */
function diagramOf(result: ColumnResult, column: Column, pier: boolean): Diagram | null {
  const bent = result.lateralCase ?? result.cladBent
  if (!bent) return null
  const capacityInLb = result.fbAllowed * column.size.sIn3
  return pier
    ? postDiagram({ ...bent, momentFtLb: 0 }, column.lengthIn, capacityInLb)
    : postDiagram(bent, column.heightIn, capacityInLb)
}

/**
 * Axial load and bending together at the worst place of the hardest worked post, as a ratio, or its slenderness where
 * that is past its limit (NDS 2018 3.7.1.4, 3.9).
 */
export function bending({
  hole,
  building,
  lateral,
  demands,
  worked,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds'>
  readonly building: Pick<Building, 'school' | 'post' | 'roof' | 'leanTos' | 'heelIn'>
  readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee'>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly worked: WorkedPosts | null
}) {
  if (!worked) return null
  const name = {
    member: 'post',
    rule: 'bending',
    place: hole.kind,
    id: `column-${hole.kind}`,
    stage: 'posts',
  } as const
  const pier = building.school === 'pier'
  if (worked.kind === 'no values') {
    const { lumber } = building.post
    const facts: BendingFacts = { kind: 'no values', lumber, section: postSize(building.post).label }
    return cannot({ ...name, subjects: hole.postIds, facts })
  }
  const { relied, lacks, knee } = lateral
  if (worked.kind === 'no wind') {
    const facts: BendingFacts = { kind: 'no wind', pier, lateral: { relied, lacks, knee } }
    return cannot({ ...name, subjects: hole.postIds, facts })
  }
  if (worked.kind === 'falls') {
    const facts: BendingFacts = { kind: 'falls', pier, lateral: { relied, lacks, knee } }
    const use = cannotStand('mechanism')
    return judgedUse({ ...name, group: 'column', combination: 'D+0.6W', subjects: worked.postIds, use, facts })
  }
  const { basis, hardest: post, result } = worked
  const column: Column = {
    ke: basis.keOf(post),
    lengthIn: basis.lengthIn(post),
    gapIn: basis.gapIn(post),
    actingIn: actingIn(basis),
    kf: basis.kf,
    curve: basis.curve,
    weakS: basis.weakS,
    lamination: basis.lamination,
    wet: basis.wet,
    size: basis.size,
    values: basis.values,
    heightIn: post.heightIn,
  }
  const subject = { post: named(post), free: lateral.relied === 'frames alone', column }
  const head = { ...name, group: 'column', subjects: firstAmong(post.id, hole.postIds) } as const
  const strong = (column.ke * column.lengthIn) / column.size.depthIn
  const weak = column.gapIn / column.actingIn
  const { use } = result
  if (!stands(use) && use.cannotStand === 'slender') {
    const axis = weak > strong ? 'weak' : 'strong'
    const facts: BendingFacts = { kind: 'slender', ...subject, axis, slenderness: Math.max(strong, weak) }
    return judgedUse({ ...head, use, combination: 'any', facts })
  }
  const eccFtLb = seatMomentFtLb(building, post, entryOf(demands, post.id).gravityLb)
  const strongFt = hangingOf(building, post, basis.together)?.strongFt ?? 0
  const hangingFtLb = Math.abs(result.axial.hangingLb) * strongFt
  const facts: BendingFacts = { kind: 'worked', ...subject, result, eccFtLb, hangingFtLb }
  return judgedUse({
    ...head,
    use,
    combination: result.axial.name,
    diagram: () => diagramOf(result, column, pier),
    facts,
  })
}
