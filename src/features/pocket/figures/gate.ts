import { radians } from '@/core/units'
import { gate } from '@/core/pocket/gate'
import { choice, length, number } from '../fields'
import { onSaw } from '../scene/saw'
import { box, dot, line, measure, type Scene } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: gate,
  fields: {
    openIn: length('post to post', 144),
    leaves: choice('leaves', 2, [
      [1, '1'],
      [2, '2'],
    ]),
    heightIn: length('height of a leaf', 54),
    railIn: length('width of rails', 5.5),
    hingeGapIn: length('gap at the hinges', 0.75),
    latchGapIn: length('gap at the latch', 1),
    meetGapIn: length('gap where two meet', 0.5),
    weightLb: number('one leaf weighs', 90, 'lb'),
    hingesIn: length('between hinges', 40),
  },
  outs: ({ say }) => [
    { label: 'width of a leaf', text: say('leafIn') },
    { label: 'brace, corner to corner', text: say('braceIn') },
    { label: 'brace from level', text: say('braceDeg') },
    { label: 'pull at the top hinge', text: say('hingePullLb') },
  ],
  stands: ({ given, found, say, length: written }): Scene => {
    const { openIn, heightIn, railIn, hingeGapIn, leaves, hingesIn } = given
    const leaf = (hingeIn: number, way: 1 | -1): Scene => {
      const [a, b] = [hingeIn, hingeIn + way * found.leafIn]
      const [low, high] = [railIn, heightIn - railIn]
      return [
        box('wood', [a, 0], [b, railIn]),
        box('wood', [a, heightIn - railIn], [b, heightIn]),
        box('wood', [a, 0], [a + way * railIn, heightIn]),
        box('wood', [b - way * railIn, 0], [b, heightIn]),
        line('edge', [a + way * railIn, low], [b - way * railIn, high]),
        dot([a, (heightIn - hingesIn) / 2]),
        dot([a, (heightIn + hingesIn) / 2]),
      ]
    }
    return [
      box('dark', [-6, -8], [0, heightIn + 8]),
      box('dark', [openIn, -8], [openIn + 6, heightIn + 8]),
      ...leaf(hingeGapIn, 1),
      ...(leaves === 2 ? leaf(openIn - hingeGapIn, -1) : []),
      measure([0, -8], [openIn, -8], written(openIn), -12),
      measure([hingeGapIn, heightIn], [hingeGapIn + found.leafIn, heightIn], ['leaf', say('leafIn')], 14),
      measure([openIn + 6, 0], [openIn + 6, heightIn], written(heightIn), -10),
    ]
  },
  liesTitle: 'The brace, long edge to the fence; its low end at the hinge',
  lies: ({ given: { railIn }, found, say, quantity }) => {
    const boardIn = Math.min(railIn, found.braceIn * 0.3)
    const setIn = (deg: number) => Math.min(boardIn * Math.tan(radians(deg)), found.braceIn * 0.45)
    return onSaw({
      longIn: found.braceIn,
      boardIn,
      startIn: setIn(found.braceDeg),
      endIn: setIn(90 - found.braceDeg),
      long: say('braceIn'),
      startWords: `at the stile ${say('braceDeg')}`,
      endWords: `at the rail ${quantity(90 - found.braceDeg, 'deg')}`,
    })
  },
})
