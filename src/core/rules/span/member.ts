import type { BoardName, Lumber, OwnGrade } from '../../model'
import type { TraceLine } from '../../result'
import { simpleSpan, spanForces, type SpanForces, type SpanLoads } from '../../statics'
import { beamStrength, type BeamStrength } from '../../wood'

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

/** One combination judged on a span: its forces, stresses, and ratios in bending and shear. */
export interface SpanJudged {
  readonly spanCase: SpanCase
  readonly strength: BeamStrength
  readonly forces: SpanForces
  readonly bending: number
  readonly shear: number
  readonly fb: number
  readonly fb2: number
  readonly fbAllowed: number
  readonly fb2Allowed: number
  readonly ratio: number
}

/** Share of a strength that a stress takes; all of it and more where there is none. */
const shareOf = (stressPsi: number, allowedPsi: number): number => (stressPsi === 0 ? 0 : stressPsi / allowedPsi)

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
  let fb2 = 0
  let fb2Allowed = Infinity
  if (spanCase.weak) {
    const flat = beamStrength({ ...base, flat: !member.flat, luIn: 0 })
    if (flat) {
      fb2 = Math.abs(spanForces(spanCase.weak).momentInLb) / flat.sIn3
      fb2Allowed = flat.fbPsi
    }
  }
  const room = 1 - (fb / strength.fbePsi) ** 2
  const bending = shareOf(fb, strength.fbPsi) + shareOf(fb2, fb2Allowed * Math.max(0, room))
  const shear = (1.5 * forces.shearLb) / strength.areaIn2 / (strength.fvPsi * (member.notchShare ?? 1))
  return {
    spanCase,
    strength,
    forces,
    bending,
    shear,
    fb,
    fb2,
    fbAllowed: strength.fbPsi,
    fb2Allowed,
    ratio: Math.max(bending, shear),
  }
}

/**
 * Worst strength ratio and worst sag ratio of a span, without words: what sizing asks for. Null where no values are
 * tabled.
 */
export function spanWorst(member: SpanMember): { readonly strength: number; readonly sag: number } | null {
  let strength = 0
  for (const spanCase of member.cases) {
    const judged = judgeSpan(member, spanCase)
    if (!judged) return null
    strength = Math.max(strength, judged.ratio)
  }
  return { strength, sag: member.sags.reduce((most, sag) => Math.max(most, sagOf(member, sag)?.ratio ?? 0), 0) }
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
  const limitIn = Math.min(sagCase.loads.lengthIn / sagCase.over, sagCase.mostIn ?? Infinity)
  const sagIn = Math.abs(simpleSpan(sagCase.loads, ei).deflectionIn)
  return { ratio: sagIn / limitIn, sagIn, limitIn, ei }
}
