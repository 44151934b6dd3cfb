import { line, sig, type TraceLine } from '../result'

/** A member near whose end bolts push across its grain: psi and inches; `deIn` from the loaded edge to the farthest bolt. */
export interface Splitting {
  readonly fvPsi: number
  readonly duration: number
  readonly bIn: number
  readonly dIn: number
  readonly deIn: number
}

/** Lowest tabled shear of framing lumber, psi (NDS Supplement 2018 Table 4A): for wood without values of its own. */
export const LEAST_FV_PSI = 110

/**
 * Shear that a member takes at bolts less than five depths from its end, lb: V = (2/3·Fv'·b·de)·(de/d)², NDS 2018
 * 3.4.3.3.
 */
export const splittingLb = ({ fvPsi, duration, bIn, dIn, deIn }: Splitting): number =>
  ((2 / 3) * fvPsi * duration * bIn * deIn * deIn ** 2) / dIn ** 2

/** The same as a line of arithmetic; `verify` a number of the register. */
export function splittingLine(splitting: Splitting, verify?: string): TraceLine {
  const { fvPsi, duration, bIn, dIn, deIn } = splitting
  const share = `(${sig(deIn)}/${sig(dIn)})²`
  return line({
    label: 'Across the grain at the bolts',
    formula: "(2/3·Fv'·b·de)·(de/d)²",
    numbers: `(2/3 × ${sig(fvPsi)} × ${sig(duration)} × ${sig(bIn)} × ${sig(deIn)}) × ${share}`,
    value: splittingLb(splitting),
    unit: 'lb',
    clause: 'NDS 2018 3.4.3.3',
    verify,
  })
}
