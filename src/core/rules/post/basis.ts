import { laminationPlan } from '../../joints'
import { isEave, type Post } from '../../layout'
import type { Building } from '../../model'
import { type DesignValues, laminationFactor, type PostSize, postSize, wetFactors } from '../../wood'
import type { Lateral } from '../../frame'

export interface ColumnBasis {
  readonly size: PostSize
  readonly values: DesignValues
  readonly keOf: (post: Post) => number
  readonly wet: boolean
  readonly lamination: number
  readonly kf: number
  readonly weakDepthIn: number
  readonly solidWeak: boolean
  readonly eMinWet: number
  readonly gapIn: (post: Post) => number
  readonly lengthIn: (post: Post) => number
  readonly weakS: number
  /** Limits already worked out, by length, gap, duration and wetness. */
  readonly known: Map<string, Limits>
}

/** Effective length factors Ke of the posts, NDS 2018 appendix G and register C07. */
function effectiveLengths(lateral: Lateral, pinned: boolean): (post: Post) => number {
  const free = lateral.relied === 'frames alone'
  const heldKe = pinned ? 1 : 0.8
  const freeKe = pinned ? 2.4 : 2.1
  // Where frames take more than a fifth of the load themselves, the tops of their posts count as free (register C07).
  const eaveKe = free || lateral.row.frameShare > 0.2 ? freeKe : heldKe
  return (post) => {
    if (isEave(post.side) && post.kind !== 'lean-to') return eaveKe
    if (free) return freeKe
    return heldKe
  }
}

/** Factors that every post of the building shares, NDS 2018 3.7, 15.3 and the register. */
export function columnBasis(building: Building, lateral: Lateral, gapIn: number): ColumnBasis | null {
  const values = lateral.values
  if (!values) return null
  const size = postSize(building.post)
  const wet = building.school !== 'pier' && size.wood === 'laminated'
  const laminated = size.wood === 'laminated'
  const plan = laminated
    ? laminationPlan({
        lamination: building.joints.lamination,
        plies: size.plies,
        depthIn: size.depthIn,
        lengthIn: building.heelIn + building.minimumDepthIn,
        gravity: values.gravity,
      })
    : null
  const kf = laminated && plan?.meets ? 0.6 : 1
  const pinned = building.school === 'pier'
  const free = lateral.relied === 'frames alone'
  const keOf = effectiveLengths(lateral, pinned)
  return {
    size,
    values,
    keOf,
    wet,
    lamination: laminated ? laminationFactor(size.plies, building.post.ep559, values.machine) : 1,
    kf,
    // Plies nailed by 15.3.3 act over the whole width with Kf; otherwise each ply stands by itself.
    weakDepthIn: laminated && !plan?.meets ? 1.5 : size.widthIn,
    solidWeak: laminated,
    eMinWet: values.eMin * wetFactors(values, wet).ePsi,
    gapIn: (post) =>
      post.kind === 'lean-to' || building.openSides.includes(post.side) ? post.heightIn * (free ? 2.1 : 0.8) : gapIn,
    lengthIn: (post) => post.heightIn - (pinned ? building.bracketIn : 0),
    known: new Map(),
    weakS: laminated ? (size.plies * size.depthIn * 1.5 ** 2) / 6 : (size.depthIn * size.widthIn ** 2) / 6,
  }
}

/**
 * What one section can take under one duration, wet or dry: it does not depend on the load, so each is worked out once.
 */
export interface Limits {
  readonly fcAllowed: number
  readonly fce1: number
  readonly fce2: number
  readonly fbAllowed: number
  readonly fb2Allowed: number
  readonly ftAllowed: number
  readonly slender: number
  readonly fcStar: number
  readonly fce: number
  readonly curve: number
  readonly cp: number
  readonly kf: number
}
