import { equalSpaces } from '@/core/pocket/equalSpaces'
import { length } from '../fields'
import { blade, box, ground, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: equalSpaces,
  fields: { runIn: length('first to last, centers', 462), maxIn: length('widest space', 96) },
  outs: ({ found, say }) => [
    { label: 'each space, center to center', text: say('spaceIn') },
    { label: 'spaces', text: String(found.count) },
    { label: 'posts', text: String(found.count + 1) },
  ],
  stands: ({ given: { runIn }, found: { marksIn }, say, length: written }) => {
    const [halfIn, highIn] = [Math.max(2.25, runIn * 0.006), runIn * 0.14]
    return [
      ground(-runIn * 0.03, runIn * 1.03, runIn * 0.03),
      ...marksIn.map((atIn) => box('wood', [atIn - halfIn, -runIn * 0.02], [atIn + halfIn, highIn])),
      measure([0, highIn], [marksIn[1] ?? runIn, highIn], say('spaceIn'), 12),
      measure([0, -runIn * 0.03], [runIn, -runIn * 0.03], written(runIn), -12),
    ]
  },
  liesTitle: 'Along the tape, hook on the first center',
  lies: ({ found, length: written }) => blade(found.marksIn.map((atIn) => ({ atIn, text: written(atIn) }))),
})
