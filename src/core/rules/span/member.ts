import type { BoardName, Lumber, OwnGrade } from '../../model'
import { cannotStand, type TraceLine, together, type Use, usedOf, worseOf, worstUse } from '../../result'
import { simpleSpan, spanForces, type SpanForces, type SpanLoads } from '../../statics'
import { beamStrength, type BeamStrength, MOST_SLENDER } from '../../wood'

/** Where the load of a case comes from: gravity and wind on a slope, wind up on a slope, or the loads themselves. */
export type LoadOrigin =
  | {
      readonly kind: 'slope'
      readonly deadPsf: number
      readonly planPsf: number
      readonly windPsf: number
      readonly cos: number
      readonly spaceFt: number
      readonly plf: number
    }
  | {
      readonly kind: 'uplift'
      readonly zone: string
      readonly upPsf: number
      readonly leastPsf: number
      readonly cos: number
      readonly spaceFt: number
      readonly plf: number
    }
  | { readonly kind: 'loads'; readonly trace: readonly TraceLine[] }

/**
 * One load combination on a simple span. `luIn` free length of the edge it compresses; `weak` load across the other
 * axis where the skin does not carry it.
 */
export interface SpanCase {
  readonly name: string
  readonly duration: number
  readonly loads: SpanLoads
  readonly luIn: number
  readonly place?: string
  readonly weak?: SpanLoads
  readonly verify?: string
  /** Where its load comes from, for the arithmetic. */
  readonly origin?: LoadOrigin
}

/** A load whose sag is limited to the span over `over`, or to `mostIn`. */
export interface SagCase {
  readonly name: string
  readonly loads: SpanLoads
  readonly over: number
  readonly mostIn?: number
}

/** A member on a simple span, with all its load combinations and the sags that are limited. */
export interface SpanMember {
  readonly plies: number
  readonly size: BoardName
  readonly lumber: Lumber
  readonly own: readonly OwnGrade[]
  readonly flat: boolean
  readonly spaceIn: number
  readonly shortcut: boolean
  readonly together?: number
  /** Shear left at an end notch, as a share of the whole section's; 1 without one. */
  readonly notchShare?: number
  readonly cases: readonly SpanCase[]
  readonly sags: readonly SagCase[]
}

/** Bending across the other axis: its stress and what that may be, psi. */
interface WeakBending {
  readonly fb: number
  readonly fbAllowed: number
}

/** One combination judged on a span: its forces, stresses, and how much of its strength bending and shear use. */
export interface SpanJudged {
  readonly spanCase: SpanCase
  readonly strength: BeamStrength
  readonly forces: SpanForces
  readonly bending: Use
  readonly shear: number
  readonly fb: number
  readonly fbAllowed: number
  readonly weak: WeakBending | null
  readonly use: Use
}

/** Bending about both axes (NDS 2018 3.9.2 without axial load): the second grows as the first nears its buckling. */
function bendingUse(fb: number, strength: BeamStrength, weak: WeakBending | null): Use {
  const { edge } = strength
  const own = edge && edge.rb > MOST_SLENDER && fb > 0 ? cannotStand('free edge') : usedOf(fb, strength.fbPsi)
  if (!weak || weak.fb === 0) return own
  const left = edge === null ? 1 : 1 - (fb / edge.fbePsi) ** 2
  return together([own, left > 0 ? usedOf(weak.fb, weak.fbAllowed * left) : cannotStand('buckles')])
}

/** A span under one case; null where no values are tabled for its lumber. */
export function judgeSpan(member: SpanMember, spanCase: SpanCase): SpanJudged | null {
  const base = {
    plies: member.plies,
    together: member.together ?? member.plies,
    size: member.size,
    lumber: member.lumber,
    own: member.own,
    spaceIn: member.spaceIn,
    duration: spanCase.duration,
    shortcut: member.shortcut,
  }
  const strength = beamStrength({ ...base, flat: member.flat, luIn: spanCase.luIn })
  if (!strength) return null
  const forces = spanForces(spanCase.loads)
  const fb = Math.abs(forces.momentInLb) / strength.sIn3
  const across = spanCase.weak ? beamStrength({ ...base, flat: !member.flat, luIn: 0 }) : null
  const weak =
    across && spanCase.weak
      ? { fb: Math.abs(spanForces(spanCase.weak).momentInLb) / across.sIn3, fbAllowed: across.fbPsi }
      : null
  const bending = bendingUse(fb, strength, weak)
  const shear = (1.5 * forces.shearLb) / strength.areaIn2 / (strength.fvPsi * (member.notchShare ?? 1))
  return {
    spanCase,
    strength,
    forces,
    bending,
    shear,
    fb,
    fbAllowed: strength.fbPsi,
    weak,
    use: worseOf(bending, shear),
  }
}

/**
 * Worst use of a span in strength and in sag, without words: what sizing asks for. Null where no values are tabled.
 */
export function spanWorst(member: SpanMember): Use | null {
  const judged = member.cases.map((spanCase) => judgeSpan(member, spanCase))
  const uses = judged.flatMap((each) => (each ? [each.use] : []))
  if (uses.length < judged.length) return null
  return worstUse([...uses, ...member.sags.flatMap((sag) => sagOf(member, sag)?.ratio ?? [])])
}

/** Sag of one case against its limit, inches; `ei` in lb·in². */
export interface SpanSag {
  readonly ratio: number
  readonly sagIn: number
  readonly limitIn: number
  readonly ei: number
}

/** Sag of a span whose lumber has values; null where it has none. */
export function sagOf(member: SpanMember, sagCase: SagCase): SpanSag | null {
  const strength = beamStrength({
    plies: member.plies,
    size: member.size,
    lumber: member.lumber,
    own: member.own,
    flat: member.flat,
    spaceIn: member.spaceIn,
    luIn: 0,
    duration: 1,
    shortcut: true,
  })
  if (!strength) return null
  const ei = strength.values.ePsi * strength.iIn4
  const shareIn = sagCase.loads.lengthIn / sagCase.over
  const limitIn = sagCase.mostIn === undefined ? shareIn : Math.min(shareIn, sagCase.mostIn)
  const sagIn = Math.abs(simpleSpan(sagCase.loads, ei).deflectionIn)
  return { ratio: sagIn / limitIn, sagIn, limitIn, ei }
}
