import { type BraceLine, type HoleKind } from '../../frame'
import type { Building } from '../../model'

/** What the roof lifts at the foot of the posts of a braced line, and what is held there, lb. */
export interface HeldDown {
  readonly demandLb: number
  readonly capacityLb: number
}

/** One line of braces with what its rules read. `gapIn` is the widest space between the girts that hold a board. */
export interface BraceCase {
  readonly building: Pick<Building, 'bracing' | 'grades' | 'post' | 'joints'>
  readonly brace: BraceLine
  readonly gapIn: number
  readonly held: HeldDown
}

/** Braces steeper than this do no work, degrees. */
const STEEPEST_DEG = 60.5
export const tooSteep = ({ brace }: Pick<BraceCase, 'brace'>): boolean => brace.alphaDeg > STEEPEST_DEG

/** What holds least at the foot of posts of these kinds; nothing where there are none. */
export function heldAtFeet(holes: readonly HoleKind[], kinds: readonly string[]): HeldDown {
  // What a wall lifts is the brace's own: the rule adds it.
  const own = holes
    .filter((hole) => kinds.includes(hole.kind))
    .map(({ uplift }): HeldDown => ({
      demandLb: uplift.demandLb - uplift.coupleLb,
      capacityLb: uplift.capacityLb,
    }))
  const spare = ({ capacityLb, demandLb }: HeldDown) => capacityLb - demandLb
  return own.length
    ? own.reduce((best, each) => (spare(each) < spare(best) ? each : best))
    : { demandLb: 0, capacityLb: 0 }
}
