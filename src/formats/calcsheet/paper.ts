import type { Block } from '../crewbook'
import { table } from '../crewbook/paper'
import { plain } from '../plain'

/** A table no wider than what stands in it. */
export const tight = (
  head: readonly string[],
  rows: readonly (readonly string[])[],
  right: readonly number[] = [],
): Block => ({ ...table(head, rows, right), tight: true }) as Block

/** A paragraph. */
export const text = (words: string): Block => ({ kind: 'text', text: plain(words) })

/** A heading that the outline names. */
export const heading = (words: string): Block => ({ kind: 'text', text: plain(words), strong: true, outline: true })
