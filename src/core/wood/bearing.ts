import { line, sig, type TraceLine } from '../result'
import type { DesignValues } from './lumber'

/** Share of Fc* that end grain takes without a metal plate under the load (NDS 2018 3.10.1.3). */
const WITHOUT_PLATE = 0.75

/** What a seat stands on, and what that takes, psi. */
export interface SeatSupport {
  readonly kind: 'end grain' | 'across the grain'
  readonly values: DesignValues
  readonly duration: number
}

/** Pressure that what a seat stands on takes, psi: end grain without a plate, or across the grain (NDS 2018 3.10). */
export const supportPsi = ({ kind, values, duration }: SeatSupport): number =>
  kind === 'end grain' ? WITHOUT_PLATE * values.fc * duration : values.fcPerp

/** The same as a line of arithmetic. */
export const supportLine = (support: SeatSupport): TraceLine =>
  support.kind === 'end grain'
    ? line({
        label: 'End grain under it, no plate',
        formula: '0.75·Fc·CD',
        numbers: `0.75 × ${sig(support.values.fc)} × ${sig(support.duration)}`,
        value: supportPsi(support),
        unit: 'psi',
        clause: 'NDS 2018 3.10.1.3',
      })
    : line({
        label: 'What it stands on, across its grain',
        formula: 'Fc⊥',
        numbers: sig(support.values.fcPerp),
        value: support.values.fcPerp,
        unit: 'psi',
        clause: support.values.table,
      })
