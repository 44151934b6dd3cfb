import type { Diagram } from '../result'
import { IN_PER_FT } from '../units'
import { type LateralCase, momentAtFtLb } from '../frame'

/** What bends a post, for drawing: its wind, and its shear and moment at grade. */
export type Bent = Pick<LateralCase, 'plf' | 'shearLb' | 'momentFtLb'>
/**
 * Cladding wind by itself on a post held at its top: 5/8 and 1/8 of w·H and w·H² at grade, or half of w·H where it
 * turns on a bracket.
 */
export const cladBent = (plf: number, heightFt: number, pinned: boolean): Bent => ({
  plf,
  shearLb: (pinned ? 0.5 : 0.625) * plf * heightFt,
  momentFtLb: pinned ? 0 : (plf * heightFt ** 2) / 8,
})
/** Shear and moment along a post for drawing, from grade or its bracket up. */
export function postDiagram(bent: Bent, heightIn: number, capacityInLb: number | null): Diagram {
  const steps = 32
  const places = Array.from({ length: steps + 1 }, (_, i) => (heightIn * i) / steps)
  return {
    lengthIn: heightIn,
    x: places,
    upright: true,
    capacityInLb,
    shearLb: places.map((place) => bent.shearLb - (bent.plf * place) / IN_PER_FT),
    momentInLb: places.map((place) => IN_PER_FT * momentAtFtLb(bent, place / IN_PER_FT)),
    deflectionIn: places.map(() => 0),
    points: [],
    lines: [
      { fromIn: 0, toIn: heightIn, startLbIn: bent.plf / IN_PER_FT, endLbIn: bent.plf / IN_PER_FT, name: 'wind' },
    ],
    supportsIn: [0, heightIn],
  }
}
