import { splittingLine, type BoltStrength, type Splitting } from '@/core/joints'
import type { TraceLine } from '@/core/result'

/**
 * Bolts with what the wood that they push across its grain takes, where that is known; `verify` a number of the
 * register.
 */
export const heldLines = (
  { bolt, splitting }: { readonly bolt: BoltStrength; readonly splitting: Splitting | null },
  verify?: string,
): readonly TraceLine[] => [...bolt.trace, ...(splitting ? [splittingLine(splitting, verify)] : [])]
