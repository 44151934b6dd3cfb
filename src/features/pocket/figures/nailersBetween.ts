import { nailersBetween } from '@/core/pocket/nailersBetween'
import { length, lengths } from '../fields'
import { blade, box, measure, type Scene } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: nailersBetween,
  fields: {
    rowsIn: lengths('tops of rows that stand', 'row', [24, 80]),
    fromIn: length('skin begins', 0),
    toIn: length('skin ends', 108),
    maxIn: length('widest space', 24),
  },
  outs: ({ found, length: written }) => [
    {
      label: found.newRowsIn.length === 1 ? 'the new row' : 'the first new row',
      text: found.newRowsIn.length === 0 ? 'none' : written(found.newRowsIn[0] ?? 0),
    },
    { label: 'new rows', text: String(found.newRowsIn.length) },
    { label: 'widest space then', text: written(Math.max(0, ...found.spacesIn)) },
  ],
  stands: ({ given: { rowsIn, fromIn, toIn }, found, length: written }): Scene => {
    const highIn = toIn - fromIn
    const [wideIn, stickIn] = [highIn * 1.3, Math.min(3.5, highIn * 0.05)]
    const posts = [0.04, 0.5, 0.96].map((part) => part * wideIn)
    const row = (tone: 'dark' | 'picked', topIn: number) => box(tone, [0, topIn - stickIn], [wideIn, topIn])
    return [
      ...posts.map((atIn) => box('wood', [atIn - stickIn, fromIn], [atIn + stickIn, toIn])),
      ...rowsIn.map((topIn) => row('dark', topIn)),
      ...found.newRowsIn.map((topIn) => row('picked', topIn)),
      ...found.newRowsIn
        .slice(0, 8)
        .map((topIn) => measure([wideIn, fromIn], [wideIn, topIn], written(topIn), -10))
        .slice(0, 1),
      measure([0, fromIn], [0, toIn], written(highIn), 12),
    ]
  },
  liesTitle: 'On a story stick, hook where the skin begins',
  lies: ({ given: { rowsIn, fromIn, toIn }, found, length: written }) =>
    blade(
      [...rowsIn.map((atIn) => ({ atIn, name: 'stands' })), ...found.newRowsIn.map((atIn) => ({ atIn, name: 'new' }))]
        .sort((one, other) => one.atIn - other.atIn)
        .map(({ atIn, name }) => ({ atIn: atIn - fromIn, text: written(atIn), name })),
      toIn - fromIn,
    ),
})
