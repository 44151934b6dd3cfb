import { spanStrength } from '../span/strength'
import type { LeanToCase } from './leanTo'

export const rafterName = ({ lean }: Pick<LeanToCase, 'lean'>) =>
  ({
    member: 'rafter',
    place: lean.leanTo.side,
    id: `rafter-${lean.leanTo.side}`,
    group: 'lean-to',
    subjects: [],
    about: {},
  }) as const

/** Rafters of a lean-to in bending and shear, as a ratio; the seat's notch counts against shear. */
export const strength = (leanTo: Pick<LeanToCase, 'lean' | 'span'>) => spanStrength(rafterName(leanTo), leanTo.span)
