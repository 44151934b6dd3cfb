import { onCentre } from '@/core/pocket/onCentre'
import { length } from '../fields'
import { blade, box, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: onCentre,
  fields: {
    lengthIn: length('length of the plate', 144),
    centresIn: length('center to center', 24),
    stickIn: length('thickness of a stick', 1.5),
  },
  outs: ({ found, say, length: written }) => [
    { label: 'first mark after the end', text: written(found.marksIn[1] ?? 0) },
    { label: 'sticks', text: String(found.marksIn.length) },
    { label: 'last space', text: say('lastSpaceIn') },
  ],
  stands: ({ given: { lengthIn, stickIn, centresIn }, found: { marksIn }, say, length: written }) => {
    const highIn = lengthIn * 0.3
    const lastIn = marksIn[marksIn.length - 1] ?? 0
    const beforeIn = marksIn[marksIn.length - 2] ?? 0
    return [
      ...marksIn.map((atIn) => box('wood', [atIn, 0], [atIn + stickIn, highIn])),
      box('dark', [0, -stickIn], [lengthIn, 0]),
      box('dark', [0, highIn], [lengthIn, highIn + stickIn]),
      measure(
        [(marksIn[1] ?? 0) + stickIn / 2, highIn],
        [(marksIn[2] ?? lastIn) + stickIn / 2, highIn],
        written(centresIn),
        14,
      ),
      measure([beforeIn + stickIn / 2, highIn], [lastIn + stickIn / 2, highIn], say('lastSpaceIn'), 14),
      measure([0, -stickIn], [lengthIn, -stickIn], written(lengthIn), -12),
    ]
  },
  liesTitle: 'On the plate: near edge of each stick',
  lies: ({ given, found, length: written }) =>
    blade(
      found.marksIn.map((atIn) => ({ atIn, text: written(atIn) })),
      given.lengthIn,
    ),
})
