import { cover } from '@/core/pocket/cover'
import { length, number } from '../fields'
import { box, line, measure, type Scene } from '../scene/shapes'
import { sheet } from '../sheet'

const MOST_DRAWN = 40

/** Sheets side by side with their ribs, each lapped over the one before. */
const sheetsSide = (sheets: number, coverIn: number, highIn: number): Scene =>
  Array.from({ length: Math.min(sheets, MOST_DRAWN) }, (_sheet, k): Scene => {
    const [fromIn, toIn] = [k * coverIn, (k + 1) * coverIn]
    const ribs = [0.25, 0.5, 0.75].map((part) => fromIn + coverIn * part)
    return [
      box('steel', [fromIn, 0], [toIn, highIn]),
      ...ribs.map((atIn) => line('thin', [atIn, 0], [atIn, highIn])),
      line('ink', [toIn, 0], [toIn, highIn]),
    ]
  }).flat()

export default sheet({
  figure: cover,
  fields: { laidIn: length('tape over the sheets', 180.5), sheets: number('sheets laid', 5) },
  outs: ({ say }) => [{ label: 'one sheet covers', text: say('coverIn') }],
  stands: ({ given: { laidIn, sheets }, found: { coverIn }, length: written }) => {
    const wideIn = Math.min(sheets, MOST_DRAWN) * coverIn
    return [
      ...sheetsSide(sheets, coverIn, wideIn * 0.35),
      measure([0, wideIn * 0.35], [wideIn, wideIn * 0.35], written(laidIn), 12),
    ]
  },
  liesTitle: 'One sheet',
  lies: ({ found: { coverIn }, say }) => [
    ...sheetsSide(1, coverIn, coverIn * 0.1),
    measure([0, 0], [coverIn, 0], say('coverIn'), -12),
  ],
})
