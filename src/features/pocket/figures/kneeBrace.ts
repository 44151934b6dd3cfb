import { kneeBrace } from '@/core/pocket/kneeBrace'
import { length, number, optional } from '../fields'
import { onSaw } from '../scene/saw'
import { area, box, dot, line, measure, text } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'
import { toBuy } from './toBuy'

export default sheet({
  figure: kneeBrace,
  fields: {
    downIn: length('down the post', 36.5),
    outIn: length('out on the beam', 27),
    boardIn: length('width of the board', 5.5),
    sawLimitDeg: number('saw reaches', 50, '°'),
    stickIn: optional(length('stick to buy', 96)),
    pieces: optional(number('how many', 8)),
  },
  outs: ({ found, say }) => [
    { label: 'long edge', text: say('longEdgeIn') },
    { label: 'post end, off square', text: say('cutPostDeg') },
    { label: 'beam end, off square', text: say('cutBeamDeg') },
    { label: 'short edge', text: say('shortEdgeIn') },
    ...toBuy(found),
  ],
  stands: ({ given: { downIn, outIn, boardIn }, say, length: written }) => {
    const longIn = Math.hypot(downIn, outIn)
    const [alongPostIn, alongBeamIn] = [(boardIn * longIn) / outIn, (boardIn * longIn) / downIn]
    const [postIn, beamIn] = [Math.max(5.5, longIn * 0.12), Math.max(7.25, longIn * 0.14)]
    return [
      box('wood', [-postIn, -downIn * 1.12], [0, beamIn]),
      box('pale', [0, 0], [outIn * 1.25, beamIn]),
      area('wood', [0, -downIn], [outIn, 0], [outIn - alongBeamIn, 0], [0, -downIn + alongPostIn]),
      line('edge', [0, -downIn], [outIn, 0]),
      dot([0, -downIn]),
      dot([outIn, 0]),
      measure([0, -downIn], [outIn, 0], say('longEdgeIn'), -6),
      measure([-postIn, -downIn], [-postIn, 0], ['down', written(downIn)], 12),
      measure([0, beamIn], [outIn, beamIn], ['out', written(outIn)], 12),
      text([outIn * 1.25, beamIn / 2], 'beam', { anchor: 'end', offPx: [-8, 5] }),
    ]
  },
  liesTitle: 'On the saw, long edge to the fence',
  lies: ({ given: { boardIn }, found, say }) =>
    onSaw({
      longIn: found.longEdgeIn,
      boardIn,
      startIn: found.setbackPostIn,
      endIn: found.setbackBeamIn,
      long: say('longEdgeIn'),
      start: say('setbackPostIn'),
      end: say('setbackBeamIn'),
      startWords: `post end ${say('cutPostDeg')}`,
      endWords: `beam end ${say('cutBeamDeg')}`,
    }),
  cautions: ({ given, found, say, quantity }): readonly Caution[] => {
    if (!found.overSaw) return []
    const atPost = found.cutPostDeg > given.sawLimitDeg
    const limit = quantity(given.sawLimitDeg, 'deg')
    const reached = {
      atLeast:
        found.sawnOutAtLeastIn === null ? [] : [`Or go ${say('sawnOutAtLeastIn')} out or more: then ${limit} reaches.`],
      atMost:
        found.sawnOutAtMostIn === null ? [] : [`Or go ${say('sawnOutAtMostIn')} out or less: then ${limit} reaches.`],
    }
    return [
      {
        title: `${atPost ? 'The post end' : 'The beam end'} is past your ${limit}`,
        lines: [
          `Mark it ${say(atPost ? 'setbackPostIn' : 'setbackBeamIn')} back along the short edge, clamp the ` +
            'board, and cut it by hand: a board held at such an angle kicks.',
          ...reached.atLeast,
          ...reached.atMost,
        ],
      },
    ]
  },
})
