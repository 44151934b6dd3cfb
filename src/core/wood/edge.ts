import { about } from '../units'
import { line, sig, type TraceLine } from '../result'
import { beamStability, MOST_SLENDER } from './stability'

/** The free edge of a bent member: what its stability was worked out from, inches and psi. */
export interface FreeEdge {
  readonly leIn: number
  readonly dIn: number
  readonly bIn: number
  readonly fbePsi: number
  readonly fbStarPsi: number
  readonly rb: number
  readonly cl: number
}

/** A free edge with its stability; null where the member is no deeper than wide and cannot roll. */
export function freeEdge(given: Parameters<typeof beamStability>[0]): FreeEdge | null {
  const { rb, cl } = beamStability(given)
  if (rb === 0) return null
  const { leIn, dIn, bIn, fbStarPsi, eMinPsi } = given
  return { leIn, dIn, bIn, fbStarPsi, fbePsi: (1.2 * eMinPsi) / rb ** 2, rb, cl }
}

/**
 * Arithmetic of the beam stability factor CL, NDS 2018 3.3.3: slenderness of the free edge, and what is left of the
 * bending strength; the second is missing past the slenderness limit of 50 (3.3.3.7).
 */
export function edgeLines({ leIn, dIn, bIn, fbePsi, fbStarPsi, rb, cl }: FreeEdge): readonly TraceLine[] {
  const alpha = sig(fbePsi / fbStarPsi)
  const half = `(1 + ${alpha})/1.9`
  const slenderness = line({
    label: 'Slenderness of its edge',
    formula: 'RB = √(le·d/b²)',
    numbers: `√(${sig(leIn)} × ${sig(dIn)}/${sig(bIn)}²)`,
    value: rb,
    unit: '',
    clause: `NDS 2018 3.3.3.6, FbE ${about(fbePsi, 'psi')}`,
  })
  if (rb > MOST_SLENDER) return [slenderness]
  const stability = line({
    label: 'Stability of its edge',
    formula: 'CL from α = FbE/Fb*',
    numbers: `${half} − √((${half})² − ${alpha}/0.95)`,
    value: cl,
    unit: '',
    clause: 'NDS 2018 3.3.3.8',
  })
  return [slenderness, stability]
}
