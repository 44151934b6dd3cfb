import type { Lateral } from '../../frame'
import { laminationPlan } from '../../joints'
import { isEave, type Post } from '../../layout'
import type { Building } from '../../model'
import { entryOf } from '../../result'
import { leaningLength, swayingKe } from '../../statics'
import { IN_PER_FT } from '../../units'
import {
  CFU,
  columnLimits,
  type ColumnLimits,
  CURVE,
  type DesignValues,
  laminationFactor,
  PLY_IN,
  type PostSize,
  postSize,
  wetFactors,
} from '../../wood'

/** What every post of a building is judged with, and how each of them is held. */
export interface ColumnBasis {
  readonly size: PostSize
  readonly values: DesignValues
  readonly wet: boolean
  readonly lamination: number
  readonly flatUse: number
  readonly kf: number
  readonly curve: number
  /** Plies that are nailed by 15.3.3 bend and buckle together; otherwise each stands by itself. */
  readonly together: boolean
  readonly keOf: (post: Post) => number
  /** Length of a post between what holds it over its depth: from its fixity or its bracket to its top, inches. */
  readonly lengthIn: (post: Post) => number
  /** Space between what holds it across its plies, and its compressed edge, inches. */
  readonly gapIn: (post: Post) => number
  readonly weakS: number
  /** Limits already worked out, by length, gap, factor, duration and wetness. */
  readonly known: Map<string, ColumnLimits>
}

/** Recommended Ke, NDS 2018 Appendix G: fixed below and pinned on top, or turning below and on top. */
const FIXED = { held: 0.8, free: 2.1 } as const
const PINNED = { held: 1, free: 2.4 } as const

/** Effective length factors of the posts, NDS 2018 appendix G and register C07. */
function effectiveLengths(building: Building, lateral: Lateral, ei: number): (post: Post) => number {
  const pinned = building.school === 'pier'
  const ends = pinned ? PINNED : FIXED
  const free = lateral.relied === 'frames alone'
  const { frameShare, holdLbIn } = lateral.row
  const eaveKe = (post: Post): number => {
    // A post that turns on its bracket has no stiffness of its own: what the roof holds for both posts of a frame.
    if (pinned && !lateral.knee && holdLbIn !== null)
      return leaningLength(ei, holdLbIn / 2, post.heightIn - building.bracketIn)
    return swayingKe(free ? 1 : frameShare, ends)
  }
  const known = new Map<number, number>()
  return (post) => {
    if (!isEave(post.side) || post.kind === 'lean-to') return free ? ends.free : ends.held
    const found = known.get(post.heightIn) ?? eaveKe(post)
    known.set(post.heightIn, found)
    return found
  }
}

/** Length of a post over its depth: from where it is fixed, or from its bracket, to its top, inches. */
function lengthOf(building: Building, lateral: Lateral, ei: number): (post: Post) => number {
  if (building.school === 'pier') return (post) => post.heightIn - building.bracketIn
  const belowIn = lateral.fixityFt * IN_PER_FT
  if (building.base.model === 'fixed') return (post) => post.heightIn + belowIn
  // On soil springs: the length of a post fixed at its foot that is as stiff at its top.
  return (post) => {
    const stiffness = lateral.units[post.id]?.stiffnessLbIn ?? 0
    return Math.max(post.heightIn, stiffness > 0 ? Math.cbrt((3 * ei) / stiffness) : 0)
  }
}

/** Factors that every post of the building shares, NDS 2018 3.7, 15.3 and the register. */
export function columnBasis(building: Building, lateral: Lateral, gapIn: number): ColumnBasis | null {
  const values = lateral.values
  if (!values) return null
  const size = postSize(building.post)
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
  const ei = values.ePsi * size.iIn4
  const keOf = effectiveLengths(building, lateral, ei)
  const lengthIn = lengthOf(building, lateral, ei)
  return {
    size,
    values,
    wet: building.school !== 'pier',
    lamination: laminated ? laminationFactor(size.plies, building.post.ep559, values.machine) : 1,
    flatUse: laminated ? entryOf(CFU, Number(size.nominal)) : 1,
    kf: laminated && plan?.meets ? 0.6 : 1,
    curve: size.wood === 'glulam' ? CURVE.glulam : CURVE.sawn,
    together: !laminated || (plan?.meets ?? false),
    keOf,
    lengthIn,
    gapIn: (post) =>
      post.kind === 'lean-to' || building.openSides.includes(post.side) ? lengthIn(post) * keOf(post) : gapIn,
    weakS: laminated ? (size.plies * size.depthIn * PLY_IN ** 2) / 6 : (size.depthIn * size.widthIn ** 2) / 6,
    known: new Map(),
  }
}

/** Breadth of what acts as one across the plies, inches. */
export const actingIn = ({ together, size }: Pick<ColumnBasis, 'together' | 'size'>): number =>
  together ? size.widthIn : PLY_IN

/** Limits of one post under one duration, wet or dry; they do not depend on the load, so each is worked out once. */
export function limitsOf(basis: ColumnBasis, post: Post, duration: number, wet: boolean): ColumnLimits {
  const ke = basis.keOf(post)
  const gapIn = basis.gapIn(post)
  const lengthIn = basis.lengthIn(post)
  const key = `${lengthIn}|${gapIn}|${ke}|${duration}|${wet}`
  const known = basis.known.get(key)
  if (known) return known
  const acting = actingIn(basis)
  const made = columnLimits({
    values: basis.values,
    wet: wetFactors(basis.values, wet),
    duration,
    breadthIn: acting,
    depthIn: basis.size.depthIn,
    weakIn: acting,
    kf: basis.kf,
    curve: basis.curve,
    bending: basis.lamination,
    flatUse: basis.flatUse,
    le1In: ke * lengthIn,
    le2In: gapIn,
    luIn: gapIn,
  })
  basis.known.set(key, made)
  return made
}
