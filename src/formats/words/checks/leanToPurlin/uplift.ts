import type { uplift } from '@/core/rules/leanToPurlin/uplift'
import type { CheckOf, CheckWords } from '../checkWords'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof uplift>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: purlins under uplift`,
  governs: () => 'Cladding wind on an open roof is not in the table here: its coefficient CN has not been entered.',
  remedy: () => 'Enter CN from the standard, or take these to an engineer.',
}
