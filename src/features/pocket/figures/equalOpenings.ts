import { equalOpenings } from '@/core/pocket/equalOpenings'
import { length } from '../fields'
import { blade, box, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: equalOpenings,
  fields: {
    lengthIn: length('clear between posts', 70.5),
    pickIn: length('width of a picket', 1.5),
    maxGapIn: length('widest gap', 4),
  },
  outs: ({ found, say }) => [
    { label: 'each gap', text: say('gapIn') },
    { label: 'pickets', text: String(found.count) },
  ],
  stands: ({ given: { lengthIn, pickIn }, found: { marksIn, gapIn }, say, length: written }) => {
    const [highIn, railIn, postIn] = [lengthIn * 0.42, lengthIn * 0.03, lengthIn * 0.05]
    const firstIn = marksIn[0] ?? lengthIn
    return [
      box('dark', [-postIn, -railIn * 2], [0, highIn + railIn * 2]),
      box('dark', [lengthIn, -railIn * 2], [lengthIn + postIn, highIn + railIn * 2]),
      ...marksIn.map((atIn) => box('wood', [atIn, 0], [atIn + pickIn, highIn])),
      box('wood', [0, -railIn], [lengthIn, 0]),
      box('wood', [0, highIn], [lengthIn, highIn + railIn]),
      measure([firstIn - gapIn, highIn + railIn], [firstIn, highIn + railIn], say('gapIn'), 14),
      measure([0, -railIn], [lengthIn, -railIn], written(lengthIn), -12),
    ]
  },
  liesTitle: 'On the rail: near edge of each picket',
  lies: ({ given, found, length: written }) =>
    blade(
      found.marksIn.map((atIn) => ({ atIn, text: written(atIn) })),
      given.lengthIn,
    ),
})
