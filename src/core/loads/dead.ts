import { IN_PER_FT, pitchRadians } from '../units'
import type { Building, Site } from '../model'
import { line, sig, type TraceLine } from '../result'

export interface DeadLoad {
  readonly maxPsf: number
  readonly minPsf: number
  readonly slopePsf: number
  readonly trace: readonly TraceLine[]
}

/** Default weight of wood trusses by spacing, psf of plan (register C09). */
const trussDefaultPsf = (spaceIn: number): number => {
  if (spaceIn <= 30) return 3
  if (spaceIn <= 60) return 2
  return 1.5
}

/**
 * Roof dead load, psf of plan: the greatest that is certain, and the least for uplift. `purlinPlf` weight of one
 * purlin, `trussSpaceIn`
 * truss spacing. `slopePsf` is skin and purlins only, psf of slope, what a purlin carries. Parts on the slope are
 * divided by its cosine.
 */
export function deadLoad(site: Site, building: Building, purlinPlf: number, trussSpaceIn: number): DeadLoad {
  const cos = Math.cos(pitchRadians(building.pitchPer12))
  const purlinPsf = (purlinPlf * IN_PER_FT) / building.roof.purlins.spaceIn
  if (site.dead.by === 'total') {
    const psf = site.dead.psf
    // What a purlin carries is not known apart: the whole, which is safe.
    return {
      maxPsf: psf,
      minPsf: Math.min(site.deadMinPsf, psf),
      slopePsf: psf * cos,
      trace: [
        line({
          label: 'Roof dead load, typed',
          formula: 'D',
          numbers: String(psf),
          value: psf,
          unit: 'psf',
          clause: 'ASCE 7-16 3.1',
          verify: 'C09',
        }),
      ],
    }
  }
  const dead = site.dead
  const truss = dead.trussPsf ?? trussDefaultPsf(trussSpaceIn)
  const slope = dead.skinPsf + purlinPsf
  const maxPsf = slope / cos + truss + dead.ceilingPsf + dead.otherPsf
  return {
    maxPsf,
    minPsf: Math.min(site.deadMinPsf, slope / cos + truss),
    slopePsf: slope,
    trace: [
      line({
        label: 'Purlins',
        formula: 'weight/spacing',
        numbers: `${sig(purlinPlf)} × 12/${sig(building.roof.purlins.spaceIn)}`,
        value: purlinPsf,
        unit: 'psf of slope',
        clause: 'NDS Supp. 3.1.3',
      }),
      line({
        label: 'Roof dead load by parts',
        formula: '(skin + purlins)/cosθ + trusses + ceiling + other',
        numbers:
          `(${sig(dead.skinPsf)} + ${sig(purlinPsf)})/${sig(cos)} + ${sig(truss)} + ${sig(dead.ceilingPsf)} + ` +
          `${sig(dead.otherPsf)}`,
        value: maxPsf,
        unit: 'psf',
        clause: 'ASCE 7-16 3.1',
        verify: 'C09',
      }),
    ],
  }
}
