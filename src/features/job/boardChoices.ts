import { BOARD_SIZES, type Building, LUMBERS } from '@/core/model'

/** Sizes of boards, to choose from. */
export const boardChoices = BOARD_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))

/** Tabled lumber, then the user's own grades. */
export const lumberChoices = ({ grades }: Building) => [
  ...LUMBERS.map((value) => ({ value, label: value })),
  ...grades.map(({ id, name }) => ({ value: id, label: name })),
]
