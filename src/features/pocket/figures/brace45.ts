import { brace45 } from '@/core/pocket/brace45'
import { length } from '../fields'
import { onSaw } from '../scene/saw'
import { area, box, line, measure } from '../scene/shapes'
import { sheet } from '../sheet'

/** The board that is drawn: the figure asks for none. */
const BOARD_IN = 5.5

const LIMIT_WORDS = { post: 'the post', middle: 'the middle of the beam' } as const

export default sheet({
  figure: brace45,
  fields: { downIn: length('room down the post', 30), outLimitIn: length('room to the middle', 40) },
  outs: ({ found, say }) => [
    { label: 'long edge', text: say('longEdgeIn') },
    { label: 'both legs', text: say('legIn') },
    { label: 'limited by', text: LIMIT_WORDS[found.limitedBy] },
  ],
  stands: ({ given, found: { legIn }, say, length: written }) => {
    const [postIn, beamIn, cutIn] = [5.5, 7.25, Math.min(BOARD_IN * Math.SQRT2, legIn * 0.4)]
    return [
      box('wood', [-postIn, -given.downIn], [0, beamIn]),
      box('pale', [0, 0], [given.outLimitIn, beamIn]),
      area('wood', [0, -legIn], [legIn, 0], [legIn - cutIn, 0], [0, -legIn + cutIn]),
      line('edge', [0, -legIn], [legIn, 0]),
      measure([0, -legIn], [legIn, 0], say('longEdgeIn'), -6),
      measure([-postIn, -legIn], [-postIn, 0], say('legIn'), 12),
      measure([0, beamIn], [given.outLimitIn, beamIn], ['room', written(given.outLimitIn)], 12),
      line('ghost', [given.outLimitIn, -given.downIn], [given.outLimitIn, beamIn]),
    ]
  },
  liesTitle: 'On the saw, a board of 5 1/2″ drawn',
  lies: ({ found, say }) => {
    const boardIn = Math.min(BOARD_IN, found.longEdgeIn * 0.4)
    return onSaw({
      longIn: found.longEdgeIn,
      boardIn,
      startIn: boardIn,
      endIn: boardIn,
      long: say('longEdgeIn'),
      startWords: '45°',
      endWords: '45°',
    })
  },
})
