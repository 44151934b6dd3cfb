import { about } from '@/core/units'
import type { BraceLine } from '@/core/frame'
import { line, sig, type TraceLine } from '@/core/result'

const KIND: Readonly<Record<string, string>> = { straps: 'straps', 'single-boards': 'single braces' }
/** How the braces of a wall are called. */
export const braceKind = (walls: string): string => KIND[walls] ?? 'X braces'

/** The shear in a braced wall and the force it puts into one brace. */
export const forceLines = (brace: BraceLine): readonly TraceLine[] => [
  line({
    label: `Shear in the wall, over ${brace.bays} braced bay${brace.bays === 1 ? '' : 's'}`,
    formula: 'V',
    numbers: sig(brace.shearLb),
    value: brace.shearLb,
    unit: 'lb',
    clause: 'ASCE 7-16 2.4.1 (5)',
  }),
  line({
    label: 'Force in one brace',
    formula: 'T = V/cosα',
    numbers: `${sig(brace.shearLb / brace.bays)}/cos(${about(brace.alphaDeg, 'deg')})`,
    value: brace.forceLb,
    unit: 'lb',
    clause: 'statics',
  }),
]
