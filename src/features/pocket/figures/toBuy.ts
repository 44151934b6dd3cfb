import type { Sticks } from '@/core/pocket/sticks'
import type { Out } from '../sheet'

/** What to buy, where a stick is named: pieces of one, and sticks for them all. */
export function toBuy({ perStick, sticks }: Sticks): readonly Out[] {
  if (perStick === null) return []
  return sticks === null
    ? [{ label: 'from a stick', text: String(perStick) }]
    : [{ label: `sticks, ${perStick} from each`, text: String(sticks) }]
}
