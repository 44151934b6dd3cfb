import { line, sig, type TraceLine } from '@/core/result'
import type { DesignValues } from '@/core/wood'

/** What a seat takes across the grain. */
export const allowedPressing = ({ fcPerp, table }: DesignValues): TraceLine =>
  line({ label: 'Allowed', formula: 'Fc⊥', numbers: sig(fcPerp), value: fcPerp, unit: 'psi', clause: table })
