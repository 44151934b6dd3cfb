import type { Job } from '@/core/model'
import type { Stick, Sticks, Structure } from '@/core/sticks'
import { fixed } from '@/core/units'
import type { ShownDerived as Derived } from '../shown'
import { mark } from './paper'

/** What the sheets of single sticks are read off. */
export interface SheetsOf {
  readonly job: Job
  readonly derived: Derived
  readonly sticks: Sticks
  readonly structure: Structure
}

export const deg = (value: number): string => `${fixed(value, 1)} degrees`
/** The stock that a stick is cut from. */
export const stock = ({ buyLengthIn }: Stick): string => (buyLengthIn === null ? 'special' : mark(buyLengthIn))
