import { girtCut } from '@/core/pocket/girtCut'
import { length, number, optional } from '../fields'
import { onSaw } from '../scene/saw'
import { box, measure } from '../scene/shapes'
import { sheet } from '../sheet'
import { toBuy } from './toBuy'

const GIRT_IN = 5.5

export default sheet({
  figure: girtCut,
  fields: {
    gapIn: length('between the faces', 90.6875),
    playIn: length('play', 0.125),
    stickIn: optional(length('stick to buy', 192)),
    pieces: optional(number('how many', 14)),
  },
  outs: ({ found, say }) => [{ label: 'cut to', text: say('cutIn') }, ...toBuy(found)],
  stands: ({ given: { gapIn }, say, found, length: written }) => {
    const [postIn, highIn] = [Math.max(4.5, gapIn * 0.06), gapIn * 0.34]
    const startIn = (gapIn - found.cutIn) / 2
    return [
      box('dark', [-postIn, 0], [0, highIn]),
      box('dark', [gapIn, 0], [gapIn + postIn, highIn]),
      box('wood', [startIn, highIn * 0.4], [startIn + found.cutIn, highIn * 0.4 + Math.min(GIRT_IN, highIn * 0.3)]),
      measure([0, highIn], [gapIn, highIn], ['gap', written(gapIn)], 10),
      measure([startIn, highIn * 0.4], [startIn + found.cutIn, highIn * 0.4], say('cutIn'), -12),
    ]
  },
  liesTitle: 'On the saw, square both ends',
  lies: ({ found, say }) =>
    onSaw({
      longIn: found.cutIn,
      boardIn: Math.min(GIRT_IN, found.cutIn * 0.3),
      startIn: 0,
      endIn: 0,
      long: say('cutIn'),
    }),
})
