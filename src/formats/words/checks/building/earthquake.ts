import type { earthquake } from '@/core/rules/building/earthquake'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof earthquake>> = {
  title: () => 'Earthquake',
  governs: () => 'Seismic Design Category D or above, or heavy walls: not computed here.',
  remedy: () => 'Take the building to an engineer.',
}
