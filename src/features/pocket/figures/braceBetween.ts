import { radians } from '@/core/units'
import { braceBetween } from '@/core/pocket/braceBetween'
import { length } from '../fields'
import { onSaw } from '../scene/saw'
import { area, box, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: braceBetween,
  fields: {
    clearIn: length('level between the faces', 90),
    riseIn: length('rise along one edge', 48),
    boardIn: length('width of the board', 5.5),
  },
  outs: ({ say }) => [
    { label: 'along one edge', text: say('edgeIn') },
    { label: 'tip to tip', text: say('tipToTipIn') },
    { label: 'both cuts off square', text: say('cutDeg') },
  ],
  stands: ({ given: { clearIn, riseIn, boardIn }, found, say, length: written }) => {
    const [postIn, plumbIn] = [Math.max(3, clearIn * 0.06), boardIn / Math.cos(radians(found.angleDeg))]
    const topIn = riseIn + plumbIn + clearIn * 0.08
    const lowIn = -clearIn * 0.08
    return [
      box('dark', [-postIn, lowIn], [0, topIn]),
      box('dark', [clearIn, lowIn], [clearIn + postIn, topIn]),
      area('wood', [0, 0], [clearIn, riseIn], [clearIn, riseIn + plumbIn], [0, plumbIn]),
      line('edge', [0, 0], [clearIn, riseIn]),
      measure([0, 0], [clearIn, riseIn], say('edgeIn'), -5),
      measure([0, lowIn], [clearIn, lowIn], written(clearIn), -10),
      measure([clearIn + postIn, 0], [clearIn + postIn, riseIn], written(riseIn), -10),
    ]
  },
  liesTitle: 'On the saw: both ends lean the same way',
  lies: ({ given: { boardIn }, found, say, length: written }) => {
    const overIn = found.tipToTipIn - found.edgeIn
    return [
      ...onSaw({
        longIn: found.edgeIn,
        boardIn,
        startIn: overIn,
        endIn: -overIn,
        long: say('edgeIn'),
        start: written(overIn),
        startWords: `${say('cutDeg')} off square, both`,
      }),
      text([found.edgeIn, -boardIn], `tip to tip ${say('tipToTipIn')}`, {
        strong: true,
        anchor: 'end',
        offPx: [0, 46],
      }),
    ]
  },
})
