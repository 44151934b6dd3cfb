import { postTops } from '@/core/pocket/postTops'
import { length, lengths, number } from '../fields'
import { blade, box, ground, line, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: postTops,
  fields: {
    topIn: length('top of the first row', 132),
    pitchPer12: number('fall', 3, 'in 12'),
    rowsIn: lengths('rows from the first', 'row', [0, 96, 192]),
  },
  outs: ({ found, length: written }) => [
    { label: 'top of the last row', text: written(found.topsIn[found.topsIn.length - 1] ?? 0) },
    { label: 'drop, row to row', text: found.dropsIn.slice(1).map(written).join(', ') || '–' },
  ],
  stands: ({ given: { rowsIn }, found: { topsIn }, length: written }) => {
    const lastIn = rowsIn[rowsIn.length - 1] ?? 0
    const wideIn = Math.max(lastIn, (topsIn[0] ?? 0) * 0.5)
    const halfIn = Math.max(2.75, wideIn * 0.012)
    return [
      ground(-wideIn * 0.08, lastIn + wideIn * 0.08, wideIn * 0.05),
      ...rowsIn.map((atIn, k) => box('wood', [atIn - halfIn, 0], [atIn + halfIn, topsIn[k] ?? 0])),
      line('chalk', [0, topsIn[0] ?? 0], [lastIn, topsIn[topsIn.length - 1] ?? 0]),
      ...rowsIn.map((atIn, k) => measure([atIn, 0], [atIn, topsIn[k] ?? 0], written(topsIn[k] ?? 0), -14)),
    ]
  },
  liesTitle: 'Tops on a stick, up from the line',
  lies: ({ found, length: written }) =>
    blade(found.topsIn.map((atIn, k) => ({ atIn, text: written(atIn), name: `row ${k + 1}` }))),
})
