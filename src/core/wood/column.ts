import { cannotStand, stands, together, type Use, usedOf, worseOf } from '../result'
import { beamStability, columnStability, MOST_SLENDER, uniformLeIn } from './stability'
import type { WetFactors } from './factors'
import type { DesignValues } from './lumber'

/** Stability curve c of sawn and nail-laminated columns, and of glue-laminated ones (NDS 2018 3.7.1.5). */
export const CURVE = { sawn: 0.8, glulam: 0.9 } as const

/**
 * A column that is pushed, pulled and bent: its section, its values with every factor but duration and stability, and
 * how it is held. Axis 1 bends it over its depth, axis 2 across its plies.
 */
export interface ColumnMember {
  readonly values: DesignValues
  readonly wet: WetFactors
  readonly duration: number
  /** Breadth and depth of what bends over its depth as one: the whole section, or a single ply that is nailed short. */
  readonly breadthIn: number
  readonly depthIn: number
  /** Breadth of what buckles across the plies as one. */
  readonly weakIn: number
  /** Kf of nailed plies that act together across their faces (NDS 2018 15.3.2); 1 otherwise. */
  readonly kf: number
  readonly curve: number
  /** Factors on Fb of axis 1 and of axis 2: lamination or sharing, and flat use. */
  readonly bending: number
  readonly flatUse: number
  /** Effective lengths of both axes, and the space between what holds its compressed edge (0: held along it), inches. */
  readonly le1In: number
  readonly le2In: number
  readonly luIn: number
}

/** What a column may take under one duration, psi, with the stability that it comes from. */
export interface ColumnLimits {
  readonly slender1: number
  readonly slender2: number
  readonly fcStar: number
  readonly cp1: number
  readonly cp2: number
  readonly fce1: number
  readonly fce2: number
  readonly fcAllowed: number
  readonly fb1Star: number
  readonly cl: number
  readonly rb: number
  /** What its edge buckles under; null where that is held, or where it is no deeper than broad. */
  readonly fbe: number | null
  readonly fb1Allowed: number
  readonly fb2Allowed: number
  readonly ftAllowed: number
}

/** Limits of a column, NDS 2018 3.3.3, 3.7.1, 15.3.2. Zero of its strength counts past le/d or RB of 50. */
export function columnLimits(member: ColumnMember): ColumnLimits {
  const { values, wet, duration, kf, curve } = member
  const eMinPsi = values.eMin * wet.ePsi
  const fcStar = values.fc * duration * wet.fc
  const slender1 = member.le1In / member.depthIn
  const slender2 = member.le2In / member.weakIn
  const one = columnStability({ slenderness: slender1, eMinPsi, fcStarPsi: fcStar, curve })
  const two = columnStability({ slenderness: slender2, eMinPsi, fcStarPsi: fcStar, curve })
  const fb1Star = values.fb * duration * wet.fb * member.bending
  const leIn = member.luIn > 0 ? uniformLeIn(member.luIn, member.depthIn) : 0
  const edge =
    leIn > 0
      ? beamStability({ leIn, dIn: member.depthIn, bIn: member.breadthIn, eMinPsi, fbStarPsi: fb1Star })
      : { rb: 0, cl: 1 }
  return {
    slender1,
    slender2,
    fcStar,
    cp1: one.cp,
    cp2: kf * two.cp,
    fce1: one.fcePsi,
    fce2: two.fcePsi,
    fcAllowed: fcStar * Math.min(one.cp, kf * two.cp),
    fb1Star,
    cl: edge.cl,
    rb: edge.rb,
    fbe: edge.rb > 0 ? (1.2 * eMinPsi) / edge.rb ** 2 : null,
    fb1Allowed: fb1Star * edge.cl,
    fb2Allowed: values.fb * duration * wet.fb * member.flatUse,
    ftAllowed: values.ft * duration * wet.ft,
  }
}

/** Stresses of a column, psi; compression positive. `share` of the bending strength about axis 1 that counts. */
export interface ColumnStresses {
  readonly fc: number
  readonly fb1: number
  readonly fb2: number
  readonly share?: number
}

/** How much of a column its stresses use: both equations of its interaction, and the worse of the two. */
export interface Interaction {
  readonly first: Use
  readonly second: Use
  readonly use: Use
}

const both = (first: Use, second: Use): Interaction => ({ first, second, use: worseOf(first, second) })

const squared = (use: Use): Use => (stands(use) ? use ** 2 : use)

/** Pulled and bent: NDS 2018 3.9-1, and 3.9-2 for the edge that is still compressed. */
function pulled(limits: ColumnLimits, { fc, fb1, fb2, share = 1 }: ColumnStresses): Interaction {
  const pull = usedOf(-fc, limits.ftAllowed)
  const bent = together([usedOf(fb1, limits.fb1Star * share), usedOf(fb2, limits.fb2Allowed)])
  return both(together([pull, bent]), usedOf(Math.max(0, fb1 + fc), limits.fb1Allowed * share))
}

/** Pushed and bent: NDS 2018 3.9-3, and 3.9-4 for the two ways of buckling together. */
function pushed(limits: ColumnLimits, { fc, fb1, fb2, share = 1 }: ColumnStresses): Interaction {
  const edge = limits.fbe === null ? 0 : (fb1 / limits.fbe) ** 2
  const left1 = 1 - fc / limits.fce1
  const left2 = 1 - fc / limits.fce2 - edge
  if (left1 <= 0 || left2 <= 0) return both(cannotStand('buckles'), cannotStand('buckles'))
  const first = together([
    squared(usedOf(fc, limits.fcAllowed)),
    usedOf(fb1, limits.fb1Allowed * share * left1),
    usedOf(fb2, limits.fb2Allowed * left2),
  ])
  return both(first, fb2 > 0 ? fc / limits.fce2 + edge : 0)
}

/**
 * Load and bending about both axes together, NDS 2018 3.9.1 in tension, 3.9.2 in compression. A column past le/d of 50
 * that is pushed cannot stand, nor one bent whose edge is past RB of 50.
 */
export function interaction(limits: ColumnLimits, stresses: ColumnStresses): Interaction {
  const { fc, fb1 } = stresses
  if (fc > 0 && Math.max(limits.slender1, limits.slender2) > MOST_SLENDER)
    return both(cannotStand('slender'), cannotStand('slender'))
  if (fb1 > 0 && limits.rb > MOST_SLENDER) return both(cannotStand('free edge'), cannotStand('free edge'))
  return fc < 0 ? pulled(limits, stresses) : pushed(limits, stresses)
}
