import { jobSticks, jobStructure } from '@/core/derive'
import type { Job, Side } from '@/core/model'
import { type Stick, type Sticks, strapBays, type StrapBay, type Structure } from '@/core/sticks'
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

/** Lowest and highest string across the building, lean-tos included, inches. */
export function acrossIn({ job, derived }: Pick<SheetsOf, 'job' | 'derived'>): readonly [low: number, high: number] {
  const depthOf = (side: Side) => job.building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  return [-depthOf('south'), derived.grid.widthIn + depthOf('north')]
}

/** The sticks of a job with what they are made from, for the sheets of single kinds. */
export function sheetsFrom(job: Job, derived: Derived): SheetsOf {
  const structure = jobStructure(job, derived)
  return { job, derived, structure, sticks: jobSticks(job, derived, { structure }) }
}

export const deg = (value: number): string => `${fixed(value, 1)} degrees`
/** The stock that a stick is cut from. */
export const stock = ({ buyLengthIn }: Stick): string => (buyLengthIn === null ? 'special' : mark(buyLengthIn))
/** The bays that straps hold, of the walls that wind shears. */
export function strapsIn({ sticks, structure, derived }: SheetsOf): readonly StrapBay[] {
  const held = new Set(sticks.joins.filter(({ kind }) => kind === 'strap to post').map(({ stick }) => stick))
  return structure.walls.flatMap((wall) => strapBays(wall, derived.grid)).filter(({ id }) => held.has(id))
}
