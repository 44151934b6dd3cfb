import { cladBent, postDiagram } from '../../drawn'
import type { HoleKind, Lateral, PostDemand } from '../../frame'
import { named, type PostName } from '../../layout'
import type { Building } from '../../model'
import { type Diagram, entryOf } from '../../result'
import { IN_PER_FT } from '../../units'
import { type DesignValues, MOST_SLENDER, type PostSize, postSize } from '../../wood'
import { cannot, firstAmong, judged } from '../check'
import { type ColumnResult, seatMomentFtLb } from './strength'
import type { WorkedPosts } from './worked'

/** Stands for a ratio that is infinite. */
const BEYOND = 9.99

/** How the post is held and what it is made of: what the arithmetic of its strength reads. */
interface Column {
  readonly ke: number
  readonly lengthIn: number
  readonly gapIn: number
  readonly weakDepthIn: number
  readonly weakS: number
  readonly lamination: number
  readonly wet: boolean
  readonly size: PostSize
  readonly values: DesignValues
  readonly heightIn: number
}
export type BendingFacts =
  | { readonly kind: 'no values'; readonly lumber: string; readonly section: string }
  | { readonly kind: 'no wind'; readonly pier: boolean; readonly lateral: Pick<Lateral, 'relied' | 'lacks' | 'knee'> }
  | {
      readonly kind: 'slender'
      readonly post: PostName
      readonly free: boolean
      readonly column: Column
      /** The axis whose slenderness passes the limit. */
      readonly axis: 'strong' | 'weak'
    }
  | {
      readonly kind: 'worked'
      readonly post: PostName
      readonly free: boolean
      readonly column: Column
      readonly result: ColumnResult
      readonly eccFtLb: number
    }

/** The governing case along the post; a post on a bracket is drawn from its bracket up, where nothing bends it. */
function diagramOf(result: ColumnResult, column: Column, pier: boolean): Diagram | null {
  const capacityInLb = result.fbAllowed * column.size.sIn3
  if (result.lateralCase) {
    const bent = pier ? { ...result.lateralCase, momentFtLb: 0 } : result.lateralCase
    return postDiagram(bent, column.lengthIn, capacityInLb)
  }
  if (result.clad > 0)
    return postDiagram(cladBent(result.clad, column.heightIn / IN_PER_FT, pier), column.heightIn, capacityInLb)
  return null
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
  readonly building: Pick<Building, 'school' | 'post' | 'roof'>
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
  if (worked.kind === 'no wind') {
    const { relied, lacks, knee } = lateral
    const facts: BendingFacts = { kind: 'no wind', pier, lateral: { relied, lacks, knee } }
    return cannot({ ...name, subjects: hole.postIds, facts })
  }
  const { basis, hardest: post, result } = worked as WorkedPosts & { readonly kind: 'worked' }
  const column: Column = {
    ke: basis.keOf(post),
    lengthIn: basis.lengthIn(post),
    gapIn: basis.gapIn(post),
    weakDepthIn: basis.weakDepthIn,
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
  const weak = column.gapIn / column.weakDepthIn
  const demand = Math.max(strong, weak)
  if (demand > MOST_SLENDER) {
    const facts: BendingFacts = { kind: 'slender', ...subject, axis: weak > strong ? 'weak' : 'strong' }
    return judged({ ...head, demand, capacity: MOST_SLENDER, unit: 'le/d', combination: 'any', facts })
  }
  const eccFtLb = seatMomentFtLb(building, post, entryOf(demands, post.id).gravityLb)
  const facts: BendingFacts = { kind: 'worked', ...subject, result, eccFtLb }
  return judged({
    ...head,
    demand: Number.isFinite(result.ratio) ? result.ratio : BEYOND,
    capacity: 1,
    unit: '',
    combination: result.axial.name,
    diagram: () => diagramOf(result, column, pier),
    facts,
  })
}
