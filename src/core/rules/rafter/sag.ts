import { spanSag } from '../span/sag'
import type { LeanToCase } from './leanTo'
import { rafterName } from './strength'

/** Sag of the rafters of a lean-to, inches. */
export const sag = (leanTo: Pick<LeanToCase, 'lean' | 'span'>) => spanSag(rafterName(leanTo), leanTo.span)
